import type { CurveKind } from '@/curves/kind'
import FullStepsFields from './FullStepsFields.vue'

export const fullSteps: CurveKind<'fullSteps'> = {
  label: 'for each full step',
  fresh: () => ({ kind: 'fullSteps', from: 0, each: 5, points: 1, down: false }),
  fields: FullStepsFields,
}
