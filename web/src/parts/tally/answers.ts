import { addTo, type Answers } from '@/parts/answer'

export const tally: Answers<'tallied'> = {
  tallied: { says: () => 'a counter', lay: (soFar, entry) => addTo(soFar, entry.counter, entry.count) },
}
