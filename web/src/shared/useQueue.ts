import { useEventListener, useIntervalFn } from '@vueuse/core'
import { onScopeDispose, shallowRef } from 'vue'
import type { Answer } from '@/api/client'
import type { Refusal } from '@/api/names'
import { deviceStore, keeps, type OnThisDevice } from './deviceStore'

type Queue = 'unsent' | 'photos'
type Value<Q extends Queue> = OnThisDevice[Q]['value']
interface Waiting<Q extends Queue> {
  key: number
  value: Value<Q>
}

/** What came of sending: the server has it, it waits for a better moment, or the server refuses it and says why. */
export type Sending = 'taken' | 'later' | Refusal

/** A server that is away, busy, or does not know this device may take it another time. */
export function sendingOf(answer: Answer<unknown>): Sending {
  if (answer.ok) return 'taken'
  const later = answer.offline || answer.status >= 500 || [401, 403, 429].includes(answer.status)
  return later ? 'later' : answer.refusal
}

/** What a device that keeps nothing has in hand; it is gone when the window is closed. Its keys are below 0. */
const inHand: { [Q in Queue]: Waiting<Q>[] } = { unsent: [], photos: [] }
let next = -1

/**
 * What this device keeps in order until the server has taken it, also while the window is closed. What was refused
 * stays, with the reason, until somebody decides. Whatever is sent must bear being sent twice.
 * @param together How many are sent in one go.
 * @param send Sends some, and says of each in turn what came of it; what it says nothing of waits.
 */
export function useQueue<Q extends Queue>(
  queue: Q,
  rally: string,
  together: number,
  send: (values: readonly Value<Q>[]) => Promise<readonly Sending[]>,
) {
  const waiting = shallowRef<readonly Value<Q>[]>([])
  const news = new BroadcastChannel(`${queue}:${rally}`)
  const loose = inHand[queue] as Waiting<Q>[]
  let sending: Promise<void> | undefined

  /** Keys and values are read in one go, so that each value stands beside its own key whatever another window does. */
  async function kept(): Promise<Waiting<Q>[]> {
    const own = loose.filter(({ value }) => value.rally === rally)
    const db = await deviceStore()
    if (!db) return own
    const index = db.transaction(queue).store.index('rally')
    const ours = IDBKeyRange.only(rally)
    const [keys, values] = await Promise.all([index.getAllKeys(ours), index.getAll(ours)])
    return [...keys.map((key, i) => ({ key, value: values[i] as Value<Q> })), ...own]
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

  /** It is shown as waiting before anything is sent, so that whoever recorded it goes on from it. */
  async function add(...values: Value<Q>[]) {
    await store(values)
    await show()
  }
  /** What belongs together is kept together, so that a page which is left at once leaves no half of it. */
  async function store(values: readonly Value<Q>[]) {
    const change = (await deviceStore())?.transaction(queue, 'readwrite')
    try {
      if (change) return void (await Promise.all([...values.map((value) => change.store.add(value)), change.done]))
    } catch {
      // Its store is full: what it cannot keep it still sends.
      keeps.value = false
    }
    for (const value of values) loose.push({ key: next--, value })
  }
  /** All in one go: a store takes as long for one as for a hundred. */
  async function remove(keys: readonly number[]) {
    for (const key of keys) {
      const at = loose.findIndex((w) => w.key === key)
      if (at >= 0) loose.splice(at, 1)
    }
    const change = (await deviceStore())?.transaction(queue, 'readwrite')
    await Promise.all([...keys.filter((key) => key >= 0).map((key) => change?.store.delete(key)), change?.done])
  }
  async function refuse({ key, value }: Waiting<Q>, refusal: Refusal) {
    const refused = { ...value, refusal }
    if (key >= 0) await (await deviceStore())?.put(queue, refused, key)
    else
      loose.splice(
        loose.findIndex((w) => w.key === key),
        1,
        { key, value: refused },
      )
  }
  async function drop(which: (value: Value<Q>) => boolean) {
    await remove((await kept()).filter(({ value }) => which(value)).map(({ key }) => key))
    await changed()
  }

  async function sendAll() {
    const all = (await kept()).filter(({ value }) => !value.refusal)
    for (let from = 0; from < all.length; from += together) {
      const some = all.slice(from, from + together)
      const came = await send(some.map(({ value }) => value))
      const became = some.map((_, i) => came[i] ?? 'later')
      await remove(some.filter((_, i) => became[i] === 'taken').map(({ key }) => key))
      for (const [i, one] of some.entries()) {
        const how = became[i]
        if (how === 'later') return
        if (how && how !== 'taken') await refuse(one, how)
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

  useIntervalFn(() => !sending && waiting.value.some((v) => !v.refusal) && void flush(), 2500)
  useEventListener(window, 'online', () => void flush())
  // It listens no more, but what is still being sent is told to the other windows.
  onScopeDispose(() => (news.onmessage = null))
  void flush()
  return { waiting, add, drop, flush, show }
}
