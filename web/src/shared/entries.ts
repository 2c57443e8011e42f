import { v7 } from 'uuid'
import type { Entry, KitAmount, Purpose, Reading, TrialOutcome } from '@/api/names'

/**
 * What every entry begins with: an id of this device's own and the time here. The server adds who wrote it, and when by
 * its own clock.
 */
const begin = (team: string, round: number) => ({ id: v7(), at: new Date().toISOString(), by: '', team, round })

/** A reading as it was typed or taken. */
export const reading = (measure: string, typed: string, fields: Partial<Reading> = {}): Reading => ({
  measure,
  typed,
  bound: 'exact',
  sure: false,
  instrument: '',
  ...fields,
})

/** How a rule came out; with an attempt where it is looked at in each. */
export const ruleChecked = (
  team: string,
  round: number,
  rule: string,
  met: boolean,
  of?: { attempt: number; design: string },
): Entry => ({
  kind: 'ruleChecked',
  ...begin(team, round),
  rule,
  met,
  design: '',
  ...of,
})

/** What a trial says beside its team and round; what is left out is as usual. */
export interface TrialSays {
  outcome: TrialOutcome
  attempt?: number | null
  readings?: Reading[]
  /** Measures that another judge reads of the same attempt. */
  leaves?: string[]
  reason?: string
  purpose?: Purpose
  design?: string
  revision?: number
  again?: boolean
}

export const trialRecorded = (team: string, round: number, fields: TrialSays): Entry => ({
  kind: 'trialRecorded',
  ...begin(team, round),
  design: fields.design ?? '',
  revision: fields.revision ?? 1,
  // A void trial is none of the numbered attempts, nor is one that is not scored.
  attempt: fields.outcome === 'void' || (fields.purpose ?? 'score') !== 'score' ? null : (fields.attempt ?? null),
  again: fields.again ?? false,
  purpose: fields.purpose ?? 'score',
  outcome: fields.outcome,
  reason: fields.reason ?? '',
  readings: fields.readings ?? [],
  leaves: fields.leaves ?? [],
})

/** Something of a design: what was changed on it, how it is described, or that it is the one that the team names. */
export const designNoted = (
  team: string,
  round: number,
  design: { name: string; revision: number },
  fields: {
    changed?: string
    also?: string
    labels?: Readonly<Record<string, string>>
    called?: string
    named?: boolean
  } = {},
): Entry => ({
  kind: 'designNoted',
  ...begin(team, round),
  design: design.name,
  revision: design.revision,
  changed: fields.changed ?? '',
  also: fields.also,
  called: fields.called ?? '',
  named: fields.named ?? false,
  labels: fields.labels ?? {},
})

export const measureRead = (team: string, round: number, reading: Reading): Entry => ({
  kind: 'measureRead',
  ...begin(team, round),
  design: '',
  reading,
})

/**
 * Why something is crossed out that is no step of its own: an undo, and what comes with another entry. No undo takes it
 * back.
 */
export const partOfAnother = {
  undone: 'undone',
  lookedAt: 'decided',
  again: 'a second reading',
  next: 'another attempt',
} as const

export const struckOut = (team: string, round: number, entry: string, reason: string): Entry => ({
  kind: 'struckOut',
  ...begin(team, round),
  entry,
  reason,
})

export const kitCounted = (
  team: string,
  round: number,
  way: 'out' | 'back',
  amounts: KitAmount[],
  signedBy: string,
): Entry => ({
  kind: 'kitCounted',
  ...begin(team, round),
  way,
  amounts,
  signedBy,
})

type Own = 'id' | 'at' | 'by' | 'team' | 'round'
type Written<E> = E extends Entry ? Omit<E, Own> : never
type WithoutDesign<E> = E extends { design: string } ? Omit<E, 'design'> & { design?: string } : E

/** Any other entry: what it says, with what every entry begins with. Naming no design, it is about all of a team's. */
export const written = (team: string, round: number, fields: WithoutDesign<Written<Entry>>): Entry =>
  ({ ...begin(team, round), ...('part' in fields ? { design: '' } : {}), ...fields }) as Entry
