import { ref } from 'vue'
import { api, ask } from '@/api/client'
import type { Entry } from '@/api/names'
import { written } from '@/shared/entries'
import { useRally } from '@/shared/openRally'
import type { Sent } from '@/shared/useOutbox'

/** A student who is about to come into a team, and what the class's preferences say to it. */
export interface Coming {
  student: string
  name: string
  team: string
  warnings: readonly string[]
}

/**
 * Puts students into teams. Where a preference of the class is not kept by it, that is said first, and the teacher
 * decides.
 */
export function usePlacing(record: (entry: Entry) => Promise<Sent>) {
  const { rally, round } = useRally()
  const coming = ref<Coming>()
  async function place(student: string, name: string, team: string) {
    const id = rally.value?.id ?? ''
    const answer = team
      ? await ask(
          api.GET('/api/rallies/{id}/placing/{student}', {
            params: { path: { id, student }, query: { team, round: round.value } },
          }),
        )
      : undefined
    // Preferences that cannot be looked at may be against it: that is the teacher's to decide too.
    const warnings = !answer ? [] : answer.ok ? answer.data : ['The class’s preferences could not be checked.']
    if (warnings.length > 0) coming.value = { student, name, team, warnings }
    else await done(student, team)
  }
  async function done(student: string, team: string) {
    coming.value = undefined
    await record(written(team, round.value, { kind: 'pupilPlaced', pupil: student, jobs: [] }))
  }
  const allTheSame = () => coming.value && done(coming.value.student, coming.value.team)
  const leaveIt = () => (coming.value = undefined)
  return { coming, place, allTheSame, leaveIt }
}
