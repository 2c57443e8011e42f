import 'fake-indexeddb/auto'
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, expect, test, vi } from 'vitest'
import { computed, defineComponent, h, ref, shallowRef } from 'vue'
import type { JudgeRallyView } from '@/api/names'
import { openRallyKey, type OpenRally } from '@/shared/openRally'
import { useSheets } from './useSheets'

/** What the server is asked, and what the window says it was told of. The client takes its fetch when it loads. */
const asked = vi.hoisted(() => {
  const all: { path: string; announced: string | null }[] = []
  globalThis.fetch = (request) => {
    const { url, headers } = request as Request
    all.push({ path: new URL(url).pathname, announced: headers.get('announced') })
    const progress = { asOf: 9, edition: 0, rounds: 1, running: 1, route: [] }
    const changes = {
      ground: 'g',
      asOf: 9,
      since: null,
      progress,
      order: [],
      queue: [],
      due: '',
      teams: [],
      sheet: null,
    }
    return Promise.resolve(Response.json(changes))
  }
  return all
})
afterEach(() => asked.splice(0))

/** A pad's page that is opened when the live line has announced so many entries, or of nothing yet. */
async function open(announced: number | undefined) {
  const tick = ref(0)
  const Pad = defineComponent({
    setup() {
      useSheets(() => 'terns')
      return () => h('p')
    },
  })
  const rally = {
    at: {
      desk: shallowRef(),
      walk: shallowRef({ id: 'rally', progress: { edition: 0 } } as JudgeRallyView),
      wall: shallowRef(),
    },
    round: computed(() => 1),
    inRound: (path: string) => ({ path, query: {} }),
    tick,
    announced: ref(announced),
    news: () => tick.value++,
    progressed: () => undefined,
    connected: ref(true),
    instruments: ref([]),
  } satisfies OpenRally
  const page = mount(Pad, { global: { provide: { [openRallyKey as symbol]: rally } } })
  await flushPromises()
  await vi.waitFor(() => expect(asked.length).toBeGreaterThan(0))
  return { page, tick }
}

test('a pad says what the live line announced, also where that came before it was opened', async () => {
  const { page, tick } = await open(5)
  expect(asked[0]).toEqual({ path: '/api/rallies/rally/score', announced: '5' })
  const before = asked.length
  tick.value++
  await vi.waitFor(() => expect(asked.length).toBeGreaterThan(before))
  expect(asked.at(-1)?.announced).toBe('9')
  page.unmount()
})

test('before it was told of anything it asks for the newest', async () => {
  const { page } = await open(undefined)
  expect(asked[0]?.announced).toBeNull()
  page.unmount()
})
