import type { CurveKind } from '@/curves/kind'
import BandsFields from './BandsFields.vue'

export const bands: CurveKind<'bands'> = {
  label: 'by bands',
  fresh: () => ({ kind: 'bands', edges: [{ from: 0, points: 0 }], below: 0 }),
  fields: BandsFields,
}
