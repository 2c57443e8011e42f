import { expect, test } from 'vitest'
import { open } from '../page'
import { ask } from '../rallies'

/** What a round leaves on paper is found where its results are. */

const papers = [
  'Standings and awards',
  'Score slips',
  'Certificates',
  'Notes home',
  'Notebook pages',
  'The class’s plots',
  'The gallery',
]

test('Each paper of a round opens from its results as it prints', async () => {
  const rallies = await ask<{ id: string; name: string }[]>('/api/rallies')
  const rally = rallies.find((r) => r.name === 'Class 7, the hoist')!.id
  const desk = await open(`/rallies/${rally}/results`)
  await desk.clickLink('Print')
  await desk.see('Score slips')
  await desk.shouldBeAccessible()
  for (const paper of papers) {
    await desk.open(`/rallies/${rally}/results?section=print`)
    await desk.clickLink(paper)
    const choice = (await desk.field('What to print')) as unknown as HTMLSelectElement
    expect(choice.selectedOptions[0]!.text.toLowerCase()).toBe(paper.toLowerCase())
  }
})
