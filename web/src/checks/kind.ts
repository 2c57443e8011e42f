import type { Brief, RuleCheck, RuleCheckOf } from '@/api/names'
import type { Shows } from '@/shared/shows'

/** What the Brief station needs of one way of checking a rule. */
export interface CheckKind<K extends RuleCheck['kind']> {
  /** What it is called in the sentence "Checked by …". */
  label: string
  fresh: (brief: Brief) => RuleCheckOf<K>
  /** Whether the brief has what it looks at. */
  offered: (brief: Brief) => boolean
  fields: Shows<{ check: RuleCheckOf<K>; at: string }>
}

/** The id of the first part of a kind. */
export const partOfKind = (brief: Brief, kind: Brief['method']['parts'][number]['kind']) =>
  brief.method.parts.find((p) => p.kind === kind)?.id
