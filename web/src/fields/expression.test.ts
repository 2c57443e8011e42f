import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { nameAtEnd, withIds, withNames } from './expression'

const facts = [
  { id: 'height', name: 'Height above the table', group: 'What is measured' },
  { id: 'sheets', name: 'Sheets', group: 'What is measured' },
  { id: 'run.faults.drop', name: 'Run: faults (dropped)', group: 'Run' },
  { id: 'run.points', name: 'Run: points', group: 'Run' },
]

describe('a calculation on screen', () => {
  test('names figures as they are called', () => {
    expect(withNames('max(height, 2) / sheets - run.faults.drop', facts)).toBe(
      'max(“Height above the table”, 2) / “Sheets” - “Run: faults (dropped)”',
    )
  })
  test('is kept with their ids, whatever quotes are typed', () => {
    expect(withIds('"sheets" * 2 + “Run: points”', facts)).toEqual({ expression: 'sheets * 2 + run.points' })
  })
  test('says which name nothing has', () => {
    expect(withIds('“Heigth” / 2', facts)).toEqual({ unknown: 'Heigth' })
    expect(withIds('“Height', facts)).toEqual({ unknown: 'Height' })
  })
  test('comes back as it was', () => {
    const word = fc.constantFrom(...facts.map((f) => f.id), '2', '0.5', '(', ')', '+', '-', '*', '/', 'max(', ', ')
    fc.assert(
      fc.property(fc.array(word, { maxLength: 12 }), (words) => {
        const expression = words.join(' ')
        expect(withIds(withNames(expression, facts), facts)).toEqual({ expression })
      }),
    )
  })
  test('offers what the last word may be the beginning of', () => {
    expect(nameAtEnd('2 * hei')?.typed).toBe('hei')
    expect(nameAtEnd('“Sheets” - “Run: po')?.typed).toBe('Run: po')
    expect(nameAtEnd('“Sheets” ')).toBeUndefined()
  })
})
