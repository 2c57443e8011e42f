import { expect, test } from 'vitest'
import type { Page } from '../page'
import { agrees, beginOnWalk } from '../rallies'

/** One rally of each kind of scoring, recorded by touch; its standings are those of ./rally score on its file. */

const pressed = (walk: Page, name: string) =>
  walk.until(() => walk.all('button', name)[0]?.getAttribute('aria-pressed') === 'true', `${name} to be pressed`)

test('Tasks are ticked off whole and in steps with their time', async () => {
  const { walk, rally } = await beginOnWalk('The lantern walk')
  await walk.clickButton('lights up: done')
  await walk.clickButton('shines to all four sides: 3 of 4 steps')
  await walk.clickButton('is first to be carried once around the hall: done')
  await walk.type('Time, What it can do', 'soon')
  await walk.clickButton('Record: Time, What it can do')
  await walk.see('“soon” cannot be read')
  await walk.type('Time, What it can do', '8:30')
  await walk.clickButton('Record: Time, What it can do')
  await walk.see('22 points')
  await walk.shouldBeAccessible()
  await walk.clickButton('lights up: done')
  await walk.see('12 points')
  await agrees(walk, rally, '12.0')
})

test('A relay is timed leg by leg and by hand', async () => {
  const { walk, rally } = await beginOnWalk('Bucket chain to the boathouse')
  await walk.clickButton('Start leg 1')
  await walk.clickButton('False touch')
  await walk.clickButton('Start leg 1')
  await walk.clickButton('Leg 1 is in')
  await walk.button('Leg 2 is in')
  await walk.clickButton('False touch')
  await walk.button('Leg 1 is in')
  await walk.see('crossed out: false touch')
  await walk.clickButton('Leg 1 is in')
  await walk.open(walk.place)
  await walk.button('Leg 2 is in')
  for (const [leg, time] of [
    [1, '20.0'],
    [2, '21,5'],
    [3, '19.9 s'],
    [4, '0:18.6'],
  ] as const) {
    await walk.type(`Time of leg ${leg}`, time)
    await walk.clickButton(`Record: Time of leg ${leg}`)
    await walk.until(async () => (await walk.field(`Time of leg ${leg}`)).value === '', 'the time to be taken')
  }

  await walk.see('All legs are in.')
  await walk.clickButton('+1 spill')
  await walk.see('1:20.0 + 4 s = 1:24.0.')
  await walk.type('How many were brought over', '7')
  await walk.clickButton('Record: brought over')
  await walk.clickButton('+1 cheer for another team')
  await walk.see('38 points')
  await walk.shouldBeAccessible()
  await agrees(walk, rally, '39.0')
})

test('Finds are sorted into bins and the key is shown on request', async () => {
  const { walk, rally } = await beginOnWalk('Along the strandline')
  expect(walk.text).not.toContain('(animals)')
  await walk.clickButton('Show the key')
  await walk.see('mussel shell (animals)')
  await walk.clickButton('mussel shell in animals')
  await walk.clickButton('bladder wrack in plants')
  await walk.clickButton('blue rope in plants')
  await walk.clickButton('net cork in people')
  await walk.clickButton('net cork in people')
  await walk.clickButton('Record this answer')
  await walk.see('2 right, 1 wrong, 9 left out')
  await walk.shouldBeAccessible()
  await walk.click(() => walk.all('summary', 'Type or paste the answer')[0])
  await walk.paste('The team’s answer', 'net cork: plants\nwhale: animals')
  await walk.clickButton('Use this answer')
  await walk.see('Line 2: there is no item “whale”.')
  await walk.paste('The team’s answer', 'animals: mussel shell\nplants: bladder wrack, blue rope')
  await walk.clickButton('Use this answer')
  await walk.seeNot('Line 2')
  await pressed(walk, 'mussel shell in animals')
  await walk.keysOn(await walk.button('net cork in people'), '1')
  await pressed(walk, 'net cork in animals')
  await walk.clickButton('net cork in animals')
  await walk.see('2 right, 1 wrong, 9 left out')
  await walk.see('3 points')
  await walk.shouldBeAccessible()
  await agrees(walk, rally, '3.0')
})

test('Pebbles are laid in order by touch and moved with the keys', async () => {
  const { walk, rally } = await beginOnWalk('Pebbles by mass')
  for (const pebble of 'CGEAHFDB') await walk.clickButton(pebble)
  await walk.keysOn(await walk.button('Move B, place 8, with the arrow keys'), '{ArrowUp}')
  await walk.clickButton('Record this order')
  await walk.see('28 of 28 pairs')
  await walk.see('32 points')
  await walk.shouldBeAccessible()
  await agrees(walk, rally, '32.0')
})

test('Pieces are counted by sort', async () => {
  const { walk, rally } = await beginOnWalk('Tide-pool mosaic')
  await walk.type('How many, small, deep blue', 'several')
  await walk.clickButton('Record these pieces')
  await walk.see('How many is a whole number, 0 or more.')
  await walk.type('How many, small, deep blue', '4')
  await walk.type('How many, large, foam', '8')
  await walk.clickButton('Record these pieces')
  await walk.see('60 points')
  for (const i of [0, 1]) await walk.click(() => walk.all('button', 'Met')[i])
  await walk.see('Complete')
  await walk.shouldBeAccessible()
  await agrees(walk, rally, '60.0')
})

test('Levels are given in words and something seen is noted', async () => {
  const { walk, rally } = await beginOnWalk("The bird ringer's third hand")
  for (const i of [0, 1]) await walk.click(() => walk.all('button', 'Met')[i])
  await walk.clickButton('Gives a hand more: for two things')
  await walk.clickButton('Gentle to the bird: never touches it')
  await walk.clickButton('Explained: says why it works')
  await walk.see('28 points')
  await walk.clickButton('takes a ring from the peg: done')
  await walk.clickButton('turns the light on the bird: 1 of 2 steps')
  await walk.see('6 points')
  await walk.clickButton('tests early')
  await walk.see('Note: tests early')
  await walk.type('A note in your words', 'asked the ringer first')
  await walk.clickButton('Add note')
  await walk.see('Note: asked the ringer first')
  await walk.shouldBeAccessible()
  await agrees(walk, rally, '34.0')
})

test('A team buys and gives back', async () => {
  const { walk, rally } = await beginOnWalk('A cold box for the catch')
  expect((await walk.button('sheets of foil: give back 1')).disabled).toBe(true)
  await walk.clickButton('sheets of foil: buy 1')
  await walk.clickButton('sheets of foil: buy 1')
  await walk.clickButton('balls of sheep wool: buy 1')
  await walk.see('Spent 13 of 24 tokens, 11 tokens left.')
  await walk.clickButton('sheets of foil: give back 1')
  await walk.see('13 tokens left.')
  await walk.shouldBeAccessible()
  await agrees(walk, rally)
})
