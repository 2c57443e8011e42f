import { addTo, type Answers } from '@/parts/answer'

export const budget: Answers<'purchased' | 'returned'> = {
  purchased: { says: () => 'a purchase', lay: (soFar, entry) => addTo(soFar, entry.item, entry.count) },
  returned: { says: () => 'something given back', lay: (soFar, entry) => addTo(soFar, entry.item, -entry.count) },
}
