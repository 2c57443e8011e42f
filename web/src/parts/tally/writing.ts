import type { WritingKind } from '@/parts/kind'
import TallyStrip from './TallyStrip.vue'

export const tally: WritingKind<'tally'> = {
  label: 'A tally',
  fresh: () => ({ kind: 'tally', counters: [{ id: 'counter1', name: '', points: 1, hurts: false }] }),
  strip: TallyStrip,
}
