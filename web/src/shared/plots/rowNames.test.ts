import { expect, test } from 'vitest'
import { wrapped } from './rowNames'

test('a long name stands in several lines, broken between words where there are any', () => {
  expect(wrapped('Terns', 10)).toEqual(['Terns'])
  expect(wrapped('The sandpipers of the western bay', 10)).toEqual(['The', 'sandpipers', 'of the', 'western bay'])
  expect(wrapped('w'.repeat(24), 10)).toEqual(['w'.repeat(11), 'w'.repeat(11), 'ww'])
  expect(wrapped('', 10)).toEqual([''])
})
