import { test } from 'vitest'
import { ask } from '../rallies'
import { beginBrief, holds } from './writing'

/** What is measured has a name, and perhaps levels in words; they are the same wherever they stand. */

test('What is renamed is renamed where it is still said, when the teacher wants it', async () => {
  const desk = await beginBrief()
  await desk.type('Goal', 'Get the farthest reach of all reaches')
  await desk.clickTab('Measures')
  await desk.clickButton('Add a measure')
  await desk.type('Name of the measure', 'Reach')
  await desk.keys('{Tab}')
  await desk.type('Name of the measure', 'Span')
  await desk.keys('{Tab}')
  await desk.see('The old name “Reach” is still in “Get the farthest reach of all reaches”')
  await desk.shouldBeAccessible()
  await desk.clickButton('Use “Span” there too')
  await holds(desk, 'Goal', 'Get the farthest span of all spans')
  await desk.type('Name of the measure', 'Stretch')
  await desk.keys('{Tab}')
  await desk.see('The old name “Span” is still in')
  await desk.clickButton('Dismiss')
  await desk.seeNot('is still in')
  await holds(desk, 'Goal', 'Get the farthest span of all spans')
})

test('Levels are chosen by their words, where teams will be and where points begin', async () => {
  const desk = await beginBrief()
  await desk.clickTab('Measures')
  await desk.clickButton('Add a measure')
  await desk.type('Name of the measure', 'Dryness')
  await desk.choose('Kind of measure', 'a level in words')
  await desk.type('Levels, from low to high', 'soaked, damp, dry')
  await desk.keys('{Tab}')
  await desk.clickButton('Enter expected results')
  await desk.choose('Weakest expected', 'damp')
  await desk.choose('Best expected', 'dry')
  await desk.clickTab('Method')
  await desk.choose('Add a part', 'Something measured')
  await desk.choose('How points are scored', 'by bands')
  await desk.clickButton('Add a band')
  await desk.until(() => desk.all('field', 'Band 1 from')[0]?.tagName === 'SELECT', 'a choice of levels')
  await desk.choose('Band 1 from', 'dry')
  await desk.until(async () => {
    const brief = await ask<{
      measures: { expected?: object }[]
      method: { parts: { curve?: { edges?: { from: number }[] } }[] }
    }>(`/api${desk.place}`)
    const [measure] = brief.measures
    return (
      JSON.stringify(measure?.expected) === '{"low":1,"high":2}' && brief.method.parts[0]?.curve?.edges?.[0]?.from === 2
    )
  }, 'the levels to be kept')
})
