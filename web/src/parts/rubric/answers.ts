import { set, type Answers } from '@/parts/answer'

export const rubric: Answers<'levelGiven'> = {
  levelGiven: {
    says: () => 'a level',
    lay: (soFar, entry, team) => {
      const others = entry.from !== '' && entry.from !== team
      set(soFar, others ? `${entry.from}|${entry.criterion}` : entry.criterion, entry.level)
    },
  },
}
