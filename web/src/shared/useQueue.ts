import { useEventListener, useIntervalFn } from '@vueuse/core'
import { onBeforeUnmount, shallowRef } from 'vue'
import type { Answer } from '../api/client'
import type { Refusal } from '../api/names'
import { deviceStore, type OnThisDevice } from './deviceStore'

type Queue = 'unsent' | 'photos'
type Value<Q extends Queue> = OnThisDevice[Q]['value']

/** What came of sending: the server has it, it waits for a better moment, or the server refuses it and says why. */
export type Sending = 'taken' | 'later' | Refusal

/** A server that is away, busy, or does not know this device may take it another time. */
export function sendingOf(answer: Answer<unknown>): Sending {
  if (answer.ok) return 'taken'
  const later = answer.offline || answer.status >= 500 || [401, 403, 429].includes(answer.status)
  return later ? 'later' : answer.refusal
}

/**
 * What this device keeps in order until the server has taken it, also while the window is closed. What was refused stays,
 * with the reason, until somebody decides. Whatever is sent must bear being sent twice.
 */
export function useQueue<Q extends Queue>(queue: Q, rally: string, send: (value: Value<Q>) => Promise<Sending>) {
  const waiting = shallowRef<readonly Value<Q>[]>([])
  const news = new BroadcastChannel(`${queue}:${rally}`)
  let sending: Promise<void> | undefined

  /** Keys and values are read in one go, so that each value stands beside its own key whatever another window does. */
  async function kept() {
    const index = (await deviceStore()).transaction(queue).store.index('rally')
    const ours = IDBKeyRange.only(rally)
    const [keys, values] = await Promise.all([index.getAllKeys(ours), index.getAll(ours)])
    return keys.map((key, i) => ({ key, value: values[i] as Value<Q> }))
  }
  async function show() {
    waiting.value = (await kept()).map(({ value }) => value)
  }
  /** Other windows of this rally look again too. */
  async function changed() {
    await show()
    news.postMessage('changed')
  }
  news.onmessage = () => void show()

  const add = async (value: Value<Q>) => void (await (await deviceStore()).add(queue, value))
  async function drop(which: (value: Value<Q>) => boolean) {
    const key = (await kept()).find(({ value }) => which(value))?.key
    if (key !== undefined) await (await deviceStore()).delete(queue, key)
    await changed()
  }

  async function sendAll() {
    const db = await deviceStore()
    for (const { key, value } of await kept()) {
      if (value.refusal) continue
      const came = await send(value)
      if (came === 'later') return
      if (came === 'taken') await db.delete(queue, key)
      else await db.put(queue, { ...value, refusal: came }, key)
    }
  }
  /** One sending at a time; whoever asks meanwhile waits for it and then sends what is left. */
  async function flush() {
    while (sending) await sending
    sending = sendAll().finally(() => (sending = undefined))
    await sending
    await changed()
  }

  useIntervalFn(() => !sending && waiting.value.some((v) => !v.refusal) && void flush(), 2500)
  useEventListener(window, 'online', () => void flush())
  // It listens no more, but what is still being sent when the page is left is told to the other windows.
  onBeforeUnmount(() => (news.onmessage = null))
  void flush()
  return { waiting, add, drop, flush, show }
}
