import { computed, ref, shallowReactive, shallowRef } from 'vue'
import { api, ask, refusalFrom, type Answer } from '@/api/client'
import { useWho } from '@/access/useWho'
import type { Entry, Refusal } from '@/api/names'
import { sendingOf, useQueue, type Sending } from './useQueue'
import { copyOf } from './copyOf'

/** An entry of this device's that a page may not have seen yet: the log had so many entries with it, or it waits. */
export interface OnItsWay {
  entry: Entry
  asOf?: number
}

/** A line that gives no answer for so long is none; and nobody at a pad waits for it longer than this. */
const lineGone = 10_000
const patience = 4_000
/** So many entries that have waited go in one request. */
const together = 100

/** What became of an entry that was just recorded. */
export type Sent = { kind: 'taken' } | { kind: 'waiting' } | { kind: 'refused'; refusal: Refusal }

/**
 * Keeps every entry on this device until the server has taken it. Sending again is harmless, since an entry keeps its
 * id; while there is no connection entries wait in order.
 */
export function useOutbox(
  rally: string,
  onTaken: (some: readonly OnItsWay[]) => void,
  edition?: () => number | undefined,
) {
  /** Whether the server no longer knows this device; what it kept waits until somebody comes in again. */
  const shutOut = ref(false)
  /** Why the server could not take anything, though it answers: its disk is full, for example. */
  const stumbles = ref<Refusal>()
  /** Whether the line hangs: from then on nothing is waited for until an answer comes. */
  let hangs = false
  const taken = shallowRef<readonly OnItsWay[]>([])
  const { who } = useWho()

  /** Takes note of whether the line answers, and whether the server still knows this device. */
  function readAnswer(answer: Answer<unknown>) {
    if (!answer.ok && answer.offline) return
    hangs = false
    stumbles.value = !answer.ok && answer.status >= 500 ? answer.refusal : undefined
    shutOut.value = !answer.ok && (answer.status === 401 || answer.status === 403)
  }
  function markSent(some: readonly OnItsWay[]) {
    if (some.length === 0) return
    taken.value = [...taken.value, ...some]
    onTaken(some)
  }
  const request = () => ({ params: { path: { id: rally } }, signal: AbortSignal.timeout(lineGone) })

  async function sendOne(entry: Entry): Promise<Sending[]> {
    const answer = await ask(api.POST('/api/rallies/{id}/entries', { ...request(), body: entry }))
    readAnswer(answer)
    if (answer.ok) markSent([{ entry, asOf: answer.data.asOf }])
    return [sendingOf(answer)]
  }
  /** What has waited goes together, in its order; each has an answer of its own. */
  async function sendMany(entries: readonly Entry[]): Promise<Sending[]> {
    const answer = await ask(api.POST('/api/rallies/{id}/entries/many', { ...request(), body: [...entries] }))
    readAnswer(answer)
    if (!answer.ok) return sendingOf(answer) === 'later' ? [] : sendEach(entries)
    markSent(entries.flatMap((entry, i) => (answer.data[i]?.taken ? [{ entry, asOf: answer.data[i].taken.asOf }] : [])))
    return answer.data.map((a) => (a.taken ? 'taken' : refusalFrom(a.problems)))
  }
  /** A bundle that is refused as a whole is taken apart, so that one bad entry does not hold up the others. */
  async function sendEach(entries: readonly Entry[]): Promise<Sending[]> {
    const came: Sending[] = []
    for (const entry of entries) {
      const [one] = await sendOne(entry)
      if (!one || one === 'later') break
      came.push(one)
    }
    return came
  }

  const queue = useQueue('unsent', rally, together, (values) => {
    const entries = values.map(({ entry }) => entry)
    return entries.length === 1 ? sendOne(entries[0]!) : sendMany(entries)
  })
  /** What somebody at a pad has just recorded: if it is refused, that pad says so, and no list before it. */
  const atPad = shallowReactive(new Set<string>())
  const unsent = computed(() => queue.waiting.value.filter((u) => !u.refusal || !atPad.has(u.entry.id)))
  const onItsWay = computed<readonly OnItsWay[]>(() => [
    ...taken.value,
    ...unsent.value.filter((u) => !u.refusal && !taken.value.some((t) => t.entry.id === u.entry.id)),
  ])
  const drop = (id: string) => queue.drop((u) => u.entry.id === id)

  /** @param belonging What is recorded with it, and not without it. */
  async function record(entry: Entry, ...belonging: Entry[]): Promise<Sent> {
    const these = [entry, ...belonging].map((one) => one.id)
    for (const one of these) atPad.add(one)
    try {
      return await keepAndSend(entry, belonging)
    } finally {
      for (const one of these) atPad.delete(one)
    }
  }
  async function keepAndSend(entry: Entry, belonging: readonly Entry[]): Promise<Sent> {
    // A plain copy: what the page goes on changing must not change what was recorded.
    // It keeps who wrote it: a tablet may have another judge by the time it is sent.
    const by = who.value?.name ?? ''
    // It says by which brief it was written: one that is changed meanwhile must not give it another meaning.
    const editionAsOf = edition?.() ?? null
    const plain = (one: Entry) => ({ ...copyOf(one), by, editionAsOf })
    await queue.add(...[entry, ...belonging].map((one) => ({ entry: plain(one), rally })))
    const late = new Promise<'late'>((done) => setTimeout(() => done('late'), hangs ? 0 : patience))
    if ((await Promise.race([queue.flush(), late])) === 'late') hangs = true
    await queue.show()
    const left = queue.waiting.value.find((u) => u.entry.id === entry.id)
    if (!left) return { kind: 'taken' }
    // What came too late for a closed round is kept until somebody moves it or lets it go.
    if (!left.refusal || left.refusal.problems.some((p) => p.at === '/round')) return { kind: 'waiting' }
    for (const one of [entry, ...belonging]) await drop(one.id)
    return { kind: 'refused', refusal: left.refusal }
  }

  /** Sends a refused entry for another round. It keeps its id, since it was never taken. */
  async function move(id: string, round: number) {
    const found = unsent.value.find((u) => u.entry.id === id)
    if (!found) return
    await queue.add({ entry: { ...found.entry, round }, rally })
    await drop(id)
    await queue.flush()
  }

  return { unsent, onItsWay, shutOut, stumbles, record, drop, move }
}

/** An outbox as a page hands it to what it shows. */
export type Outbox = ReturnType<typeof useOutbox>
