import { expect, it } from 'vitest'
import type { DayBoard } from '@/api/names'
import { boardPages } from './boardPages'

const rows = (n: number) => Array.from({ length: n }, (_, i) => ({ class: '6', name: `${i}`, place: i + 1, text: '' }))
const board = (over: Partial<DayBoard>): DayBoard => ({
  name: 'Quay day',
  shows: 'list',
  rallies: [],
  lists: [],
  awards: [],
  ...over,
})
const list = (...lists: { name: string; rows: ReturnType<typeof rows> }[]) => ({
  title: 'The hoist',
  rallies: [],
  winsText: 'The lowest total wins.',
  differs: [],
  missing: [],
  places: 3,
  lists,
})

it('brings every team by, in pages of nearly the same length', () => {
  const pages = boardPages(board({ lists: [list({ name: '', rows: rows(72) })] }))
  expect(pages.map((p) => (p.kind === 'list' ? p.rows.length : p.kind))).toEqual([12, 12, 12, 12, 12, 12])
  expect(pages.flatMap((p) => (p.kind === 'list' ? p.rows.map((r) => r.place) : []))).toEqual(
    Array.from({ length: 72 }, (_, i) => i + 1),
  )
  expect(pages[5]).toMatchObject({ says: '61 to 72 of 72 teams. The lowest total wins.' })
  const thirteen = boardPages(board({ lists: [list({ name: '', rows: rows(13) })] }))
  expect(thirteen.map((p) => (p.kind === 'list' ? p.rows.length : p.kind))).toEqual([7, 6])
})

it('says of which class or tier a list is', () => {
  const two = [list({ name: 'Class 6', rows: rows(2) }, { name: 'Class 7', rows: rows(2) })]
  expect(boardPages(board({ shows: 'class', lists: two }))).toMatchObject([
    { title: 'Class 6', says: 'The lowest total wins.' },
    { title: 'Class 7' },
  ])
  expect(boardPages(board({ lists: two }))[0]).toMatchObject({ says: 'The hoist. The lowest total wins.' })
})

it('keeps the newest places in sight while they are revealed', () => {
  const [page] = boardPages(board({ shows: 'reveal', lists: [list({ name: '', rows: rows(30) })] }))
  expect(page?.kind === 'reveal' && page.lists[0]!.rows.map((r) => r.place)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10])
})

it('leaves no board blank', () =>
  expect(boardPages(board({ shows: 'awards' }))).toEqual([{ kind: 'empty', says: 'No awards yet.' }]))
