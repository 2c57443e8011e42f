import type { CurveKind } from '@/curves/kind'
import RateFields from './RateFields.vue'

export const rate: CurveKind<'rate'> = {
  label: 'points for each unit',
  fresh: () => ({ kind: 'rate', perUnit: 1, start: 0 }),
  fields: RateFields,
}
