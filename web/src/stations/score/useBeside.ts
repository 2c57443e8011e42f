import { ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import { useJudgeRally } from '@/shared/openRally'
import { useKept } from '@/shared/useKept'
import { useSheets } from './useSheets'

/**
 * The rallies that are run with the one around the page: their teams stand in the same line. All of it is kept on this
 * device, so that a judge goes on with any of them without a connection.
 */
export function useBeside() {
  const { rally: own, round, tick, news, connected } = useJudgeRally()
  return (own.value?.beside ?? []).map(({ id }) => {
    const walk = useKept(
      'rallies',
      () => `${id}:${round.value}`,
      () => ask(api.GET('/api/rallies/{id}/walk', { params: { path: { id }, query: { round: round.value } } })),
    )
    // Where the page's own rally was asked for again, the brief or the teams have changed.
    watch([round, () => own.value?.beside], () => void walk.load(), { immediate: true })
    /** The live line speaks of the page's own rally: what the others' logs have is asked for as it is now. */
    const announced = ref(undefined)
    const of = { id, rally: walk.data, round, tick, announced, news, connected }
    const sheets = useSheets(() => '', { ...of, progressed: () => undefined })
    return { id, rally: walk.data, ...sheets }
  })
}
