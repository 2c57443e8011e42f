import { expect, test } from 'vitest'
import { guideFor } from './guideFor'
import { isAt } from './places'

test.each([
  ['/', {}, 'first-rally'],
  ['/rallies/1/run', { station: 'run' }, 'run'],
  ['/rallies/1/together', { station: 'together' }, 'score'],
  ['/rallies/1/papers', {}, 'papers'],
  ['/briefs/1', { station: 'writing' }, 'brief'],
  ['/briefs/1/kit', {}, 'kit'],
  ['/school', {}, 'year'],
])('at %s the guide opens where it says something of it', (path, meta, page) => {
  expect(guideFor({ path, meta })).toBe(page)
})

test('what lies below a place is at that place, and only Home is at Home', () => {
  expect([isAt('/days/1', '/days'), isAt('/daysoff', '/days'), isAt('/days', '/'), isAt('/', '/')]).toEqual([
    true,
    false,
    false,
    true,
  ])
})
