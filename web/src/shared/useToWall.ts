import { ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { ClockTouch, Refusal } from '@/api/names'
import { useRally } from './openRally'

/** Chooses what the wall shows, from a page that has no remote; says what hangs there since, or why it does not. */
export function useToWall() {
  const { rally, round } = useRally()
  const shown = ref('')
  const refusal = ref<Refusal>()
  async function show(what: string, body: Partial<ClockTouch> & Pick<ClockTouch, 'shows'>) {
    const answer = await ask(
      api.POST('/api/rallies/{id}/clock', {
        params: { path: { id: rally.value?.id ?? '' }, query: { round: round.value } },
        body: { does: 'show', phase: '', minutes: 0, number: 0, teams: [], of: '', ...body },
      }),
    )
    refusal.value = refusalOf(answer, 'Try again when the connection is back.')
    if (answer.ok) shown.value = what
  }
  return { shown, refusal, show }
}
