import { expect, test } from 'vitest'
import { open } from '../page'
import { ask, onShelf } from '../rallies'

/** Attendance: a switch for each student, and teams, jobs and kit that follow. */

test('Who is absent is switched off, the others take over the jobs, and Done goes on', async () => {
  const { id: group, students } = await ask<{ id: string; students: { id: string; name: string }[] }>('/api/classes', {
    name: 'Class 12',
    students: ['Anouk P.', 'Birk S.', 'Cleo T.'],
  })
  expect(group).not.toBe('')
  const [anouk, birk] = students.map((s) => s.id)
  const { id } = await ask<{ id: string }>('/api/rallies', {
    brief: await onShelf('The rain catcher'),
    name: 'Class 12',
    teams: [
      {
        name: 'Gannets',
        students: [
          { id: anouk, jobs: ['record'] },
          { id: birk, jobs: [] },
        ],
      },
    ],
  })
  const page = await open(`/rallies/${id}/attendance`)
  await page.see('2 of 3 here')
  await page.shouldBeAccessible()
  await page.clickButton('Anouk P., Gannets · Keeps the record')
  await page.see('1 of 3 here')
  await page.see('Gannets · Keeps the record')
  await page.clickButton('Cleo T.')
  await page.see('2 of 3 here')
  await page.clickLink('Done')
  await page.until(() => !page.place.includes('attendance') && !page.place.endsWith('/next'), 'the next station')
  const { teams } = await ask<{ teams: { pupils: { name: string; jobs: string[] }[] }[] }>(`/api/rallies/${id}`)
  expect(teams[0]!.pupils.map((p) => `${p.name} ${p.jobs.join()}`)).toEqual([
    'Birk S. record',
    'Cleo T. materials,design,building',
  ])
})
