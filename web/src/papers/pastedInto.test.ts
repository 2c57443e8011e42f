import { expect, test } from 'vitest'
import type { PaperField } from '@/api/names'
import { pastedInto } from './pastedInto'

const field = (kind: PaperField['kind'], choices: PaperField['choices'] = []): PaperField => ({
  id: 'f',
  kind,
  unit: '',
  choices,
})

test('a cell says met or missed, a check, a choice by its name, or stands as it is', () => {
  expect(['x', 'Yes', 'no', '0', 'perhaps'].map((c) => pastedInto(field('met'), c))).toEqual([
    'met',
    'met',
    'missed',
    'missed',
    '',
  ])
  expect(['✓', ''].map((c) => pastedInto(field('tick'), c))).toEqual(['x', ''])
  expect(pastedInto(field('choice', [{ value: 'b1', name: 'Shells' }]), 'shells')).toBe('b1')
  expect(pastedInto(field('reading'), '14 1/2 in')).toBe('14 1/2 in')
})
