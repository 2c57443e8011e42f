import 'fake-indexeddb/auto'
import { mount } from '@vue/test-utils'
import { afterEach, expect, test, vi } from 'vitest'
import { defineComponent, h, watch } from 'vue'
import type { Entry, Refusal } from '@/api/names'
import { reading, ruleChecked, trialRecorded, written } from './entries'
import { takenHere } from './takenHere'
import { boxOf, useOutbox, type Outbox } from './useOutbox'

const note = written('terns', 1, { kind: 'noteMade', text: 'held its breath' })
const refusal: Refusal = {
  title: '“lots” cannot be read as a number.',
  detail: 'Type 12.',
  problems: [
    { at: '/readings/0/typed', what: '“lots” cannot be read as a number.', remedy: 'Type 12.', severity: 'error' },
  ],
}
const closed: Refusal = { ...refusal, problems: [{ ...refusal.problems[0]!, at: '/round' }] }

/** A page with an outbox, and every refusal that it listed at any time. */
function open(rally: string) {
  let outbox!: Outbox
  const listed: string[] = []
  const page = mount(
    defineComponent({
      setup() {
        outbox = useOutbox(rally, () => undefined)
        watch(outbox.unsent, (all) => listed.push(...all.flatMap((u) => u.refusal?.title ?? [])), { flush: 'sync' })
        return () => h('p')
      },
    }),
  )
  return { outbox, listed, leave: () => page.unmount() }
}

const answer = (body: object, status: number) =>
  vi.stubGlobal('fetch', () =>
    Promise.resolve(new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })),
  )

afterEach(() => vi.unstubAllGlobals())

test('what is refused goes back to its pad and is listed nowhere meanwhile', async () => {
  answer(refusal, 422)
  const { outbox, listed, leave } = open('one')
  const sent = await outbox.record(note)
  expect(sent).toMatchObject({ kind: 'refused', refusal: { title: refusal.title } })
  expect(outbox.unsent.value).toEqual([])
  expect(listed).toEqual([])
  leave()
})

test('what came too late for a closed round is listed until somebody decides', async () => {
  answer(closed, 422)
  const { outbox, listed, leave } = open('two')
  expect(await outbox.record(note)).toEqual({ kind: 'waiting' })
  expect(outbox.unsent.value.map((u) => u.refusal?.title)).toEqual([closed.title])
  expect(listed).toEqual([closed.title])
  await outbox.drop(note.id)
  expect(outbox.unsent.value).toEqual([])
  leave()
})

test('what no field takes back is listed with its value until it is sent otherwise', async () => {
  const unlikely: Refusal = { ...refusal, problems: [{ ...refusal.problems[0]!, at: '/readings/0/sure' }] }
  answer(unlikely, 422)
  const { outbox, leave } = open('typed')
  const trial = trialRecorded('terns', 1, { outcome: 'counted', attempt: 1, readings: [reading('reach', '1200')] })
  const met = ruleChecked('terns', 1, 'dry', true, { attempt: 1, design: '' })
  expect(await outbox.recordTyped(() => false, trial, met)).toEqual({ kind: 'waiting' })
  expect(outbox.unsent.value).toMatchObject([{ entry: { id: trial.id }, belonging: [{ id: met.id }] }])

  const bodies: string[] = []
  vi.stubGlobal('fetch', async (sent: Request) => {
    bodies.push(await sent.text())
    const taken = (entry: Entry) => ({ problems: [], taken: { id: entry.id, asOf: 1 } })
    return new Response(JSON.stringify([trial, met].map(taken)), { headers: { 'Content-Type': 'application/json' } })
  })
  await outbox.beSure(outbox.unsent.value[0]!)
  expect(outbox.unsent.value).toEqual([])
  expect(JSON.parse(bodies[0]!)).toMatchObject([{ id: trial.id, readings: [{ sure: true }] }, { id: met.id }])
  leave()
})

test('what waits is sent although its page was left, and the next page of the rally hears of it', async () => {
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no line')))
  const first = open('left')
  expect(await first.outbox.record(note)).toEqual({ kind: 'waiting' })
  first.leave()
  answer({ id: note.id, asOf: 3 }, 201)
  await vi.waitFor(() => expect(boxOf('left').unsent.value).toEqual([]), 6_000)
  expect(takenHere('left')).toMatchObject([{ entry: { id: note.id }, asOf: 3 }])
})
