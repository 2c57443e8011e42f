import type { WritingKind } from '@/parts/kind'
import RelayStrip from './RelayStrip.vue'

export const relay: WritingKind<'relay'> = {
  label: 'A relay',
  fresh: () => ({
    kind: 'relay',
    legs: ['first leg', 'second leg'],
    faults: [],
    step: 0.1,
    pointsPerItem: 0,
    curve: { kind: 'place', points: [10, 8, 6, 4], ties: 'betterPlace' },
  }),
  strip: RelayStrip,
}
