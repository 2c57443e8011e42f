import type { CurveKind } from '@/curves/kind'
import RawFields from './RawFields.vue'

export const raw: CurveKind<'raw'> = {
  says: 'the value itself',
  fresh: () => ({ kind: 'raw' }),
  fields: RawFields,
}
