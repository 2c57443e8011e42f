import { ref, watch } from 'vue'
import type { Combined } from '@/api/names'
import { thisBrowser } from '@/shared/thisBrowser'

/**
 * How the rallies of a brief are combined: what the server understood is kept in this browser, so that a choice that it
 * refuses is gone when the page is opened again.
 */
export function useCombined(brief: () => string) {
  const chosen = ref<Partial<Combined>>({})
  const key = () => `combined:${brief()}`
  watch(brief, () => (chosen.value = JSON.parse(thisBrowser.read(key()) ?? '{}') as Partial<Combined>), {
    immediate: true,
  })
  const choose = (change: Partial<Combined>) => (chosen.value = { ...chosen.value, ...change })
  const keep = (understood: Combined) => brief() && thisBrowser.keep(key(), JSON.stringify(understood))
  return { chosen, choose, keep }
}
