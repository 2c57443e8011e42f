import type { JudgeAnswers } from '@/api/names'
import { addTo, type Answers } from '@/parts/answer'

/**
 * What is left to spend, and what is worked out from it, is the server's to say: it stands again when the server has
 * seen the entry. Its lines keep their place, so that nothing moves under the finger meanwhile.
 */
function trade(soFar: JudgeAnswers, item: string, count: number) {
  addTo(soFar, item, count)
  soFar.left = ''
  soFar.points = ''
  soFar.working = soFar.working?.map(() => '…')
}

export const budget: Answers<'purchased' | 'returned'> = {
  purchased: { describe: () => 'a purchase', lay: (soFar, entry) => trade(soFar, entry.item, entry.count) },
  returned: { describe: () => 'something given back', lay: (soFar, entry) => trade(soFar, entry.item, -entry.count) },
}
