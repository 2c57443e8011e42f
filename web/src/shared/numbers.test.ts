import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { numberIn, readNumber } from './numbers'

describe('a number as people write one', () => {
  test.each([
    ['4', 4],
    [' 2,5 ', 2.5],
    ['−1', -1],
    ['1/4', 0.25],
    ['2 1/2', 2.5],
    ['2½', 2.5],
    ['-2 1/2', -2.5],
    ['.5', 0.5],
    ['3.', 3],
  ])('%s', (text, number) => expect(numberIn(text)).toBe(number))

  test.each(['several', '1/0', '1 2', '4 cm', '1.2.3', '--1', '1,000,5', 'Infinity', '0x10'])('%s is none', (text) =>
    expect(readNumber(text).kind).toBe('other'),
  )
  test('nothing is nothing', () => expect(readNumber('  ').kind).toBe('empty'))

  test('every number is read as it is written', () => {
    fc.assert(
      fc.property(fc.double({ noNaN: true, noDefaultInfinity: true, min: -1e15, max: 1e15 }), (n) => {
        expect(numberIn(String(n))).toBeCloseTo(n, 10)
      }),
    )
  })
  test('a decimal comma is a decimal point', () => {
    fc.assert(
      fc.property(fc.integer({ min: -9999, max: 9999 }), fc.integer({ min: 0, max: 99 }), (whole, part) => {
        expect(numberIn(`${whole},${part}`)).toBe(Number(`${whole}.${part}`))
      }),
    )
  })
  test('no text makes it stumble', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const typed = readNumber(text)
        if (typed.kind === 'number') expect(Number.isFinite(typed.number)).toBe(true)
      }),
    )
  })
})
