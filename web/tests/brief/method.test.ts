import { expect, test } from 'vitest'
import type { Page } from '../page'
import { ask } from '../rallies'
import { beginBrief } from './writing'

/** Everything that the core can score is written on the page, and is kept as it was written. */

interface Kept {
  measures: { kind: string; unit: string; step: number; expected?: object }[]
  figures: { value: string }[]
  rules: { check: object }[]
  method: { parts: object[] }
}

async function begin(tab: string) {
  const desk = await beginBrief()
  await desk.type('Title', 'The long arm')
  await desk.clickTab(tab)
  return desk
}

async function withLength() {
  const desk = await begin('Measures')
  await desk.clickButton('Add a measure')
  await desk.type('Name of the measure', 'Reach of the arm')
  return desk
}

async function add(desk: Page, kind: string, id: string) {
  await desk.choose('Add a part', kind)
  await desk.typeInto(await desk.at(`/method/parts/${id}/name`), kind)
}

async function fill(desk: Page, place: string, text: string) {
  await desk.typeInto(await desk.at(place), text)
  await desk.keys('{Tab}')
}

const fillPart = (desk: Page, place: string, text: string) => fill(desk, `/method/parts/${place}`, text)

const press = (desk: Page, place: string, name: string) =>
  desk.click(() =>
    [...document.querySelectorAll(`button[data-at='/method/parts/${place}']`)].find((b) => b.textContent === name),
  )

/** Waits until the server has kept the brief so, and gives it. */
async function kept(desk: Page, when: (brief: Kept) => boolean) {
  let brief!: Kept
  await desk.until(async () => when((brief = await ask<Kept>(`/api${desk.place}`))), 'the brief to be kept so')
  return brief
}

test('Every kind of part is written without a file', async () => {
  const desk = await begin('Method')
  const written: [kind: string, id: string, fields: [place: string, text: string][]][] = [
    [
      'Tasks done',
      'tasks',
      [
        ['items/task1/name', 'Row over'],
        ['items/task1/points', '4'],
        ['items/task1/steps', '2'],
        ['items/task1/firstTeams', '3'],
        ['+Points for time', ''],
        ['timePoints/from', '600'],
      ],
    ],
    [
      'A relay',
      'relay',
      [
        ['legs/0', 'out to the buoy'],
        ['faults', 'Add a fault'],
        ['faults/fault/name', 'spilled'],
        ['faults/fault/seconds', '5'],
        ['curve/points', '9, 6.5, 3'],
      ],
    ],
    [
      'Sorting into bins',
      'bins',
      [
        ['names/0', 'sinks'],
        ['names/1', 'floats'],
        ['items', 'Add an item'],
        ['items/item/name', 'cork'],
        ['items/item/bin', '=floats'],
        ['wrong', '-1'],
      ],
    ],
    [
      'Sorting into an order',
      'ordering',
      [
        ['items', 'Add an item'],
        ['items', 'Add an item'],
        ['items/item/name', 'flint'],
        ['items/item2/name', 'slate'],
        ['items/item2/key', '2'],
        ['perPlace', '0.5'],
      ],
    ],
    [
      'Pieces counted',
      'pieces',
      [
        ['first/values/0/name', 'tile'],
        ['first/values/0/points', '3'],
        ['each', 'first + length'],
      ],
    ],
    [
      'Levels of a rubric',
      'rubric',
      [
        ['criteria/criterion1/name', 'Works together'],
        ['criteria/criterion1/levels/1/points', '6'],
      ],
    ],
    [
      'What a budget leaves',
      'budget',
      [
        ['prices', 'Add a price'],
        ['prices/price/name', 'cane'],
        ['prices/price/each', '3'],
        ['funds', '25'],
      ],
    ],
    [
      'A tally',
      'tally',
      [
        ['counters/counter1/name', 'touches the rail'],
        ['counters/counter1/points', '2'],
      ],
    ],
  ]
  for (const [kind, id, fields] of written) {
    await add(desk, kind, id)
    for (const [place, text] of fields)
      if (place.startsWith('+')) await desk.click(() => desk.all('field', place.slice(1))[0])
      else if (text.startsWith('Add ')) await press(desk, `${id}/${place}`, text)
      else if (text.startsWith('='))
        await desk.chooseIn(
          () => document.querySelector(`select[data-at='/method/parts/${id}/${place}']`) ?? undefined,
          text.slice(1),
        )
      else await fillPart(desk, `${id}/${place}`, text)
  }
  await desk.choose('Helps or hurts', 'hurts by')
  await desk.shouldBeAccessible()

  const { method } = await kept(
    desk,
    (b) => b.method.parts.length === 8 && JSON.stringify(b.method).includes('"hurts":true'),
  )
  expect(method.parts).toMatchObject([
    {
      items: [{ id: 'task1', name: 'Row over', points: 4, steps: 2, firstTeams: 3 }],
      timePoints: { from: 600 },
    },
    {
      legs: ['out to the buoy', 'second leg'],
      faults: [{ id: 'fault', name: 'spilled', seconds: 5 }],
      curve: { points: [9, 6.5, 3] },
    },
    { names: ['sinks', 'floats'], items: [{ id: 'item', name: 'cork', bin: 'floats' }], wrong: -1 },
    { items: [{ name: 'flint' }, { id: 'item2', name: 'slate', key: 2 }], perPlace: 0.5 },
    { first: { values: [{ name: 'tile', points: 3 }] }, each: 'first + length' },
    { criteria: [{ name: 'Works together', levels: [{}, { points: 6 }] }] },
    { prices: [{ id: 'price', name: 'cane', each: 3 }], funds: 25 },
    { counters: [{ id: 'counter1', name: 'touches the rail', points: 2, hurts: true }] },
  ])

  await desk.clickTab('Try it')
  await desk.see('Why Bold')
})

/** All in one brief, since each is chosen over the last. */
test('Every curve is written and read back in words', async () => {
  const desk = await withLength()
  await desk.clickTab('Method')
  await add(desk, 'Something measured', 'measured')
  for (const [curve, field, typed, says] of [
    ['points for each unit', 'perUnit', '0.5', '0.5 points for each cm'],
    ['by bands', 'below', '2', '0 points for 0 cm or more, 2 points for less than 0 cm'],
    ['in proportion between two values', 'to', '40', 'from 0 points at 0 cm up to 10 points at 40 cm'],
    ['by place', 'points', '7, 5', '7 points for 1st place, 5 for 2nd'],
    ['as a share of the best team', 'points', '30', '30 points for the best team, the others in proportion'],
    ['by closeness to a target', 'at', '25', '20 points for exactly 25 cm, 1 point less for each cm off it'],
    [
      'for getting better than last round',
      'perPercent',
      '0.2',
      '0.2 points for each percent better than in the round before',
    ],
    ['the value itself', '', '', '1 point for each cm'],
  ] as const) {
    await desk.choose('How points are scored', curve)
    if (field) await fillPart(desk, `measured/curve/${field}`, typed)
    await desk.see(`Something measured: ${says}`)
  }
})

test('A figure has a name, a unit is converted, and what rests on a thing is said before it goes', async () => {
  const desk = await withLength()
  await desk.clickButton('Enter expected results')
  await kept(desk, (b) => b.measures[0]?.expected !== undefined)
  await desk.choose('Unit', 'in')
  await desk.see('Converted: the step is 0.5 in; teams will reach 0 to 39.5 in.')
  expect((await kept(desk, (b) => b.measures[0]?.unit === 'in')).measures[0]!.step).toBe(0.5)

  await desk.choose('Kind of measure', 'a mass')
  await desk.see('is read in oz, to the nearest 0.1. Check the numbers here: what teams will reach.')
  const ounces = await kept(desk, (b) => b.measures[0]?.kind === 'mass')
  expect(ounces.measures[0]).toMatchObject({ unit: 'oz', step: 0.1 })
  expect(ounces.measures[0]!.expected ?? null).toBe(null)
  await desk.choose('Kind of measure', 'a length')
  await desk.see('to the nearest')
  await kept(desk, (b) => b.measures[0]?.kind === 'length')

  await desk.clickButton('Add a figure')
  await desk.type('Name of the figure', 'Reach that counts')
  await desk.see('Saved')
  await desk.shouldBeAccessible()
  await desk.clickTab('Method')
  await add(desk, 'Something measured', 'measured')
  await desk.choose('Figure of the part', 'Reach that counts')
  await desk.see('which says by itself what counts')
  const { figures } = await kept(desk, (b) => b.method.parts.some((p) => (p as { value?: string }).value === 'figure'))
  expect(figures[0]!.value).toBe('length')

  await desk.clickTab('Measures')
  await desk.clickButton('Remove measure 1')
  await desk.see('This is used by the figure Reach that counts.')
  await desk.clickButton('Cancel')
  await desk.clickButton('Remove figure 1')
  await desk.see('This is used by the points of Something measured.')
  await desk.clickButton('Remove it anyway')
  await kept(desk, (b) => b.figures.length === 0)
})

test('Every check of a rule is written as a sentence', async () => {
  const desk = await withLength()
  await desk.clickTab('Method')
  await add(desk, 'Pieces counted', 'pieces')
  await add(desk, 'What a budget leaves', 'budget')
  await desk.clickButton('Add a constraint')
  await desk.type("The constraint in the students' words", 'Keeps to the rule')
  const at = '/rules/constraint/check'
  for (const [way, check] of [
    ['fitting it into a box', { kind: 'fits', dimensions: ['length'], room: ['30 cm'] }],
    ['what was spent', { kind: 'spending', part: 'budget' }],
    ['a share of the pieces', { kind: 'share', part: 'pieces', percent: 40, group: 'small' }],
    ['sizes that grow', { kind: 'ladder', part: 'pieces', times: 1.5 }],
    ['length to width', { kind: 'ratio', part: 'pieces', atMost: 3 }],
    ['proportions that differ', { kind: 'allDifferent', part: 'pieces', decimals: 1 }],
  ] as const) {
    await desk.choose('How it is checked', way)
    for (const [name, value] of Object.entries(check))
      if (name === 'room') await fill(desk, `${at}/room/0`, '30 cm')
      else if (typeof value === 'number') await fill(desk, `${at}/${name}`, `${value}`)
      else if (name === 'group')
        await desk.chooseIn(() => document.querySelector(`select[data-at='${at}/group']`) ?? undefined, `${value}`)
    const { rules } = await kept(desk, (b) => {
      const found = b.rules[0]?.check as Record<string, unknown> | undefined
      return Object.entries(check).every(([name, value]) => JSON.stringify(found?.[name]) === JSON.stringify(value))
    })
    expect(rules).toHaveLength(1)
  }
})

test('What overspending costs is said beside the money, and stands as a constraint on the sheet', async () => {
  const desk = await begin('Method')
  await add(desk, 'What a budget leaves', 'budget')
  await desk.choose('What overspending costs', 'costs')
  await fill(desk, '/rules/constraint/ifMissed/points', '2')
  await desk.see('points for each')
  await desk.see('It stands under Constraints on the sheet.')
  expect((await desk.field("The constraint in the students' words")).value).toBe('Spend no more than you have')
  const missed = (of: object) => (b: Kept) => JSON.stringify(b.rules[0] ?? '').includes(JSON.stringify(of).slice(1, -1))
  await kept(desk, missed({ check: { kind: 'spending', part: 'budget' } }))
  const { rules } = await kept(desk, missed({ points: 2 }))
  expect(rules).toMatchObject([{ ifMissed: { kind: 'deduct', points: 2, per: 'unit', each: 1 } }])
  await desk.choose('What overspending costs', 'has no rule')
  await kept(desk, (b) => b.rules.length === 0)
  await desk.shouldBeAccessible()
})
