import { expect, test } from 'vitest'
import { cutLine } from '../network'
import { open } from '../page'
import { ask, onShelf } from '../rallies'

/** A helper's phone goes on without the network from when a table is chosen. */
test('A table and every sheet of it are on the device as soon as the table is chosen', async () => {
  const brief = await onShelf('The slowest millrace')
  const teams = [{ name: 'Plovers' }, { name: 'Whelks' }]
  const { id: rally } = await ask<{ id: string }>('/api/rallies', { brief, name: 'Class 6', teams })
  const { id: day } = await ask<{ id: string }>('/api/days', {
    name: 'Pier day',
    date: '2199-05-04',
    slots: [{ rally, tables: 1 }],
  })
  const phone = await open(`/days/${day}/rallies/${rally}/tables/1`)
  await phone.see('Now: Plovers')
  const kept = () =>
    new Promise<number>((done) => {
      const opening = indexedDB.open('plucky-rally')
      opening.onsuccess = () => {
        const all = opening.result.transaction('sheets').objectStore('sheets').getAllKeys()
        all.onsuccess = () => {
          opening.result.close()
          done((all.result as string[]).filter((key) => key.includes(rally)).length)
        }
      }
    })
  await phone.until(async () => (await kept()) === 2, 'both sheets to be kept')
  cutLine()
  await phone.reload()
  await phone.see('Now: Plovers')
  await phone.see('This is what was known at')
  await phone.clickButton('Score Plovers')
  await phone.see('Attempt 1 of 3')
  await phone.type('Time', '12.4')
  await phone.clickButton('Record')
  await phone.see('and 1 waits on this device')
  await phone.see('1 waiting')
  await phone.clickButton('Next team')
  await phone.see('Whelks')
  expect(phone.text).not.toContain('does not answer')
})
