import { useEventListener, useIntervalFn } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, shallowRef } from 'vue'
import { api, ask } from '../api/client'
import type { Entry, Refusal } from '../api/names'
import { deviceStore, type Unsent } from './deviceStore'

/** An entry of this device's that a page may not have seen yet: the log had so many entries with it, or it waits. */
export interface OnItsWay {
  entry: Entry
  asOf?: number
}

/** A line that gives no answer for so long is none; and nobody at a pad waits for it longer than this. */
const lineGone = 10_000
const patience = 4_000

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
  /** Whether the line hangs: from then on nothing is waited for until an answer comes. */
  let hangs = false
  const taken = shallowRef<readonly OnItsWay[]>([])
  const onItsWay = computed(() => [
    ...taken.value,
    ...unsent.value.filter((u) => !u.refusal && !taken.value.some((t) => t.entry.id === u.entry.id)),
  ])

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
        api.POST('/api/rallies/{id}/entries', {
          params: { path: { id: rally } },
          body: value.entry,
          signal: AbortSignal.timeout(lineGone),
        }),
      )
      hangs &&= !answer.ok && answer.offline
      if (answer.ok) {
        shutOut.value = false
        taken.value = [...taken.value, { entry: value.entry, asOf: answer.data.asOf }]
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
    const late = new Promise<'late'>((done) => setTimeout(() => done('late'), hangs ? 0 : patience))
    if ((await Promise.race([flush(), late])) === 'late') hangs = true
    await show()
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

  useIntervalFn(() => !sending && unsent.value.some((u) => !u.refusal) && void flush(), 2500)
  useEventListener(window, 'online', () => void flush())
  onBeforeUnmount(() => news.close())
  void flush()
  return { unsent, onItsWay, shutOut, record, drop, move }
}

/** An outbox as a page hands it to what it shows. */
export type Outbox = ReturnType<typeof useOutbox>
