import { ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { ClockTouch, Refusal } from '@/api/names'

/**
 * Chooses what a rally's wall shows, from a page that has no remote; says what hangs there since, or why it does not.
 * @param rally The rally whose wall it is.
 * @param round Its round.
 */
export function useToWall(rally: () => string, round: () => number) {
  const shown = ref('')
  const refusal = ref<Refusal>()
  async function show(what: string, body: Partial<ClockTouch> & Pick<ClockTouch, 'shows'>) {
    const answer = await ask(
      api.POST('/api/rallies/{id}/clock', {
        params: { path: { id: rally() }, query: { round: round() } },
        body: { does: 'show', phase: '', minutes: 0, number: 0, teams: [], of: '', ...body },
      }),
    )
    refusal.value = refusalOf(answer, 'Try again when the connection is back.')
    if (answer.ok) shown.value = what
    return answer.ok
  }
  return { shown, refusal, show }
}
