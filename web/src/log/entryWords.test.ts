import { expect, test } from 'vitest'
import { reading, trialRecorded } from '@/shared/entries'
import { entryWords } from './entryWords'

const attempt = (readings: ReturnType<typeof reading>[]) =>
  entryWords(
    trialRecorded('terns', 1, {
      ...{ outcome: 'counted', attempt: 1, again: false, design: '', revision: 1, purpose: 'score' },
      ...{ readings, reason: '', leaves: [] },
    }),
  )

test('an attempt is called by what was read, and by what it is where nothing is read', () => {
  expect(attempt([reading('height', '57')])).toBe('57')
  expect(attempt([])).toBe('an attempt')
})
