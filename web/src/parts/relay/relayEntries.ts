import type { JudgeRelay } from '@/api/names'
import { written } from '@/shared/entries'

/** What a judge records of a team's relay beside the legs. */
export const relayEntries = (part: JudgeRelay, team: string, round: number) => ({
  fault: (fault: string) => written(team, round, { kind: 'relayFaulted', part: part.id, fault, count: 1, leg: null }),
  carried: (count: number) => written(team, round, { kind: 'itemsCarried', part: part.id, count }),
  gaveUp: () => written(team, round, { kind: 'relayStopped', part: part.id, reason: 'gave up' }),
})
