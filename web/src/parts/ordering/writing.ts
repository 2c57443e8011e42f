import type { WritingKind } from '@/parts/kind'
import OrderingStrip from './OrderingStrip.vue'

export const ordering: WritingKind<'ordering'> = {
  label: 'Sorting into an order',
  fresh: () => ({ kind: 'ordering', items: [], first: '', last: '', perPair: 1, perPlace: 0 }),
  strip: OrderingStrip,
}
