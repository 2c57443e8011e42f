import type { CurveKind } from '@/curves/kind'
import BetweenFields from './BetweenFields.vue'

export const between: CurveKind<'between'> = {
  label: 'in proportion between two values',
  fresh: () => ({ kind: 'between', from: 0, to: 10, points: 10 }),
  fields: BetweenFields,
}
