import { expect, test } from 'vitest'
import { open } from '../page'
import { ask, onShelf, shelve } from '../rallies'

/** Home: what is next, what comes and what was, the briefs with their filters, and what a row's menu does. */

const card = (title: string) => `More for ${title}`

test('What is next leads on with one press', async () => {
  const desk = await open('/')
  await desk.see('4 teams are not finished yet.')
  await desk.shouldBeAccessible()
  await desk.clickButton('Continue scoring')
  await desk.see('Must-haves')
  expect(desk.place).toMatch(/\/score/)
})

test('Briefs are searched and filtered', async () => {
  const desk = await open('/')
  await desk.one('link', 'Pebbles by mass')
  const gone = (title: string) => desk.until(() => desk.all('link', title).length === 0, `“${title}” to go`)
  await desk.type('Search briefs and rallies', 'lamp driftwood')
  await gone('Pebbles by mass')
  await desk.type('Search briefs and rallies', '')
  await desk.one('link', 'Pebbles by mass')
  await desk.choose('Filter by pattern', 'Sort it')
  await gone('The sand fence')
  await desk.choose('Filter by season', 'Fall')
  await gone('Along the strandline')
  await desk.one('link', 'Pebbles by mass')
  await desk.choose('Filter by grade', 'Grades 9 to 12')
  await desk.see('No matches. Clear a filter, or search for another word.')
  await desk.until(() => !document.querySelector('[role=listbox]'), 'the list to close')
  await desk.shouldBeAccessible()
})

test('A search finds what is archived, says where it is, and brings it back', async () => {
  await shelve({ format: 'plucky-rally/brief', version: 3, title: 'A kite of bin bags' })
  const desk = await open('/')
  await desk.one('link', 'A kite of bin bags')
  await desk.clickButton(card('A kite of bin bags'))
  await desk.clickMenu('Archive')
  await desk.until(() => desk.all('link', 'A kite of bin bags').length === 0, 'it to go')
  await desk.type('Search briefs and rallies', 'bin bags')
  await desk.see('Also found')
  await desk.one('link', 'Brief “A kite of bin bags”')
  await desk.shouldBeAccessible()
  await desk.clickButton('Restore: Brief “A kite of bin bags”')
  await desk.see('Restored: A kite of bin bags. It is among the briefs.')
  await desk.one('link', 'A kite of bin bags')
})

test('A brief is archived, the archiving is undone, and an archived one is restored', async () => {
  await shelve({ format: 'plucky-rally/brief', version: 3, title: 'A raft of corks' })
  const desk = await open('/')
  const here = (count: number) =>
    desk.until(() => desk.all('link', 'A raft of corks').length === count, `${count} cards of it`)
  await here(1)
  await desk.clickButton(card('A raft of corks'))
  await desk.clickMenu('Archive')
  await desk.see('Archived: A raft of corks.')
  await here(0)
  await desk.shouldBeAccessible()
  await desk.clickButton('Undo')
  await here(1)
  await desk.clickButton(card('A raft of corks'))
  await desk.clickMenu('Archive')
  await here(0)
  await desk.clickButton('Archived')
  await here(1)
  await desk.clickButton(card('A raft of corks'))
  await desk.clickMenu('Restore')
  await here(0)
  await desk.clickButton('Back to briefs')
  await here(1)
})

test('A plan is removed, which can be undone, and a rally is archived and deleted', async () => {
  const brief = await onShelf('The rain catcher')
  const plan = await ask<{ id: string }>('/api/year/plans', {
    brief,
    date: '2027-03-02',
    wholeWeek: false,
    for: 'Class 9',
  })
  const begun = { brief, name: 'Class 9, rain', date: '2027-03-09', teams: [{ name: 'Plovers' }] }
  const { id } = await ask<{ id: string }>('/api/rallies', begun)
  const desk = await open('/')
  await desk.click(() => desk.all('button', 'Show all', false)[0], 'the rest of the list')
  await desk.see('Planned: Mar 2, 2027, Class 9')
  await desk.clickButton(card('the plan of The rain catcher'))
  await desk.clickMenu('Remove from plan')
  await desk.seeNot('Mar 2, 2027')
  const { plans } = await ask<{ plans: { id: string }[] }>('/api/year')
  expect(plans.map((p) => p.id)).not.toContain(plan.id)
  await desk.clickButton('Undo')
  await desk.see('Mar 2, 2027')

  await desk.see('Class 9, rain · 1 team · nothing recorded yet')
  await desk.clickButton(card('Class 9, rain, The rain catcher, Mar 9, 2027'))
  await desk.clickMenu('Archive')
  await desk.see('Archived: Class 9, rain, The rain catcher, Mar 9, 2027.')
  await desk.click(() => desk.all('summary', '1 archived')[0])
  await desk.clickButton(card('Class 9, rain, The rain catcher, Mar 9, 2027'))
  await desk.clickMenu('Delete…')
  await desk.see('Delete Class 9, rain, The rain catcher, Mar 9, 2027?')
  await desk.see('The rally with 1 team, its photos, and the codes of its judges and walls.')
  await desk.clickButton('Delete')
  await desk.until(async () => (await ask<{ id: string }[]>('/api/rallies')).every((r) => r.id !== id), 'it to be gone')
})

test('A pasted challenge becomes a brief: what is clear, what was decided, and the rest as text', async () => {
  const desk = await open('/')
  await desk.clickButton('New brief')
  await desk.clickButton('Paste a challenge')
  await desk.paste(
    'The challenge in your words',
    'The cork raft\nIt must float. It may be at most 12 in long.\n' +
      'Teams of 3 or 4.\nGood luck!\nYou may use:\n- 20 corks\n',
  )
  await desk.see('Measure the length: at most 12 in, before the test.')
  await desk.see('This goes into the teacher’s notes as it is.')
  await desk.see('4 of these go into the brief.')
  await desk.click(() => desk.all('field', 'Material: 20 corks for each team. “20 corks”')[0])
  await desk.see('3 of these go into the brief.')
  await desk.click(() => desk.all('radio', 'Teams of 4 students.')[0])
  await desk.see('4 of these go into the brief.')
  await desk.clickButton('Begin')
  await desk.see('You may use, and how')
  const brief = await ask<{ timing: { teamSize: number }; materials: unknown[]; teacher: { notes: string } }>(
    `/api${desk.place}`,
  )
  expect(brief.timing.teamSize).toBe(4)
  expect(brief.materials).toEqual([])
  expect(brief.teacher.notes).toBe('Good luck!')
})

test('The bar leads to every place, and its menu closes by Escape', async () => {
  const desk = await open('/')
  await desk.clickLink('Cupboard')
  await desk.see('List what you have.')
  expect(desk.all('link', 'Cupboard')[0]!.getAttribute('aria-current')).toBe('page')
  expect(desk.all('link', 'Backups')).toEqual([])
  await desk.clickButton('More')
  await desk.one('link', 'Backups')
  await desk.shouldBeAccessible()
  await desk.keys('{Escape}')
  await desk.until(() => desk.all('link', 'Backups').length === 0, 'the menu to close')
  expect(document.activeElement?.textContent).toContain('More')
  await desk.clickButton('More')
  await desk.clickLink('Status')
  await desk.see('Connected windows')
  expect(desk.all('link', 'Backups')).toEqual([])
})
