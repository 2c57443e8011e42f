import type { CurveKind } from '@/curves/kind'
import TargetFields from './TargetFields.vue'

export const target: CurveKind<'target'> = {
  label: 'by closeness to a target',
  fresh: () => ({ kind: 'target', at: 10, points: 20, perUnit: 1 }),
  fields: TargetFields,
}
