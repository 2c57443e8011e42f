import { addTo, type Answers } from '@/parts/answer'

export const tally: Answers<'tallied'> = {
  tallied: { describe: () => 'a counter', lay: (soFar, entry) => addTo(soFar, entry.counter, entry.count) },
}
