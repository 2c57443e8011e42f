import { expect, test } from 'vitest'
import { cutLine, slowLine } from '../network'
import { ask, beginOnWalk, beginWith, onShelf, shelve } from '../rallies'

/** What was typed is sent, waits in sight, or comes back into its own field, whatever is touched next. */

test('A refused reading is shown with its value beside what is typed by then', async () => {
  const brief = await ask<{ title: string; measures: { expected?: object }[] }>(
    `/api/briefs/${await onShelf('The slowest millrace')}/file`,
  )
  brief.title = 'The hurried millrace'
  brief.measures[0]!.expected = { low: 5, high: 60 }
  const { walk } = await beginWith(await shelve(brief), 'Hurried')
  const answer = slowLine()
  await walk.type('Time', '1200')
  await walk.clickButton('Record')
  await walk.type('Time', '55')
  answer()
  await walk.see('Not recorded. Kept on this device until you decide.')
  await walk.see('Attempt 1: 1200.')
  expect((await walk.field('Time')).value).toBe('55')
  await walk.shouldBeAccessible()
  await walk.reload()
  await walk.see('Attempt 1: 1200.')
  expect((await walk.field('Time')).value).toBe('55')
  await walk.clickButton('It is right, record it')
  await walk.seeNot('Not recorded.')
  await walk.see('20:00.0')
  await walk.see('Attempt 2 of 3')
  expect((await walk.field('Time')).value).toBe('55')
})

test('A refused reading is edited in its own field once that is free', async () => {
  const { walk } = await beginOnWalk('The slowest millrace')
  const answer = slowLine()
  await walk.type('Time', 'soon')
  await walk.clickButton('Record')
  await walk.type('Time', '9')
  answer()
  await walk.see('“soon” cannot be read')
  expect(walk.all('button', 'Edit soon')).toEqual([])
  await walk.type('Time', '')
  await walk.clickButton('Edit soon')
  await walk.until(async () => (await walk.field('Time')).value === 'soon', 'the reading to be in its field')
  await walk.seeNot('Not recorded.')
  await walk.type('Time', '12.4')
  await walk.clickButton('Record')
  await walk.see('Attempt 2 of 3')
  await walk.see('12.4')
})

test('A half-typed note stays with its team, and a usual one erases nothing', async () => {
  const { walk } = await beginOnWalk('The slowest millrace')
  await walk.type('A note in your words', 'the flume le')
  await walk.clickButton('Next team')
  await walk.see('Whelks')
  await walk.until(async () => (await walk.field('A note in your words')).value === '', 'an empty note')
  await walk.clickButton('Previous team')
  await walk.until(async () => (await walk.field('A note in your words')).value === 'the flume le', 'the note')
  await walk.click(() => document.querySelector<HTMLElement>('[aria-labelledby=notes] .usual button') ?? undefined)
  await walk.see('Undo')
  expect((await walk.field('A note in your words')).value).toBe('the flume le')
})

test('What waits is said on every page, listed, and sent from there', async () => {
  const { walk } = await beginOnWalk('The slowest millrace')
  const join = cutLine()
  await walk.type('Time', '12.4')
  await walk.clickButton('Record')
  await walk.see('1 kept on this device, not sent yet.')
  await walk.open('/waiting')
  await walk.see('1 result waits here')
  await walk.see('Plovers: 12.4')
  await walk.shouldBeAccessible()
  join()
  await walk.see('Everything recorded on this device has been sent.')
})
