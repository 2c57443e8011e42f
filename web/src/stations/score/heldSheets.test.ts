import { describe, expect, test } from 'vitest'
import type { JudgeLogLine, SheetChanges, TeamOnStrip, TeamSheet } from '@/api/names'
import { askSince, behind, nothingHeld, withChanges, withSheets } from './heldSheets'

const line = (entry: string): JudgeLogLine => ({
  entry,
  at: '',
  by: '',
  says: entry,
  struck: false,
  why: '',
  mayStrike: true,
  strikes: [],
})
const sheet = (team: string, asOf: number, log: string[] = [], logFrom = 0) =>
  ({ team, asOf, logFrom, log: log.map(line) }) as unknown as TeamSheet
const onStrip = (team: string, touched: number): TeamOnStrip => ({ team, touched, status: 'unfinished', late: false })
const changes = (asOf: number, since: number | null, teams: TeamOnStrip[], open?: TeamSheet): SheetChanges => ({
  ground: 'a',
  asOf,
  since,
  progress: { asOf, edition: 0, rounds: 1, running: 1, route: [], goesOn: 'score' },
  order: ['t1', 't2'],
  queue: [],
  due: 't1',
  teams,
  ...(open ? { sheet: open } : {}),
})
const saysLog = (held: typeof nothingHeld, team: string) => held.sheets.get(team)?.sheet.log.map((l) => l.entry)

describe('what a device holds of a round', () => {
  const first = withChanges(
    nothingHeld,
    changes(3, null, [onStrip('t1', 3), onStrip('t2', 1)], sheet('t1', 3, ['b', 'a'])),
    't1',
  )

  test('it asks with how far it is, with the sheet and without', () => {
    expect(askSince(nothingHeld, 't1')).toEqual({ team: 't1', held: 0 })
    expect(askSince(first, 't1')).toEqual({ since: 3, ground: 'a', team: 't1', held: 3 })
    expect(askSince(first, 't2').held).toBe(0)
  })

  test('new lines go before those that are there, and a whole log takes their place', () => {
    const more = withChanges(first, changes(5, 3, [onStrip('t1', 5)], sheet('t1', 5, ['c'], 3)), 't1')
    expect(saysLog(more, 't1')).toEqual(['c', 'b', 'a'])
    expect(saysLog(withChanges(more, changes(6, 5, [], sheet('t1', 6, ['d', 'a'])), 't1'), 't1')).toEqual(['d', 'a'])
    expect(saysLog(first, 't1')).toEqual(['b', 'a'])
  })

  test('a sheet that has not changed is as it was, and is asked for from here on', () => {
    const quiet = withChanges(first, changes(9, 3, [onStrip('t2', 9)]), 't1')
    expect(saysLog(quiet, 't1')).toEqual(['b', 'a'])
    expect(askSince(quiet, 't1')).toEqual({ since: 9, ground: 'a', team: 't1', held: 9 })
    expect(quiet.teams.get('t1')?.touched).toBe(3)
    expect(quiet.teams.get('t2')?.touched).toBe(9)
  })

  test('a sheet that was not asked for by its team is held as that team’s', () => {
    const due = withChanges(nothingHeld, changes(3, null, [onStrip('t1', 3)], sheet('t1', 3, ['a'])), '')
    expect(due.due).toBe('t1')
    expect(saysLog(due, 't1')).toEqual(['a'])
    expect(askSince(due, 't1').held).toBe(3)
  })

  test('an answer that is all there is takes the place of everything', () => {
    const all = withChanges(first, changes(1, null, [onStrip('t1', 1), onStrip('t2', 0)]), 't2')
    expect(all.sheets.size).toBe(0)
    expect(all.asOf).toBe(1)
  })

  test('the sheets of other teams are behind until they are as new as the strip says', () => {
    expect(behind(first, 't1')).toEqual(['t2'])
    const both = withSheets(first, [sheet('t2', 3)])
    expect(behind(both, 't1')).toEqual([])
    expect(behind(withChanges(both, changes(4, 3, [onStrip('t2', 4)]), 't1'), 't1')).toEqual(['t2'])
    expect(askSince(both, 't2').held).toBe(0)
  })

  test('a sheet that comes late does not take the place of a newer one with its log', () => {
    expect(saysLog(withSheets(first, [sheet('t1', 2)]), 't1')).toEqual(['b', 'a'])
  })

  test('where nothing was ever recorded a sheet is behind until it is there', () => {
    const none = withChanges(nothingHeld, changes(0, null, [onStrip('t1', 0), onStrip('t2', 0)]), '')
    expect(behind(none, '')).toEqual(['t1', 't2'])
    const all = withSheets(none, [sheet('t1', 0), sheet('t2', 0)])
    expect(behind(all, '')).toEqual([])
    expect(askSince(all, '').since).toBe(0)
    // The first entry of all takes nothing from the page.
    expect(withChanges(all, changes(1, 0, [onStrip('t1', 1)]), '').sheets.size).toBe(2)
  })
})
