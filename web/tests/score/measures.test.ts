import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { afterAll, beforeAll, expect, inject, test } from 'vitest'
import type { Page } from '../page'
import { ask, beginOnWalk, beginWith, onShelf, root, shelve } from '../rallies'

/** The pad that fits the measure, by touch, by key, and from an instrument. */

/** A stand-in scale and light gates, which do what is typed to them. */
let standIns: ReturnType<typeof spawn>
const instrument = (does: string) => standIns.stdin!.write(`${does}\n`)
beforeAll(() => {
  const program = join(root, 'src/PluckyRally.Instruments/bin/Release/net10.0/PluckyRally.Instruments.dll')
  standIns = spawn('dotnet', [program, 'scale', 'gates', '--port', inject('instruments')])
})
afterAll(() => void standIns.kill())

const together = (walk: Page, rally: string) => walk.open(`/rallies/${rally}/together`)
const canBePressed = (walk: Page, name: string) =>
  walk.until(() => walk.all<HTMLButtonElement>('button', name)[0]?.disabled === false, `${name} to be offered`)

test('Weights are laid on with count and mass at once', async () => {
  const { walk } = await beginOnWalk('Bridge to the drying racks')
  await walk.clickButton('+1 sack')
  await walk.clickButton('+5 washer')
  await walk.see('6 on, 296.5 g')
  expect((await walk.field('Load')).value).toBe('5 washer + 1 sack')
  await walk.clickButton('−1 washer')
  await walk.see('5 on, 287.2 g')
  await walk.shouldBeAccessible()
  await walk.click(() => walk.all('button', 'at least')[0])
  await walk.clickButton('Record')
  await walk.see('at least 287.2 g')
})

test('What somebody looks at in each attempt is answered beside it', async () => {
  const brief = await ask<{ title: string; rules: object[] }>(
    `/api/briefs/${await onShelf('The slowest millrace')}/file`,
  )
  brief.title = 'The watched millrace'
  for (const [id, text] of [
    ['dry', 'The bed stays dry'],
    ['hands', 'Nobody touches the chute'],
  ])
    brief.rules.push({
      ...{ id, sort: 'criterion', text, check: { kind: 'inspection' }, when: 'everyAttempt' },
      ifMissed: { kind: 'deduct', points: 2, per: 'once', each: 1 },
    })
  const { walk } = await beginWith(await shelve(brief), 'Watched')
  await walk.keys('{Alt>}m{/Alt}')
  await walk.type('Time', '12.4')
  await walk.keys('{Enter}')
  await walk.see('Attempt 1: must-haves Show All met.')
  await walk.clickButton('Failed…')
  await walk.clickButton('it broke')
  await walk.see('Attempt 2: must-haves')
  const missed = () =>
    document.querySelector('[aria-label="Nobody touches the chute, attempt 2"]')?.querySelectorAll('button')[1]
  await walk.click(missed)
  await walk.until(() => missed()?.getAttribute('aria-pressed') === 'true', 'the miss in attempt 2')
  await walk.shouldBeAccessible()
  await walk.see('still to check')
})

test('A ruler in quarter inches has keys for its fractions, and levels are words', async () => {
  const rise = { id: 'rise', name: 'Rise', kind: 'length', unit: 'in', step: 0.25 }
  const firm = { id: 'firm', name: 'How firm', kind: 'level', levels: ['falls over', 'wobbles', 'stands firm'] }
  const tall = { kind: 'measured', id: 'tall', name: 'Height', value: 'rise', better: 'more' }
  const { walk } = await beginWith(
    await shelve({
      ...{ format: 'plucky-rally/brief', version: 1, title: 'Driftwood arch', measures: [rise, firm] },
      trials: { attempts: 2, freshBuildAfterFailure: true },
      method: { parts: [{ ...tall, curve: { kind: 'rate', perUnit: 1 } }] },
    }),
    'Arch',
  )
  await walk.type('Rise', '17')
  await walk.clickButton('1/4')
  await walk.clickButton('3/4')
  expect((await walk.field('Rise')).value).toBe('17 3/4')
  await walk.clickButton('wobbles')
  await walk.clickButton('Record')
  await walk.see('Rise 17 3/4 in, How firm wobbles')
  await walk.clickButton('Failed…')
  await walk.clickButton('it broke')
  await walk.see('All attempts have been made.')
  await walk.click(() => walk.all('summary', '', false)[0])
  await walk.type('Name of another design', 'the wide one')
  await walk.clickButton('Add the design')
  await walk.see('Attempt 1 of 2')
  expect((await walk.button('the wide one')).getAttribute('aria-pressed')).toBe('true')
  await walk.clickButton('Failed…')
  await walk.clickButton('it broke')
  await walk.see('this attempt is made with a fresh build, number 2')
  await walk.type('What was changed', 'wider feet')
  await walk.clickButton('Save change')
  await walk.see('Changed: wider feet')
  await walk.shouldBeAccessible()
})

test('A reading is taken from a scale at rest and never from a moving one', async () => {
  const { walk } = await beginOnWalk('The sand fence')
  // The dish is tared away; the zero wanders a little meanwhile.
  instrument('scale put 5.2')
  await walk.see('Harbor scale: 5.')
  await canBePressed(walk, 'Use reading: Harbor scale')
  await walk.clickButton('Zero: Harbor scale')
  await walk.see('Set to zero.')
  await walk.see('Harbor scale: 0.')
  instrument('scale put 42.4')
  await walk.see('Harbor scale: 37.')
  await canBePressed(walk, 'Use reading: Harbor scale')
  await walk.clickButton('Use reading: Harbor scale')
  expect((await walk.field('Sand kept')).value).toMatch(/^37\.[1-3] g$/)
  await walk.clickButton('Record')
  await walk.see('37 g by the harbor scale')
  await walk.clickButton('Zero: Harbor scale')
  await walk.see('Harbor scale: 0.')
  instrument('scale put 2500')
  await walk.see('overloaded: take something off')
  expect((await walk.button('Use reading: Harbor scale')).disabled).toBe(true)
  instrument('scale take')
  instrument('scale unit')
  await walk.see(' oz')
  instrument('scale lose')
  await walk.see('connection lost; read it by eye')
  await walk.shouldBeAccessible()
  expect((await walk.button('Use reading: Harbor scale')).disabled).toBe(true)
  instrument('scale back')
  await walk.seeNot('the line is lost')
})

test('A leg is taken from the light gates', async () => {
  const { walk } = await beginOnWalk('Bucket chain to the boathouse')
  instrument('gates run 21.34')
  await walk.see('Light gates: 21.34 s')
  await walk.clickButton('Use as leg 1: Light gates')
  await walk.see('leg 1, 21.34 s by the light gates')
  instrument('gates run 19.8')
  await walk.see('Light gates: 19.80 s')
  await walk.clickButton('Use as leg 2: Light gates')
  await walk.button('Start leg 3')
  await walk.shouldBeAccessible()
})

test('Teams run a relay side by side, each lane on a key', async () => {
  const { walk, rally } = await beginOnWalk('Bucket chain to the boathouse')
  await together(walk, rally)
  await walk.clickButton('Plovers: into this heat')
  await walk.clickButton('Whelks: into this heat')
  await walk.shouldBeAccessible()
  await walk.keys('s')
  await walk.see('Leg 1 is in')
  await walk.keys('2')
  await walk.button('Leg 2 is in: Whelks')
  // A false touch is taken back.
  await walk.keys('{Alt>}2{/Alt}')
  await walk.button('Leg 1 is in: Whelks')
  for (const key of '22121221') await walk.keys(key)
  await walk.see('In: 1. Whelks')
  await walk.keys('1')
  await walk.see('In: 1. Whelks, 2. Plovers')
  await walk.clickButton('spill 0, one more: Plovers')
  await walk.see('spill 1')
  await walk.clickButton('Note: Plovers tests early')
  await walk.see('Noted. Plovers: tests early.')
  await walk.clickLink('One team at a time')
  await walk.see('All legs are in.')
})

test('Tasks of all teams are checked off in one table', async () => {
  const { walk, rally } = await beginOnWalk('The lantern walk')
  await together(walk, rally)
  await walk.clickButton('Open: Whelks, lights up')
  await walk.clickButton('0 of 4: Plovers, shines to all four sides')
  await walk.clickButton('1 of 4: Plovers, shines to all four sides')
  expect((await walk.button('2 of 4: Plovers, shines to all four sides')).getAttribute('aria-pressed')).toBe('true')
  await walk.type('Time of Plovers', '8:30')
  await walk.keys('{Enter}')
  await walk.until(
    () => walk.all<HTMLInputElement>('field', 'Time of Plovers')[0]?.placeholder === '8:30.0',
    'the time to be taken',
  )
  await walk.shouldBeAccessible()
})

test('What is wrong with a reading is said until another one is typed, and is not taken for that one', async () => {
  const { walk } = await beginOnWalk('The slowest millrace')
  await walk.type('Time', 'soon')
  await walk.clickButton('Record')
  const field = await walk.field('Time')
  await walk.until(() => field.getAttribute('aria-invalid') === 'true', 'the reading to be refused')
  expect(field.value).toBe('soon')
  await walk.type('Time', '9000')
  expect(field.getAttribute('aria-invalid')).not.toBe('true')
  await walk.clickButton('Record')
  await walk.clickButton('It is right, record it')
  await walk.see('1 of 3 attempts made')
})
