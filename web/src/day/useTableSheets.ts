import { useIntervalFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import { useKept } from '@/shared/useKept'
import { useSheets } from '@/stations/score/useSheets'

/** How often what a table needs is brought up to date. */
const often = 5_000

/**
 * Everything that a helper needs to record at a table, on this device as soon as the table is chosen: the rally and the
 * sheet of every team. A phone that leaves the network goes on.
 * @param at The rally and the round that runs in it; undefined until the day is known.
 */
export function useTableSheets(rally: string, at: () => number | undefined) {
  const round = computed(() => at() ?? 1)
  const walk = useKept(
    'rallies',
    () => `${rally}:${round.value}`,
    () => ask(api.GET('/api/rallies/{id}/walk', { params: { path: { id: rally }, query: { round: round.value } } })),
  )
  watch(at, (known) => known && void walk.load(), { immediate: true })
  const tick = ref(0)
  useIntervalFn(() => tick.value++, often)
  return useSheets(() => '', {
    id: rally,
    rally: walk.data,
    round,
    tick,
    announced: ref(undefined),
    news: () => tick.value++,
    progressed: () => undefined,
    connected: ref(true),
  })
}
