import type { Answers } from '@/parts/answer'

export const bins: Answers<'itemsSorted'> = {
  itemsSorted: {
    says: () => 'a sorted answer',
    lay: (soFar, entry) => {
      soFar.answers = { ...entry.placed, ...(entry.time ? { time: entry.time.typed } : {}) }
    },
  },
}
