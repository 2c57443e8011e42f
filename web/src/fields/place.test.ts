import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { lookUp, takeFrom } from './place'

const brief = () => ({
  title: 'Cairn',
  trials: { attempts: 3 as unknown },
  rules: [
    { id: 'tall', check: { amount: '30 cm' } },
    { id: 'dry', check: { amount: '' } },
  ],
  curve: { edges: [{ from: 0 }, { from: 5 }] },
})

describe('a place in a document', () => {
  test('an item is known by its id, or by its number', () => {
    expect(lookUp(brief(), '/rules/dry/check/amount')).toBe('')
    expect(lookUp(brief(), '/curve/edges/1/from')).toBe(5)
    expect(lookUp(brief(), '/rules/none/check')).toBeUndefined()
    expect(lookUp(brief(), '/title/length')).toBeUndefined()
  })
  test('gets what stood there before', () => {
    const now = brief()
    now.trials.attempts = 2.5
    expect(takeFrom(now, brief(), '/trials/attempts')).toBe(true)
    expect(now).toEqual(brief())
  })
  test('goes where nothing stood: an item that is new, a field that is new', () => {
    const now = { ...brief(), extra: 1 }
    now.rules.push({ id: 'new', check: { amount: 'x' } })
    expect(takeFrom(now, brief(), '/rules/new/check/amount')).toBe(true)
    expect(takeFrom(now, brief(), '/extra')).toBe(true)
    expect(now).toEqual(brief())
  })
  test('is no place where there is none', () => expect(takeFrom(brief(), brief(), '/rules/none/text')).toBe(false))
  test('nothing but the place is touched', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('/title', '/trials/attempts', '/rules/tall/check/amount', '/curve/edges/0/from'),
        fc.string(),
        (place, wrong) => {
          const now = brief()
          const others = brief()
          takeFrom(
            now,
            {
              ...brief(),
              title: wrong,
              trials: { attempts: wrong },
              rules: brief().rules.map((r) => ({ ...r, check: { amount: wrong } })),
              curve: { edges: [{ from: wrong }, { from: wrong }] },
            },
            place,
          )
          expect(lookUp(now, place)).toBe(wrong)
          takeFrom(now, others, place)
          expect(now).toEqual(others)
        },
      ),
    )
  })
})
