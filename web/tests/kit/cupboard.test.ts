import { expect, test } from 'vitest'
import { answered, cutLine } from '../network'
import { open } from '../page'
import { ask, onShelf } from '../rallies'

/** The cupboard: what is short and by when, what is never bought, and what is the same by another name. */

test('What is short is listed by day, by rally, not bought, and joined to what there is', async () => {
  const brief = await onShelf('The slowest millrace')
  const rally = (name: string, date: string) =>
    ask('/api/rallies', { brief, name, date, teams: [{ name: 'Plovers' }, { name: 'Whelks' }] })
  await rally('Class 14', '2027-04-12')
  await rally('Class 15', '2027-04-19')
  const desk = await open('/cupboard')
  await desk.see('In the cupboard')
  expect(await desk.row('boards')).toContain('Class 14')
  await desk.shouldBeAccessible()
  await desk.choose('Buy for', 'The next 2 weeks')
  await desk.until(() => !desk.text.includes('Class 14'), 'what is later to go')
  await desk.choose('Buy for', 'Everything planned')
  await desk.see('Class 14')

  await desk.clickButton('More for pieces of felt')
  await desk.clickMenu('Always there: do not buy')
  await desk.see('pieces of felt always there')

  await desk.clickButton('More for boards')
  await desk.clickMenu('Same as something in the cupboard…')
  await desk.see('Match “boards” to the cupboard')
  await desk.choose('It is the same as', 'dowels')
  await desk.type('How much one is', '3')
  await desk.until(() => !document.querySelector('.p-select-overlay'), 'the list to close')
  await desk.clickButton('Save')
  await desk.see('dowels also: boards')
  await desk.clickButton('More for dowels')
  await desk.clickMenu('Not the same as “boards”')
  await desk.until(() => !desk.text.includes('also: boards'), 'the other name to go')
})

test('Without a connection nothing is put down, and that is said', async () => {
  const desk = await open('/cupboard')
  await desk.type('Amount', '12')
  await desk.type('Material', 'thimbles')
  const joinLine = cutLine()
  await desk.clickButton('Add')
  await desk.see('There is no connection. What you typed is still here. Try again.')
  expect((await desk.field('Material')).value).toBe('thimbles')
  joinLine()
  await desk.clickButton('Add')
  await desk.seeNot('There is no connection.')
  expect((await desk.field('How much there is of thimbles')).value).toBe('12')
})

test('While a line is saved, what is typed into the next one and a menu that is open stay', async () => {
  const desk = await open('/cupboard')
  const next = await desk.field('How much there is of rulers')
  await desk.type('How much there is of marbles', '17')
  await desk.typeInto(next, '9')
  await answered()
  expect(next.isConnected).toBe(true)
  expect(next.value).toBe('9')
  await desk.clickButton('More for scissors')
  await answered()
  await desk.clickMenu('Always there: do not buy')
  await desk.see('scissors always there')
  const kept = await ask<{ name: string; amount: number }[]>('/api/cupboard')
  expect(kept.filter((i) => ['marbles', 'rulers'].includes(i.name)).map((i) => i.amount)).toEqual([17, 9])
})
