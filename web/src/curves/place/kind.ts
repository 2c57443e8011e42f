import type { CurveKind } from '@/curves/kind'
import PlaceFields from './PlaceFields.vue'

export const place: CurveKind<'place'> = {
  label: 'by place',
  fresh: () => ({ kind: 'place', points: [10, 8, 6, 4], ties: 'betterPlace' }),
  fields: PlaceFields,
}
