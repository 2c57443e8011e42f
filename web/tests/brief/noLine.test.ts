import { expect, test } from 'vitest'
import { cutLine } from '../network'
import { open } from '../page'
import { beginBrief } from './writing'

/** What needs the server while a brief is written or chosen, without a connection. */

test('A tier keeps the unit that its numbers are in', async () => {
  const desk = await beginBrief('Tallest')
  await desk.clickTab('Tiers')
  await desk.choose('Add a tier', 'Kindergarten to grade 2')
  await desk.choose('Add a difference', 'Height: unit')
  const unit = await desk.one<HTMLSelectElement>('field', 'Height: unit, Kindergarten to grade 2')
  const before = unit.value
  const joinLine = cutLine()
  await desk.choose('Height: unit, Kindergarten to grade 2', 'm')
  await desk.see('There is no connection. Nothing was changed.')
  await desk.until(() => unit.value === before, 'the unit as it was')
  joinLine()
  await desk.choose('Height: unit, Kindergarten to grade 2', 'm')
  await desk.seeNot('There is no connection.')
  expect(unit.value).toBe('m')
})

test('A brief that cannot be copied says so', async () => {
  const desk = await open('/')
  await desk.clickButton('More for The rain catcher')
  cutLine()
  await desk.clickMenu('Duplicate')
  await desk.see('There is no connection. Nothing was changed.')
})
