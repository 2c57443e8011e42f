import { computed, watch } from 'vue'
import { api, ask } from '@/api/client'
import { useRallyOnWalk } from '@/shared/openRally'
import { useKept } from '@/shared/useKept'
import { useOutbox } from '@/shared/useOutbox'
import { withOnItsWay } from './fold'

/** The sheets of all teams, each with what this device has recorded on it and the sheet has not seen yet. */
export function useSheets(teamWithLog: () => string) {
  const { rally, round, tick, news } = useRallyOnWalk()
  const id = rally.value?.id ?? ''
  const known = useKept(
    'sheets',
    () => `${id}:${round.value}`,
    () =>
      ask(
        api.GET('/api/rallies/{id}/score', {
          params: { path: { id }, query: { round: round.value, team: teamWithLog() } },
        }),
      ),
  )
  watch([teamWithLog, round, tick], () => void known.load(), { immediate: true })
  const outbox = useOutbox(id, news)
  const sheets = computed(() =>
    known.data.value?.map((s) => withOnItsWay(s, outbox.onItsWay.value, round.value, rally.value!.brief.trials)),
  )
  return { sheets, state: known.state, refusal: known.refusal, asOf: known.asOf, load: known.load, outbox }
}
