import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { defineComponent } from 'vue'
import type { Entry, JudgeRelay } from '@/api/names'
import { useRelayWatch } from './useRelayWatch'

const part: JudgeRelay = {
  kind: 'relay',
  id: 'run',
  name: 'Run',
  legs: ['out', 'over', 'back'],
  faults: [],
  step: 0.1,
  carries: false,
}

beforeEach(() => {
  localStorage.clear()
  vi.useFakeTimers({ now: 0 })
})
afterEach(() => void vi.useRealTimers())

/** By hand: 10.04, 20.08 and 30.12 s are shown as 10.0, 20.1 and 30.1, where legs of 10.04 s would add up to 30.0. */
test('legs add up to what the clock shows', async () => {
  const sent: Entry[] = []
  let watch!: ReturnType<typeof useRelayWatch>
  mount(
    defineComponent({
      setup() {
        watch = useRelayWatch({ rally: 'r', part, team: 'terns', round: 1 }, (entry) =>
          Promise.resolve(sent.push(entry)),
        )
        return () => null
      },
    }),
  )
  watch.start(0)
  for (const at of [10_040, 20_080, 30_120]) {
    vi.setSystemTime(at)
    await watch.split()
  }
  expect(sent.map((e) => e.kind === 'legTimed' && e.time.typed)).toEqual(['10.0 s', '10.1 s', '10.0 s'])
  expect(watch.total.value.toFixed(1)).toBe('30.1')
})
