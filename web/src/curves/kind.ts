import type { Curve, CurveOf } from '@/api/names'
import type { Shows } from '@/shared/shows'

/** What is scored, as far as the fields of a curve say it: its unit, and its levels where it is read in words. */
export interface Scored {
  unit: string
  levels?: readonly string[]
}

/** What the Brief station needs of one kind of curve. */
export interface CurveKind<K extends Curve['kind']> {
  /** What it is called in the sentence "Points: …". */
  label: string
  fresh: () => CurveOf<K>
  fields: Shows<{ curve: CurveOf<K>; at: string; of: Scored }>
}
