import { reactive, watch } from 'vue'
import type { Combined } from '@/api/names'
import { thisBrowser } from '@/shared/thisBrowser'
import { usualCombined } from '@/shared/usualCombined'

/** How the rallies of a brief are combined: the choice is kept in this browser, and can be changed at any time. */
export function useCombined(brief: () => string) {
  const chosen = reactive<Combined>(usualCombined())
  const key = () => `combined:${brief()}`
  watch(
    brief,
    () => Object.assign(chosen, usualCombined(), JSON.parse(thisBrowser.read(key()) ?? '{}') as Partial<Combined>),
    {
      immediate: true,
    },
  )
  watch(chosen, (now) => brief() && thisBrowser.keep(key(), JSON.stringify(now)))
  return chosen
}
