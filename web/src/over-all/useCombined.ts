import { reactive, watch } from 'vue'
import type { Combined } from '@/api/names'
import { thisBrowser } from '@/shared/thisBrowser'

/** How the rallies of a brief are combined: the choice is kept in this browser, and can be changed at any time. */
export function useCombined(brief: () => string) {
  const usual = (): Combined => ({
    rallies: [],
    figure: '',
    by: 'value',
    lists: 'one',
    anyway: false,
    placePoints: [10, 8, 6, 5, 4, 3, 2, 1],
  })
  const chosen = reactive<Combined>(usual())
  const key = () => `combined:${brief()}`
  watch(brief, () => Object.assign(chosen, usual(), JSON.parse(thisBrowser.read(key()) ?? '{}') as Partial<Combined>), {
    immediate: true,
  })
  watch(chosen, (now) => brief() && thisBrowser.keep(key(), JSON.stringify(now)))
  return chosen
}
