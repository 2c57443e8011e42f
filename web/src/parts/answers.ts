import type { JudgeAnswers, Entry } from '@/api/names'
import type { AllAnswers, Answer } from './answer'
import { bins } from './bins/answers'
import { budget } from './budget/answers'
import { ordering } from './ordering/answers'
import { pieces } from './pieces/answers'
import { relay } from './relay/answers'
import { rubric } from './rubric/answers'
import { tally } from './tally/answers'
import { tasks } from './tasks/answers'

/** Every kind of entry that answers a part. */
const answers = {
  ...tasks,
  ...relay,
  ...bins,
  ...ordering,
  ...pieces,
  ...rubric,
  ...budget,
  ...tally,
} satisfies AllAnswers

type AnswerEntry = Extract<Entry, { kind: keyof AllAnswers }>
export const isAnswer = (entry: Entry): entry is AnswerEntry => entry.kind in answers

/** The registry holds for each kind what takes just that kind; the compiler cannot see that the two go together. */
const of = (entry: AnswerEntry) => answers[entry.kind] as Answer<AnswerEntry['kind']>
export const describeAnswer = (entry: AnswerEntry) => of(entry).describe(entry)
export const layAnswer = (soFar: JudgeAnswers, entry: AnswerEntry, team: string) => of(entry).lay(soFar, entry, team)
