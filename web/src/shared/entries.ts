import { v7 } from 'uuid'
import type { Entry, KitAmount, Reading, TrialOutcome } from '../api/names'

/** What every entry begins with: an id of this device's own, the time and who. */
const begin = (team: string, round: number) => ({ id: v7(), at: new Date().toISOString(), by: 'Teacher', team, round })

export const ruleChecked = (team: string, round: number, rule: string, met: boolean): Entry => ({
  kind: 'ruleChecked',
  ...begin(team, round),
  rule,
  met,
  design: '',
})

export const trialRecorded = (
  team: string,
  round: number,
  attempt: number,
  outcome: TrialOutcome,
  readings: Reading[],
  reason = '',
): Entry => ({
  kind: 'trialRecorded',
  ...begin(team, round),
  design: '',
  revision: 1,
  // A void trial is none of the numbered attempts.
  attempt: outcome === 'void' ? null : attempt,
  purpose: 'score',
  outcome,
  reason,
  readings,
})

export const measureRead = (team: string, round: number, reading: Reading): Entry => ({
  kind: 'measureRead',
  ...begin(team, round),
  design: '',
  reading,
})

export const struckOut = (team: string, round: number, entry: string, reason: string): Entry => ({
  kind: 'struckOut',
  ...begin(team, round),
  entry,
  reason,
})

export const kitCounted = (team: string, way: 'out' | 'back', amounts: KitAmount[], signedBy: string): Entry => ({
  kind: 'kitCounted',
  ...begin(team, 1),
  way,
  amounts,
  signedBy,
})

type Own = 'id' | 'at' | 'by' | 'team' | 'round'
type Written<E> = E extends Entry ? Omit<E, Own> : never

/** Any other entry: what it says, with what every entry begins with. */
export const written = (team: string, round: number, says: Written<Entry>): Entry => ({
  ...begin(team, round),
  ...says,
})
