import type { Answers } from '@/parts/answer'

export const bins: Answers<'itemsSorted'> = {
  itemsSorted: {
    describe: () => 'a sorted answer',
    lay: (soFar, entry) => {
      soFar.answers = { ...entry.placed, ...(entry.time ? { time: entry.time.typed } : {}) }
    },
  },
}
