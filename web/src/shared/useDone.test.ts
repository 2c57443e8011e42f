import { expect, it } from 'vitest'
import { notDone, recorded, useDone } from './useDone'

it('says of the last touch why it did not come about, and nothing once one does', async () => {
  const { refusal, close } = useDone()
  notDone({ ok: false, offline: true })
  expect(refusal.value?.title).toBe('There is no connection.')
  await recorded(Promise.resolve({ kind: 'taken' }))
  expect(refusal.value).toBeUndefined()

  const closed = { title: 'The round is closed.', detail: 'Open it again.', problems: [] }
  expect(await recorded(Promise.resolve({ kind: 'refused', refusal: closed }))).toMatchObject({ kind: 'refused' })
  expect(refusal.value).toEqual(closed)
  close()
  expect(refusal.value).toBeUndefined()

  // What waits for the line is not refused.
  await recorded(Promise.resolve({ kind: 'waiting' }))
  expect(refusal.value).toBeUndefined()
})
