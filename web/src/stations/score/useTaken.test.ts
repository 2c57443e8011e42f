import { beforeEach, expect, test } from 'vitest'
import type { TeamSheet } from '@/api/names'
import { written } from '@/shared/entries'
import { dropOldTaken, keepTaken } from '@/shared/takenHere'
import { useTaken } from './useTaken'

const note = (team: string, text: string) => written(team, 1, { kind: 'noteMade', text })
const sheet = (team: string, asOf: number) => ({ team, asOf }) as TeamSheet
const left = () => useTaken('rally').earlier.value.map((o) => o.entry.team)

beforeEach(() => localStorage.clear())

test('what was taken is there for the next page, until a sheet that has it is kept', () => {
  const page = useTaken('rally')
  keepTaken('rally', [{ entry: note('terns', 'held its breath'), asOf: 7 }])
  expect(left()).toEqual(['terns'])
  page.seen([sheet('terns', 6), sheet('whelks', 9)], 1)
  page.seen([sheet('terns', 9)], 2)
  expect(left()).toEqual(['terns'])
  page.seen([sheet('terns', 7)], 1)
  expect(left()).toEqual([])
})

test('what is a day old is let go of, since not every rally’s sheets are opened here', () => {
  const old = { ...note('terns', 'sank'), at: '2026-11-01T10:00:00Z' }
  keepTaken('rally', [
    { entry: old, asOf: 7 },
    { entry: note('whelks', 'swam'), asOf: 8 },
  ])
  dropOldTaken()
  expect(left()).toEqual(['whelks'])
})

test('the next page lets go of a team’s entries with its first sheet, whatever a restored backup counts', () => {
  keepTaken('rally', [
    { entry: note('terns', 'sank'), asOf: 7 },
    { entry: note('whelks', 'swam'), asOf: 8 },
    { entry: note('', 'of the class'), asOf: 9 },
  ])
  const next = useTaken('rally')
  expect(next.earlier.value.map((o) => o.entry.team)).toEqual(['terns', 'whelks'])
  next.seen([sheet('terns', 2)], 1)
  expect(next.earlier.value.map((o) => o.entry.team)).toEqual(['whelks'])
  expect(left()).toEqual(['whelks'])
})
