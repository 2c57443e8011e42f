import type { CurveKind } from '@/curves/kind'
import ShareOfBestFields from './ShareOfBestFields.vue'

export const shareOfBest: CurveKind<'shareOfBest'> = {
  label: 'as a share of the best team',
  fresh: () => ({ kind: 'shareOfBest', points: 50 }),
  fields: ShareOfBestFields,
}
