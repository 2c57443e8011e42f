import { mount, flushPromises } from '@vue/test-utils'
import { computed, defineComponent, h, ref } from 'vue'
import { createMemoryHistory, createRouter, RouterView } from 'vue-router'
import { expect, it } from 'vitest'
import { followLinks } from '@/shared/goingTo'
import { useTeamInAddress } from './useTeamInAddress'

/** A pad that has not heard yet who is due, and a guard that waits for the server's answer. */
async function arrive(place: string) {
  const due = ref('')
  let answer = () => {}
  const Pad = defineComponent({
    props: { rally: { type: String, default: '' }, team: { type: String, default: '' } },
    setup(props) {
      const shown = computed(() => props.team || due.value)
      useTeamInAddress(
        shown,
        () => props.team,
        (team) => `/rallies/${props.rally}/score/${team}`,
      )
      return () => h('p')
    },
  })
  const history = createMemoryHistory()
  history.replace(place)
  const router = createRouter({
    history,
    routes: [
      { path: '/rallies/:rally/score/:team?', component: Pad, props: true, meta: { station: 'score' } },
      { path: '/days', component: { render: () => h('p') } },
    ],
  })
  followLinks(router)
  router.beforeEach((to) => (to.path.endsWith('t1') ? true : new Promise((go) => (answer = () => go(true)))))
  mount({ render: () => h(RouterView) }, { global: { plugins: [router] } })
  const answered = () => (answer(), flushPromises())
  await flushPromises()
  await answered()
  return { router, due, answered }
}

it('puts the team that is due into the address', async () => {
  const { router, due } = await arrive('/rallies/north/score')
  due.value = 't1'
  await flushPromises()
  expect(router.currentRoute.value.fullPath).toBe('/rallies/north/score/t1')
})

it.each(['/rallies/south/score', '/days'])('holds nobody back who is on the way to %s', async (place) => {
  const { router, due, answered } = await arrive('/rallies/north/score')
  void router.push(place)
  await flushPromises()
  due.value = 't1'
  await flushPromises()
  await answered()
  expect(router.currentRoute.value.fullPath).toBe(place)
})
