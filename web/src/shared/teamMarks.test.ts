import fc from 'fast-check'
import { expect, test } from 'vitest'
import { teamMarks } from './teamMarks'

test('no two of a class have the same pattern and colour, and each has a short code of two', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 12 }),
      fc.array(fc.string({ minLength: 1, maxLength: 12 }), { minLength: 12, maxLength: 12 }),
      (count, names) => {
        const teams = names.slice(0, count).map((name, i) => ({ id: `t${i}`, name, callSign: '' }))
        const marks = [...teamMarks(teams).values()]
        expect(marks).toHaveLength(count)
        expect(new Set(marks.map((m) => `${m.pattern} ${m.colour}`)).size).toBe(count)
      },
    ),
  )
})

test('teams that are only numbered have their number as short code', () => {
  const teams = ['Team 1', 'Team 2', 'Team 12', 'Terns'].map((name, i) => ({ id: `t${i}`, name, callSign: '' }))
  expect([...teamMarks(teams).values()].map((m) => m.sign)).toEqual(['T1', 'T2', '12', 'TE'])
})

test('72 teams of a fair have 72 pennants', () => {
  const teams = Array.from({ length: 72 }, (_, i) => ({ id: `t${i}`, name: 'Gulls', callSign: '', pennant: i }))
  const marks = [...teamMarks(teams).values()]
  expect(new Set(marks.map((m) => `${m.pattern} ${m.colour} ${m.outline}`)).size).toBe(72)
})
