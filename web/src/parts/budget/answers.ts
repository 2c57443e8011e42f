import type { AnswersOnWalk } from '@/api/names'
import { addTo, type Answers } from '@/parts/answer'

/** What is left to spend is the server's to say: it stands again when the server has seen the entry. */
function trade(soFar: AnswersOnWalk, item: string, count: number) {
  addTo(soFar, item, count)
  soFar.left = ''
}

export const budget: Answers<'purchased' | 'returned'> = {
  purchased: { says: () => 'a purchase', lay: (soFar, entry) => trade(soFar, entry.item, entry.count) },
  returned: { says: () => 'something given back', lay: (soFar, entry) => trade(soFar, entry.item, -entry.count) },
}
