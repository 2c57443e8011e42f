import { expect, test } from 'vitest'
import { ask, beginOnWalk } from '../rallies'

/** A change that was begun and not done, while another window changed the brief. */
test('A change of a rally’s brief that was overtaken is offered back', async () => {
  const { walk, rally } = await beginOnWalk('The slowest millrace')
  const at = `/rallies/${rally}/change`
  await walk.open(at)
  await walk.type('Goal', 'Let it roll as slowly as it can.')
  await walk.until(() => Object.keys(localStorage).some((key) => key.startsWith('draft:brief-change')), 'it to be kept')
  const { brief } = await ask<{ brief: { subtitle?: string; goal: string } }>(`/api/rallies/${rally}/brief-changes`)
  const goal = 'Let it roll for a minute.'
  const changed = await ask(`/api/rallies/${rally}/brief-changes`, {
    was: brief,
    brief: { ...brief, goal },
    reason: 'clearer',
  })
  expect(changed).toHaveProperty('entry')
  await walk.open(at)
  await walk.see('were not saved, and the brief has been changed since.')
  expect((await walk.field('Goal')).value).toBe('Let it roll for a minute.')
  await walk.clickButton('Restore changes')
  await walk.until(async () => (await walk.field('Goal')).value === 'Let it roll as slowly as it can.', 'the change')
  await walk.seeNot('were not saved')
})
