import { computed, effectScope, onScopeDispose, ref, shallowReactive, shallowRef } from 'vue'
import { api, ask, refusalFrom, type Answer } from '@/api/client'
import { useWho } from '@/access/useWho'
import type { Entry, Refusal } from '@/api/names'
import type { Unsent } from './deviceStore'
import { sendingOf, useQueue, type Sending } from './useQueue'
import { copyOf } from './copyOf'
import { keepTaken, type OnItsWay } from './takenHere'

/** A line that gives no answer for so long is none; and nobody at a pad waits for it longer than this. */
const lineGone = 10_000
const patience = 4_000
/** So many entries that have waited go in one request; of a team's device the server takes 30 in a minute. */
const together = 25

/** What became of an entry that was just recorded. */
export type Sent = { kind: 'taken' } | { kind: 'waiting' } | { kind: 'refused'; refusal: Refusal }

const boxes = new Map<string, ReturnType<typeof makeBox>>()
/**
 * The one outbox of a rally in this window. It goes on when the page is left: what waits is sent from anywhere in the
 * application.
 */
export function boxOf(rally: string) {
  const known = boxes.get(rally) ?? effectScope(true).run(() => makeBox(rally))!
  boxes.set(rally, known)
  return known
}

/**
 * Keeps every entry on this device until the server has taken it. Sending again is harmless, since an entry keeps its
 * id; while there is no connection entries wait in order.
 */
function makeBox(rally: string) {
  /** Whether the server no longer knows this device; what it kept waits until somebody comes in again. */
  const shutOut = ref(false)
  /** Why the server could not take anything, though it answers: its disk is full, for example. */
  const stumbles = ref<Refusal>()
  /** Whether the line hangs: from then on nothing is waited for until an answer comes. */
  let hangs = false
  const { who } = useWho()
  /** Pages that are told of what the server has taken. */
  const pages = new Set<(some: readonly OnItsWay[]) => void>()

  /** Takes note of whether the line answers, and whether the server still knows this device. */
  function readAnswer(answer: Answer<unknown>) {
    if (!answer.ok && answer.offline) return
    hangs = false
    stumbles.value = !answer.ok && answer.status >= 500 ? answer.refusal : undefined
    shutOut.value = !answer.ok && (answer.status === 401 || answer.status === 403)
  }
  function markSent(some: readonly OnItsWay[]) {
    if (some.length === 0) return
    keepTaken(rally, some)
    for (const hear of pages) hear(some)
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
  const drop = (...ids: string[]) => queue.drop((u) => ids.includes(u.entry.id))

  /**
   * @param takesBack Asked where it is refused: whether it was given back into its own field. Where it was not, it
   * stays on this device with its reason, until somebody decides.
   * @param belonging What is recorded with it, and not without it.
   */
  async function record(
    entry: Entry,
    belonging: readonly Entry[],
    editionAsOf: number | null,
    takesBack: (refusal: Refusal) => boolean,
  ): Promise<Sent> {
    const these = [entry, ...belonging].map((one) => one.id)
    for (const one of these) atPad.add(one)
    try {
      // A plain copy: what the page goes on changing must not change what was recorded.
      // It keeps who wrote it: a tablet may have another judge by the time it is sent.
      const by = who.value?.name ?? ''
      // It says by which brief it was written: one that is changed meanwhile must not give it another meaning.
      const plain = (one: Entry) => ({ ...copyOf(one), by, editionAsOf })
      const [own, ...others] = [entry, ...belonging].map(plain)
      await queue.add(...[own!, ...others].map((one) => ({ entry: one, rally })))
      const late = new Promise<'late'>((done) => setTimeout(() => done('late'), hangs ? 0 : patience))
      if ((await Promise.race([queue.flush(), late])) === 'late') hangs = true
      await queue.show()
      const left = queue.waiting.value.find((u) => u.entry.id === entry.id)
      if (!left) return { kind: 'taken' }
      if (!left.refusal) return { kind: 'waiting' }
      // What came too late for a closed round is kept until somebody moves it or lets it go.
      const back = !left.refusal.problems.some((p) => p.at === '/round') && takesBack(left.refusal)
      await drop(...these)
      if (back) return { kind: 'refused', refusal: left.refusal }
      await queue.add({ entry: own!, belonging: others, refusal: left.refusal, rally })
      return { kind: 'waiting' }
    } finally {
      for (const one of these) atPad.delete(one)
    }
  }

  /** Sends a refused entry otherwise than it was. It keeps its id, since it was never taken. */
  async function sendChanged({ entry, belonging = [] }: Unsent, change: (entry: Entry) => Entry) {
    await drop(entry.id)
    await queue.add(...[entry, ...belonging].map((one) => ({ entry: change(one), rally })))
    await queue.flush()
  }
  const move = (refused: Unsent, round: number) => sendChanged(refused, (entry) => ({ ...entry, round }))
  /** An unlikely reading is right all the same. */
  const beSure = (refused: Unsent) => sendChanged(refused, surely)

  return { pages, unsent, shutOut, stumbles, record, drop, move, beSure }
}

function surely(entry: Entry): Entry {
  if (entry.kind === 'trialRecorded')
    return { ...entry, readings: entry.readings.map((reading) => ({ ...reading, sure: true })) }
  return entry.kind === 'measureRead' ? { ...entry, reading: { ...entry.reading, sure: true } } : entry
}

/** The outbox of a rally as a page uses it: with what the page may not have seen yet. */
export function useOutbox(
  rally: string,
  onTaken: (some: readonly OnItsWay[]) => void,
  edition?: () => number | undefined,
) {
  const { pages, record: send, ...box } = boxOf(rally)
  const taken = shallowRef<readonly OnItsWay[]>([])
  function hear(some: readonly OnItsWay[]) {
    taken.value = [...taken.value, ...some]
    onTaken(some)
  }
  pages.add(hear)
  onScopeDispose(() => pages.delete(hear))
  const onItsWay = computed<readonly OnItsWay[]>(() => [
    ...taken.value,
    ...box.unsent.value.filter((u) => !u.refusal && !taken.value.some((t) => t.entry.id === u.entry.id)),
  ])
  const written = () => edition?.() ?? null
  /** Records what one touch says: where it is refused, that is the answer, and nothing is kept of it. */
  const record = (entry: Entry, ...belonging: Entry[]) => send(entry, belonging, written(), () => true)
  /** Records what was typed: where it is refused and `takesBack` says no, it waits on this device with its reason. */
  const recordTyped = (takesBack: (refusal: Refusal) => boolean, entry: Entry, ...belonging: Entry[]) =>
    send(entry, belonging, written(), takesBack)
  return { ...box, onItsWay, record, recordTyped }
}

/** An outbox as a page hands it to what it shows. */
export type Outbox = ReturnType<typeof useOutbox>
