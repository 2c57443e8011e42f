import type { WritingKind } from '@/parts/kind'
import PiecesStrip from './PiecesStrip.vue'

export const pieces: WritingKind<'pieces'> = {
  label: 'Pieces counted',
  fresh: () => ({
    kind: 'pieces',
    first: { name: 'size', values: [{ name: 'small', points: 1 }] },
    second: { name: 'colour', values: [] },
    each: 'first',
    unit: 'cm',
    step: 1,
  }),
  strip: PiecesStrip,
}
