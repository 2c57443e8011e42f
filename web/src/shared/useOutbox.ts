import { useEventListener, useIntervalFn, useLocalStorage } from '@vueuse/core'
import { api, ask } from '../api/client'
import type { Entry, Refusal } from '../api/names'

/** An entry that the server has not taken yet, with its refusal where it came too late to be shown where it was typed. */
export interface Unsent {
  entry: Entry
  refusal?: Refusal
}

/** What became of an entry that was just recorded. */
export type Sent = { kind: 'taken' } | { kind: 'waiting' } | { kind: 'refused'; refusal: Refusal }

/**
 * Keeps every entry in this browser until the server has taken it. Sending again is harmless, since an entry keeps its
 * id; while there is no connection entries wait in order.
 */
export function useOutbox(rally: string, onTaken: () => void) {
  const unsent = useLocalStorage<Unsent[]>(`outbox:${rally}`, [])
  let sending: Promise<void> | undefined

  const drop = (id: string) => (unsent.value = unsent.value.filter((u) => u.entry.id !== id))

  async function sendAll() {
    for (const { entry, refusal } of [...unsent.value]) {
      if (refusal) continue
      const answer = await ask(api.POST('/api/rallies/{id}/entries', { params: { path: { id: rally } }, body: entry }))
      if (answer.ok) {
        drop(entry.id)
        onTaken()
      } else if (answer.offline || answer.status >= 500) {
        return
      } else {
        unsent.value = unsent.value.map((u) => (u.entry.id === entry.id ? { entry, refusal: answer.refusal } : u))
      }
    }
  }

  /** One sending at a time; whoever asks meanwhile waits for it and then sends what is left. */
  async function flush() {
    while (sending) await sending
    sending = sendAll()
    await sending
    sending = undefined
  }

  async function record(entry: Entry): Promise<Sent> {
    unsent.value = [...unsent.value, { entry }]
    await flush()
    const left = unsent.value.find((u) => u.entry.id === entry.id)
    if (!left) return { kind: 'taken' }
    if (!left.refusal) return { kind: 'waiting' }
    drop(entry.id)
    return { kind: 'refused', refusal: left.refusal }
  }

  useIntervalFn(() => unsent.value.some((u) => !u.refusal) && void flush(), 2500)
  useEventListener(window, 'online', () => void flush())
  return { unsent, record, drop }
}
