import type { JudgeAnswers, Brief, Part, PartOf, JudgePart, JudgePartOf, TeamSheet } from '@/api/names'
import type { Shows } from '@/shared/shows'

type Kind = Part['kind']
/** What parts of every kind have. */
type Common = 'id' | 'name' | 'weight' | 'noValue' | 'off'

/** What the Brief station needs of one kind of part. */
export interface WritingKind<K extends Kind> {
  /** What it is called where a part is added. */
  label: string
  /** One with nothing in it but what it cannot be without. */
  fresh: (brief: Brief) => Omit<PartOf<K>, Common>
  strip: Shows<{ part: PartOf<K> }>
}

/** The pad of one kind at the Score station. What is measured has no pad of its own: its attempts are the page. */
export type Pad<K extends JudgePart['kind']> = Shows<{ part: JudgePartOf<K>; soFar: JudgeAnswers }>

/** All teams' answers to one part on one page. */
export type Grid<K extends JudgePart['kind']> = Shows<{ part: JudgePartOf<K>; sheets: readonly TeamSheet[] }>
