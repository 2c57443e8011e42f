import type { Curve, CurveOf } from '@/api/names'
import type { Shows } from '@/shared/shows'

/** What the Brief station needs of one kind of curve. */
export interface CurveKind<K extends Curve['kind']> {
  /** What it is called in the sentence "Points: …". */
  label: string
  fresh: () => CurveOf<K>
  fields: Shows<{ curve: CurveOf<K>; at: string; unit: string }>
}
