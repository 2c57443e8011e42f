import { expect, test } from 'vitest'
import type { Page } from '../page'
import { agrees, beginOnWalk } from '../rallies'

/** A control has a sheet of its own beside the teams', and stands under their results and across the wall's masts. */

async function ferry(walk: Page, ...cargo: string[]) {
  await walk.see('Attempt 1 of')
  for (const i of [0, 1]) await walk.click(() => walk.all('button', 'Met')[i])
  for (const [measure, typed, shown] of [
    ["Ferry's mass", '2.4', '2.4 g'],
    ['Length', '16', '16.0 cm'],
  ] as const) {
    await walk.type(measure, typed)
    await walk.clickButton(`Record: ${measure}`)
    await walk.see(shown)
  }
  for (const sacks of cargo) {
    await walk.type('Cargo', sacks)
    await walk.clickButton('Record')
    await walk.see(`${sacks} beads`)
  }
}

test('A comparison is recorded like a team and is not ranked', async () => {
  const { walk, rally } = await beginOnWalk('Foil ferry across the Kelp Channel')
  await ferry(walk, '57', '61', '40')

  await walk.clickButton('Add a comparison…')
  await walk.shouldBeAccessible()
  await walk.clickRadio('By hand')
  await walk.type('Name', 'Plovers')
  await walk.clickButton('Open its sheet')
  await walk.see('Another team is called “Plovers”.')
  await walk.type('Name', 'Flat foil')
  await walk.clickRadio('Control')
  await walk.clickButton('Open its sheet')
  await walk.see('Control, not ranked')
  await walk.shouldBeAccessible()
  // A sheet of foil is not late.
  expect(walk.all('button', 'Late')).toEqual([])
  await ferry(walk, '10')
  await walk.seeNot('attempts made')

  await agrees(walk, rally)
  await walk.see('1st')
  expect(await walk.row('Flat foil')).toContain('10 beads')
  await walk.see('6.1 times “Flat foil”')
  await walk.shouldBeAccessible()

  await walk.open(`/rallies/${rally}/wall`)
  await walk.see('Foil ferry across the Kelp Channel')
  await walk.keys('b')
  await walk.see('Flat foil')
})
