import type { EntryOf } from '@/api/names'
import { set, type Answers } from '@/parts/answer'

/** Whose word a level is: a judge's by name, another team's by its id, the team's own without. */
const voice = ({ from, by }: EntryOf<'levelGiven'>, team: string) =>
  from === '' ? `by:${by}` : from === team ? '' : from

export const rubric: Answers<'levelGiven'> = {
  levelGiven: {
    describe: () => 'a level',
    lay: (soFar, entry, team) => set(soFar, `${voice(entry, team)}|${entry.criterion}`, entry.level),
  },
}
