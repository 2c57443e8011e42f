import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { open, type Page } from '../page'
import { beginBrief } from './writing'

/**
 * Three briefs that a new user once wrote in about 140, 128 and 53 steps: a click, a choice, a text typed or pasted is
 * one. Each can be run at the end, and takes no more than half.
 */

/** The cautions are read, and nothing is left that stops it. */
async function canBeRun(desk: Page, most: number) {
  for (let caution; (caution = desk.all<HTMLInputElement>('field', 'I have read this').find((f) => !f.checked));)
    await desk.click(() => caution)
  await desk.see('Saved')
  await desk.until(() => desk.all<HTMLButtonElement>('button', 'Make teams')[0]?.disabled === false, 'a brief to run')
  expect(desk.steps).toBeLessThanOrEqual(most)
}

const appears = (desk: Page, count: number, field: string) =>
  desk.until(() => desk.all('field', field).length === count, `${count} fields called “${field}”`)

async function takeOver(desk: Page, from: string, list: string, paste: () => Element | undefined, instead = true) {
  await desk.click(paste)
  await desk.paste(from, list)
  if (instead) await desk.click(() => desk.all('field', 'in place of what is there')[0])
  await desk.clickButton('Add them')
}

test('A sorting key of twenty things and four bins', async () => {
  const desk = await beginBrief('Sort it')
  await desk.type('Title', 'Along the tide line')
  await desk.clickTab('Method')
  const bins = ['shells', 'wood', 'weed', 'rope']
  const list = Array.from({ length: 20 }, (_, i) => `find number ${i + 1}: ${bins[(i + 1) % 4]}`).join('\n')
  await takeOver(
    desk,
    'One item a line, such as “whelk: shell”',
    list,
    () => desk.all('button', 'Paste a list of items')[0],
  )
  await appears(desk, 20, 'Item')
  expect(new Set(desk.all<HTMLInputElement>('field', 'Bin').map((f) => f.value))).toEqual(new Set(bins))
  await desk.shouldBeAccessible()
  await canBeRun(desk, 26)
})

test('An outline that is filled with pieces', async () => {
  const desk = await beginBrief('Fill the outline')
  await desk.type('Title', 'The floor of the boathouse')
  await desk.type('Story', 'The old floor is gone. Offcuts of four woods are left, in five sizes.')
  await desk.type('Goal', 'Fill the floor plan with offcuts so that they are worth as much as they can be.')
  await desk.clickTab('Method')
  const lists = ['chip: 1\nshort: 2\nmiddle: 4\nlong: 7\nbeam: 11', 'pine: 0\noak: 1\nlarch: 2\ndrift: 3']
  for (const [i, list] of lists.entries())
    await takeOver(
      desk,
      'One value a line, such as “small: 1”',
      list,
      () => desk.all('button', 'Paste a list of values')[i],
    )
  await desk.type('Points for one piece', 'first + second')
  await appears(desk, 9, 'Value')
  await desk.clickButton('Add a constraint')
  await appears(desk, 2, "The constraint in the students' words")
  await desk.typeInto(
    desk.all('field', "The constraint in the students' words")[1]!,
    'At least a quarter of the pieces are drift',
  )
  await canBeRun(desk, 64)
})

test('A capsule with two seats', async () => {
  const desk = await beginBrief('Lightest that protects')
  const last = (field: string) => desk.all('field', field).at(-1)
  await desk.type('Title', 'Two down from the mast')
  await desk.type(
    'Story',
    'Two lookouts come down from the mast in a capsule. They want to sit upright when they arrive.',
  )
  await desk.type('Goal', 'Build a light capsule that brings two lookouts down in their seats.')
  await desk.type('How it is tested', 'The capsule is dropped twice. Then we open it and look at both seats.')
  await desk.type('Attempts', '2')
  await desk.type("The criterion in the students' words", 'It has two seats that can be seen')
  await desk.keys('{Enter}')
  await desk.keysOn(document.activeElement as HTMLElement, 'Both lookouts can be put in and taken out')
  await takeOver(
    desk,
    'One material a line, such as “250 cm cord”',
    '4 cartons\n10 sticks\n60 cm cord\n2 lookouts',
    () => desk.all('button', 'Paste a list of materials')[0],
  )
  await desk.clickTab('Measures')
  await desk.clickButton('Add a measure')
  await appears(desk, 3, 'Name of the measure')
  await desk.typeInto(last('Name of the measure')!, 'Lookouts still seated')
  await desk.chooseIn(() => last('Kind of measure'), 'a count')
  await desk.typeInto(await desk.until(() => last('What is counted'), 'what is counted'), 'lookouts')
  await desk.click(() => desk.all('button', 'Enter expected results').at(-1))
  await appears(desk, 3, 'Best expected')
  await desk.typeInto(last('Best expected')!, '2')
  await desk.clickTab('Method')
  await desk.choose('Add a part', 'Something measured')
  await appears(desk, 3, 'Name of the part')
  await desk.typeInto(last('Name of the part')!, 'Seated')
  await desk.chooseIn(() => last('Figure of the part'), 'Lookouts still seated')
  await desk.chooseIn(() => last('What counts'), 'all attempts added up')
  await desk.typeInto(last('Points for each unit')!, '10')
  await canBeRun(desk, 70)
})

test('A challenge in the head, from Blank: what is said is scored and measured with one touch', async () => {
  const desk = await beginBrief()
  await desk.type('Title', 'Over the gully')
  await desk.type('Goal', 'Build a chute that brings beads over the gully.')
  await desk.clickButton('Add a criterion')
  await desk.type("The criterion in the students' words", 'At least 12 in long')
  await desk.clickButton('Measure the length: at least 12 in, before the test')
  await takeOver(
    desk,
    'One material a line, such as “250 cm cord”',
    '12 straws\n60 cm of tape\n40 beads for the class',
    () => desk.all('button', 'Paste a list of materials')[0],
    false,
  )
  await appears(desk, 3, 'Material')
  await desk.type('How it is tested', 'We pour beads in at the top and count what arrives.')
  await desk.type('How it is scored, in your words', '2 points for each bead')
  await desk.clickButton('Score it as it is said')
  await desk.clickButton('Add a phase')
  await desk.type('Minutes', '20')
  await canBeRun(desk, 16)
})

test.each(['01-the-long-pier', '03-spoken', '12-an-email'])(
  'A pasted worksheet can be run in a few steps: %s',
  async (page) => {
    const [text] = readFileSync(`../tests/reader/pages/${page}.txt`, 'utf8').split('\n---\n')
    const desk = await open('/')
    await desk.clickButton('New brief')
    await desk.clickButton('Paste a challenge')
    await desk.paste('The challenge in your words', text!)
    await desk.see('into the brief. Everything can be changed there.')
    await desk.clickButton('Begin')
    await desk.see('You may use, and how')
    await desk.see('Saved')
    if ((await desk.field('Title')).value === '') await desk.type('Title', 'As it was said')
    await canBeRun(desk, 5)
  },
)
