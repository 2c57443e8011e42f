import type { Purpose } from '@/api/names'

/** What trials and comparisons are called. */
export const purposeNames: Record<Purpose, string> = {
  score: 'For score',
  practice: 'Practice',
  control: 'Control',
  benchmark: 'To beat',
  byHand: 'By hand',
}
