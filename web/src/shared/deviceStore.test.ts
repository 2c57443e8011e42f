import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { afterEach, expect, test, vi } from 'vitest'

afterEach(() => vi.unstubAllGlobals())

/** A window of an older version that holds the store, and what lets it go. */
const older = () =>
  new Promise<IDBDatabase>((done) => {
    const opening = indexedDB.open('plucky-rally', 1)
    opening.onsuccess = () => done(opening.result)
  })

test('a window of an older version that holds the store keeps nobody from recording', async () => {
  vi.stubGlobal('indexedDB', new IDBFactory())
  vi.resetModules()
  const held = await older()
  const { deviceStore, keeps } = await import('./deviceStore')
  expect(await deviceStore()).toBeUndefined()
  expect(keeps.value).toBe(false)
  held.close()
  await vi.waitFor(async () => expect(await deviceStore()).toBeDefined())
  expect(keeps.value).toBe(true)

  // A newer version wants it: it is let go at once, and nothing breaks.
  const newer = indexedDB.open('plucky-rally', 99)
  await new Promise((done) => (newer.onsuccess = done))
  expect(await deviceStore()).toBeUndefined()
  newer.result.close()
})
