import type { Combined } from '@/api/names'

/** How several rallies are combined as long as nobody chooses otherwise. */
export const usualCombined = (): Combined => ({
  rallies: [],
  figure: '',
  by: 'value',
  lists: 'one',
  anyway: false,
  placePoints: [10, 8, 6, 5, 4, 3, 2, 1],
})
