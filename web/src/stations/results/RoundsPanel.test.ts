import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import type { Entry } from '@/api/names'
import RoundsPanel from './RoundsPanel.vue'

const standing = (over: unknown) => ({
  over,
  wayText: '',
  rounds: [1, 2],
  unrevealed: [1, 2],
  rows: [],
})
let kept: unknown
vi.mock('@/api/client', () => ({
  api: { GET: () => undefined },
  ask: () => Promise.resolve({ ok: true, data: standing(kept), etag: '' }),
}))
vi.mock('@/shared/openRally', async () => {
  const { ref } = await import('vue')
  return {
    useRally: () => ({
      rally: ref({ id: 'r', teams: [] }),
      round: ref(2),
      tick: ref(0),
      inRound: (to: string) => to,
    }),
  }
})

/** The panel of two rounds, with what it records. */
async function open(over: unknown) {
  kept = over
  const sent: Entry[] = []
  const panel = mount(RoundsPanel, {
    props: {
      record: (entry: Entry) => {
        sent.push(entry)
        kept = entry.kind === 'overRoundsSet' ? entry.over : kept
        return Promise.resolve({ kind: 'waiting' as const })
      },
    },
    global: { stubs: { RouterLink: true } },
  })
  await flushPromises()
  return { panel, sent }
}

describe('how rounds are combined', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => void vi.useRealTimers())

  test('is recorded once, when the typing rests', async () => {
    const { panel, sent } = await open({ way: 'weights', weights: [], missedIsZero: false })
    const weights = panel.get('input[aria-label="Weights of the rounds"]')
    for (const text of ['1', '1,', '1, 2']) await weights.setValue(text)
    expect(sent).toEqual([])
    await vi.advanceTimersByTimeAsync(800)
    expect(sent.map((e) => e.kind === 'overRoundsSet' && e.over?.weights)).toEqual([[1, 2]])
  })
  test('is nothing recorded where it is what it was', async () => {
    const { panel, sent } = await open({ way: 'sum', weights: [], missedIsZero: false })
    await panel.get('select').setValue('best')
    await panel.get('select').setValue('sum')
    await vi.advanceTimersByTimeAsync(800)
    expect(sent).toEqual([])
  })
  test('says which rounds the wall has to show first', async () => {
    const { panel } = await open({ way: 'sum', weights: [], missedIsZero: false })
    expect(panel.text()).toContain('The wall can show this once round 1 and round 2 have been revealed.')
  })
})
