import { describe, expect, test } from 'vitest'
import { numberOf, pastedRows } from './pastedRows'

const cells = (text: string) => pastedRows(text).map((row) => row.cells)

describe('a list that is pasted', () => {
  test('from a spreadsheet', () =>
    expect(cells('whelk\tshell\r\nplank\twood\r\n')).toEqual([
      ['whelk', 'shell'],
      ['plank', 'wood'],
    ]))
  test('as it is typed', () => {
    expect(cells('whelk: shell\nplank, wood\n\nlamp 5\nturns, then stops; 3')).toEqual([
      ['whelk', 'shell'],
      ['plank', 'wood'],
      ['lamp', '5'],
      ['turns, then stops', '3'],
    ])
  })
  test('with dots and numbers before its lines', () =>
    expect(cells('- whelk\n2. plank\n• rope')).toEqual([['whelk'], ['plank'], ['rope']]))
  test('the number of a card stays where it is wanted', () =>
    expect(pastedRows('1. Two pulleys\n• Card 7').map((row) => row.numbered)).toEqual(['1. Two pulleys', 'Card 7']))
  test('a decimal comma parts nothing', () => expect(cells('rods 2,5')).toEqual([['rods', '2,5']]))
  test('a line keeps its signs', () =>
    expect(pastedRows('What held: the foot, or the knot?')[0]?.line).toBe('What held: the foot, or the knot?'))
})

test('a number with what it counts', () => {
  expect(numberOf('5 points')).toBe(5)
  expect(numberOf('−2')).toBe(-2)
  expect(numberOf('1 1/2 s')).toBe(1.5)
  expect(numberOf('none')).toBeUndefined()
})
