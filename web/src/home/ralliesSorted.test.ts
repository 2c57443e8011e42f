import { expect, test } from 'vitest'
import type { PlanStop, RallyOnShelf } from '@/api/names'
import { comingUp, recently } from './ralliesSorted'

const rally = (id: string, date: string | null, more: Partial<RallyOnShelf> = {}): RallyOnShelf => ({
  id,
  name: id,
  date,
  briefTitle: 'A cairn',
  briefId: null,
  teams: 4,
  entries: 0,
  archived: false,
  ...more,
})
const plan = (id: string, from: string): PlanStop => ({
  id,
  title: 'A cairn',
  from,
  along: 0.5,
  thisYear: true,
  plan: { brief: 'b', date: from, wholeWeek: false, for: '' },
  day: from,
})
const rallies = [
  rally('far', '2026-12-20'),
  rally('today', '2026-11-29'),
  rally('near', '2026-12-01'),
  rally('undated', null),
  rally('undated, begun', null, { entries: 3 }),
  rally('long ago', '2026-09-01', { entries: 9 }),
  rally('yesterday', '2026-11-28'),
  rally('archived', '2026-11-20', { archived: true }),
  rally('archived, to come', '2026-12-20', { archived: true }),
]
const year = { today: '2026-11-29', next: undefined }
const ids = (rows: ReturnType<typeof comingUp>) => rows.map((r) => r.rally?.id ?? r.plan?.id)

test('what comes up stands nearest first, with plans where they belong', () => {
  expect(ids(comingUp(rallies, [plan('planned', '2026-12-07')], year))).toEqual([
    'today',
    'near',
    'planned',
    'far',
    'undated',
  ])
})

test('the plan that is next stands above the list', () => {
  const planned = plan('planned', '2026-11-30')
  const nextPlan = { ...year, nextPlan: planned }
  expect(ids(comingUp(rallies, [planned, plan('later', '2026-12-07')], nextPlan))).toEqual([
    'today',
    'near',
    'later',
    'far',
    'undated',
  ])
})

test('what was stands latest first, and what has no day last', () => {
  expect(recently(rallies, year).map((r) => r.id)).toEqual(['yesterday', 'long ago', 'undated, begun'])
})

test('the next one stands above both lists, and in neither', () => {
  const next = (id: string) => ({ ...year, next: { rally: id } as never })
  expect(ids(comingUp(rallies, [], next('today')))).not.toContain('today')
  expect(recently(rallies, next('yesterday')).map((r) => r.id)).not.toContain('yesterday')
})
