import type { Answers } from '@/parts/answer'

export const ordering: Answers<'orderGiven'> = {
  orderGiven: { describe: () => 'an order', lay: (soFar, entry) => void (soFar.sequence = entry.sequence) },
}
