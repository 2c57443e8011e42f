import { expect, test } from 'vitest'
import { open, server } from '../page'
import { ask } from '../rallies'

/** The plan of a fair day. */

test('What is typed outlasts a reload, is held against what was saved meanwhile, and can be discarded', async () => {
  const was = { name: 'Net day', date: '2027-05-05', slots: [], listOnBoard: false }
  const { id } = await ask<{ id: string }>('/api/days', was)
  const desk = await open(`/days/${id}`)
  await desk.type('Name', 'Net and rope day')
  await desk.see('Not saved yet.')
  await desk.reload()
  await desk.see('Not saved yet.')
  expect((await desk.field('Name')).value).toBe('Net and rope day')
  await desk.shouldBeAccessible()

  const now = { ...was, date: '2027-05-06' }
  const elsewhere = await fetch(`${server}/api/days/${id}`, {
    method: 'PUT',
    body: JSON.stringify({ was, now }),
    headers: { 'Content-Type': 'application/json' },
  })
  expect(elsewhere.ok).toBe(true)
  await desk.clickButton('Save the plan')
  await desk.clickButton('Use the other one')
  await desk.seeNot('Not saved yet.')
  expect((await desk.field('Name')).value).toBe('Net day')
  expect((await desk.field('Date')).value).toBe('2027-05-06')

  await desk.type('Name', 'Rope day')
  await desk.clickButton('Discard changes')
  expect((await desk.field('Name')).value).toBe('Net day')
  await desk.type('Name', 'Rope day')
  await desk.clickButton('Save the plan')
  await desk.see('Saved.')
})
