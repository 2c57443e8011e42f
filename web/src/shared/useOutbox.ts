import { useEventListener, useIntervalFn } from '@vueuse/core'
import { onBeforeUnmount, ref, shallowRef } from 'vue'
import { api, ask } from '../api/client'
import type { Entry, Refusal } from '../api/names'
import { deviceStore, type Unsent } from './deviceStore'

/** What became of an entry that was just recorded. */
export type Sent = { kind: 'taken' } | { kind: 'waiting' } | { kind: 'refused'; refusal: Refusal }

/**
 * Keeps every entry on this device until the server has taken it. Sending again is harmless, since an entry keeps its id;
 * while there is no connection entries wait in order, also while the window is closed.
 */
export function useOutbox(rally: string, onTaken: () => void) {
  const unsent = shallowRef<readonly Unsent[]>([])
  /** Whether the server no longer knows this device; what it kept waits until somebody comes in again. */
  const shutOut = ref(false)
  const news = new BroadcastChannel(`outbox:${rally}`)
  let sending: Promise<void> | undefined

  async function kept() {
    const db = await deviceStore()
    const keys = await db.getAllKeysFromIndex('unsent', 'rally', rally)
    const values = await db.getAllFromIndex('unsent', 'rally', rally)
    return keys.map((key, i) => ({ key, value: values[i]! }))
  }
  async function show() {
    unsent.value = (await kept()).map(({ value }) => value)
  }
  /** Other windows of this rally look again too. */
  async function changed() {
    await show()
    news.postMessage('changed')
  }
  news.onmessage = () => void show()

  async function keyOf(id: string) {
    return (await kept()).find(({ value }) => value.entry.id === id)?.key
  }
  async function drop(id: string) {
    const key = await keyOf(id)
    if (key !== undefined) await (await deviceStore()).delete('unsent', key)
    await changed()
  }

  async function sendAll() {
    const db = await deviceStore()
    for (const { key, value } of await kept()) {
      if (value.refusal) continue
      const answer = await ask(
        api.POST('/api/rallies/{id}/entries', { params: { path: { id: rally } }, body: value.entry }),
      )
      if (answer.ok) {
        shutOut.value = false
        await db.delete('unsent', key)
        onTaken()
      } else if (answer.offline || answer.status >= 500 || answer.status === 429) {
        return
      } else if (answer.status === 401 || answer.status === 403) {
        shutOut.value = true
        return
      } else {
        await db.put('unsent', { ...value, refusal: answer.refusal }, key)
      }
    }
  }

  /** One sending at a time; whoever asks meanwhile waits for it and then sends what is left. */
  async function flush() {
    while (sending) await sending
    sending = sendAll().finally(() => (sending = undefined))
    await sending
    await changed()
  }

  async function record(entry: Entry): Promise<Sent> {
    // A plain copy: what the page goes on changing must not change what was recorded.
    const plain = JSON.parse(JSON.stringify(entry)) as Entry
    await (await deviceStore()).add('unsent', { entry: plain, rally })
    await flush()
    const left = unsent.value.find((u) => u.entry.id === entry.id)
    if (!left) return { kind: 'taken' }
    // What came too late for a closed round is kept until somebody moves it or lets it go.
    if (!left.refusal || left.refusal.problems.some((p) => p.at === '/round')) return { kind: 'waiting' }
    await drop(entry.id)
    return { kind: 'refused', refusal: left.refusal }
  }

  /** Sends a refused entry for another round. It keeps its id, since it was never taken. */
  async function move(id: string, round: number) {
    const found = unsent.value.find((u) => u.entry.id === id)
    if (!found) return
    await (await deviceStore()).add('unsent', { entry: { ...found.entry, round }, rally })
    await drop(id)
    await flush()
  }

  useIntervalFn(() => unsent.value.some((u) => !u.refusal) && void flush(), 2500)
  useEventListener(window, 'online', () => void flush())
  onBeforeUnmount(() => news.close())
  void flush()
  return { unsent, shutOut, record, drop, move }
}

/** An outbox as a page hands it to what it shows. */
export type Outbox = ReturnType<typeof useOutbox>
