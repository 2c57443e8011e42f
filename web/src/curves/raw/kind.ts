import type { CurveKind } from '@/curves/kind'
import RawFields from './RawFields.vue'

export const raw: CurveKind<'raw'> = {
  label: 'the value itself',
  fresh: () => ({ kind: 'raw' }),
  fields: RawFields,
}
