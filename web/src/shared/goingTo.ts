import { shallowRef } from 'vue'
import type { RouteLocationNormalized } from 'vue-router'

/** Where the link leads that was followed last, until its page stands: who may see it is asked first. */
export const goingTo = shallowRef<RouteLocationNormalized>()
