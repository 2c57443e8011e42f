import { readFileSync } from 'node:fs'
import { describe, expect, test } from 'vitest'
import type { Entry, TeamSheet, Trials } from '@/api/names'
import { withOnItsWay } from './fold'

interface FoldCase {
  called: string
  trials: Trials
  sheet: TeamSheet
  waiting: Entry[]
  then: TeamSheet
}
const cases = JSON.parse(readFileSync('src/stations/score/fold.cases.json', 'utf8')) as FoldCase[]

/** What a device knows by itself; places, points and sentences are the server's. */
const known = (sheet: TeamSheet) => ({
  // What is looked at in every attempt has its answers beside the attempts; how it came out over all is the core's.
  rules: sheet.rules.filter((r) => r.when !== 'everyAttempt').map(({ id, state }) => ({ id, state })),
  settled: sheet.settled,
  ready: sheet.ready,
  once: sheet.once,
  trials: sheet.trials.map(({ entry, attempt, outcome, design, revision, readings, leaves }) => ({
    entry,
    attempt: attempt ?? null,
    outcome,
    design,
    revision,
    readings: readings.map((r) => r.typed),
    leaves,
  })),
  designs: sheet.designs.map(({ name, called, revision, freshBuild, changed, open, asked }) => ({
    name,
    called,
    revision,
    freshBuild,
    changed,
    open,
    asked,
  })),
  cleared: sheet.cleared ?? null,
  late: sheet.late ?? null,
  parts: sheet.parts.map(({ id, answers, sequence, pieces, twice }) => ({
    id,
    twice: twice.map((given) => given.map((a) => a.entries)),
    answers,
    sequence,
    pieces: pieces.map(({ first, second, count }) => ({ first, second, count })),
  })),
  log: sheet.log.map(({ entry, struck, strikes, why }) => ({ entry, struck, strikes, why })),
})

describe('the fold says what the core says', () => {
  test.each(cases)('$called', ({ sheet, waiting, then, trials }) => {
    const asIs = structuredClone(sheet)
    const folded = withOnItsWay(
      sheet,
      waiting.map((entry) => ({ entry })),
      1,
      trials,
    )
    expect(known(folded)).toEqual(known(then))
    expect(sheet).toEqual(asIs)
  })

  test('what the sheet has seen is not added again', () => {
    const { sheet, waiting, trials } = cases[0]!
    const seen = waiting.map((entry) => ({ entry, asOf: sheet.asOf }))
    expect(withOnItsWay(sheet, seen, 1, trials)).toBe(sheet)
  })

  test('another team’s and another round’s entries are not its own', () => {
    const { sheet, waiting, trials } = cases[0]!
    expect(withOnItsWay({ ...sheet, team: 'gulls' }, [{ entry: waiting[0]! }], 1, trials).trials).toEqual(sheet.trials)
    expect(withOnItsWay(sheet, [{ entry: waiting[0]! }], 2, trials)).toBe(sheet)
  })
})
