import { shallowRef } from 'vue'
import type { RouteLocationNormalized, Router } from 'vue-router'

/** Where the link leads that was followed last, until its page stands: who may see it is asked first. */
export const goingTo = shallowRef<RouteLocationNormalized>()

/** Keeps `goingTo`; before any guard that waits, so that it is known from the press on. */
export function followLinks(router: Router) {
  router.beforeEach((to) => void (goingTo.value = to))
  router.onError(() => (goingTo.value = undefined))
  router.afterEach((to) => {
    // A way that was given up for another one ends here too; the other one is still being followed.
    if (goingTo.value === to) goingTo.value = undefined
  })
}
