import { flushPromises } from '@vue/test-utils'
import { afterEach, expect, test, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import type { Brief, Change } from '@/api/names'
import { copyOf } from '@/shared/copyOf'
import { useSteps } from './useSteps'

/** The server: puts a title where a change asks for it, once it is let go on. */
const server = vi.hoisted(() => {
  const line = { waiting: [] as (() => void)[] }
  globalThis.fetch = async (request) => {
    const { brief, changes } = (await (request as Request).clone().json()) as { brief: Brief; changes: Change[] }
    await new Promise<void>((go) => line.waiting.push(go))
    return Response.json(Object.assign(brief, Object.fromEntries(changes.map((c) => [c.at.slice(1), c.value]))))
  }
  return line
})
async function answer() {
  await flushPromises()
  server.waiting.shift()!()
  await flushPromises()
}
afterEach(() => void (server.waiting = []))

const change = (at: string, value: string): Change => ({ kind: 'set', at, value, tier: '' })
function open() {
  const brief = ref<Brief | undefined>({ title: 'Cairn', goal: '', story: '' } as Brief)
  const steps = effectScope().run(() => useSteps(brief))!
  steps.begin()
  return { brief, steps }
}
const said = ({ title, goal, story }: Brief) => [title, goal, story]

test('what is typed while an answer is on its way stays', async () => {
  const { brief, steps } = open()
  const changed = steps.applyChanges([change('/title', 'Tower'), change('/goal', 'High.')])
  await flushPromises()
  brief.value!.story = 'A wind comes up.'
  brief.value!.goal = 'Higher.'
  await answer()
  await answer()
  await changed
  expect(said(brief.value!)).toEqual(['Tower', 'Higher.', 'A wind comes up.'])
  steps.undo()
  expect(said(brief.value!)).toEqual(['Cairn', 'Higher.', 'A wind comes up.'])
})

test('what is typed while a change is proposed stays', async () => {
  const { brief, steps } = open()
  const since = copyOf(brief.value!)
  brief.value!.goal = 'Higher.'
  void steps.applyChanges([change('/title', 'Tower'), change('/goal', 'High.')], since)
  await answer()
  expect(said(brief.value!)).toEqual(['Tower', 'Higher.', ''])
})

test('a change that is taken later puts its value in place of what stands', async () => {
  const { brief, steps } = open()
  brief.value!.goal = 'Higher.'
  void steps.applyChanges([change('/goal', 'High.')])
  await answer()
  expect(said(brief.value!)).toEqual(['Cairn', 'High.', ''])
})
