import type { WritingKind } from '@/parts/kind'
import BinsStrip from './BinsStrip.vue'

export const bins: WritingKind<'bins'> = {
  label: 'Sorting into bins',
  fresh: () => ({
    kind: 'bins',
    names: ['one', 'other'],
    items: [],
    right: 1,
    wrong: 0,
    unsorted: 0,
    allRightBonus: 0,
  }),
  strip: BinsStrip,
}
