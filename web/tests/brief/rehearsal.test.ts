import { expect, test } from 'vitest'
import { open, type Page } from '../page'
import { ask, onShelf, shelve } from '../rallies'
import { holds } from './writing'

/** Whole classes play a brief before one child builds; afterwards it is compared with what came. */

/** A copy of a brief of the demo, which the test may change. */
async function rehearsing(title: string) {
  const brief = await ask<{ title: string }>(`/api/briefs/${await onShelf(title)}/file`)
  const desk = await open(`/briefs/${await shelve({ ...brief, title: `${title}, rehearsed` })}`)
  await desk.clickTab('Rehearsal')
  await desk.clickButton('Rehearse')
  await desk.see('The best team wins in')
  return desk
}

const starting = (tag: string, words: string) =>
  [...document.querySelectorAll(tag)].find((e) => e.textContent?.trim().startsWith(words))

test('What is expected can be written, kept and taken back', async () => {
  const desk = await rehearsing('The slowest millrace')
  const expect_ = async (field: string, value: string) => {
    await desk.type(field, value)
    await desk.keys('{Tab}')
  }
  await desk.see('as planned, from a fifth less to half as long again')
  await expect_('Time, Usual', '900')
  await desk.clickButton('Rehearse again')
  await desk.see('The usual value does not lie between the other two. Write the smallest, the usual and the largest.')
  await expect_('Time, Usual', '20')
  await expect_('An attempt fails, in 100 tries', '30')
  await desk.clickButton('Rehearse again')
  await desk.seeNot('The usual value does not lie')

  // What was written is still there when the page was left.
  await desk.reload()
  await desk.clickTab('Rehearsal')
  await desk.clickButton('Rehearse')
  await holds(desk, 'Time, Usual', '20')
  await desk.clickButton('Reset what you entered for Time')
  await desk.clickButton('Reset what you entered for An attempt fails')
  await desk.seeNot('as you wrote')
})

test('After the class what came is compared with what was expected, and the brief may learn', async () => {
  const rallies = await ask<{ id: string; name: string }[]>('/api/rallies')
  const rally = rallies.find((r) => r.name === 'Class 7, the hoist')!
  const desk: Page = await open(`/rallies/${rally.id}/debrief`)
  await desk.see('Expected and actual')
  await desk.see('lie outside; the median is')
  await desk.shouldBeAccessible()
  await desk.click(() => starting('a', 'Expect '))
  await desk.see('Last time')
  expect(await desk.until(() => starting('button', 'Expect '), 'the range offered to the brief')).toBeDefined()
})
