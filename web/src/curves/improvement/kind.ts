import type { CurveKind } from '@/curves/kind'
import ImprovementFields from './ImprovementFields.vue'

export const improvement: CurveKind<'improvement'> = {
  label: 'for getting better than last round',
  fresh: () => ({ kind: 'improvement', perPercent: 1 }),
  fields: ImprovementFields,
}
