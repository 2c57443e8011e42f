import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { defineComponent, h } from 'vue'
import type { Brief } from '@/api/names'
import { useBriefDraft } from './useBriefDraft'

/** The server: takes a brief unless its title is too long; each answer to a save waits until it is let go on. */
const server = vi.hoisted(() => {
  const line = { waiting: [] as (() => void)[], saved: [] as string[] }
  const check = { problems: [], snags: [], scoring: [], route: [] }
  globalThis.fetch = async (request) => {
    const { url, method } = request as Request
    if (url.endsWith('/check')) return Response.json(check)
    if (method === 'GET') return Response.json({ title: 'Cairn', goal: '' }, { headers: { ETag: '"1"' } })
    const { title, goal } = (await (request as Request).clone().json()) as Brief
    await new Promise<void>((go) => line.waiting.push(go))
    if (title.length > 10) {
      const problem = { at: '/title', what: 'Too long.', remedy: 'Shorten it.', severity: 'error' }
      return Response.json({ title: 'Too long.', problems: [problem] }, { status: 422 })
    }
    line.saved.push(`${title}: ${goal}`)
    return Response.json(check, { headers: { ETag: `"${line.saved.length + 1}"` } })
  }
  return line
})
beforeEach(() => void vi.useFakeTimers())
afterEach(() => {
  vi.useRealTimers()
  Object.assign(server, { waiting: [], saved: [] })
  localStorage.clear()
})

async function open() {
  let draft: ReturnType<typeof useBriefDraft> | undefined
  mount(
    defineComponent({
      setup() {
        draft = useBriefDraft('cairn')
        return () => h('p')
      },
    }),
  )
  await draft!.open()
  return draft!
}
async function type(brief: Brief, what: Partial<Brief>) {
  Object.assign(brief, what)
  await flushPromises()
  await vi.advanceTimersByTimeAsync(400)
  await flushPromises()
}
async function answer() {
  server.waiting.shift()!()
  await flushPromises()
  await vi.advanceTimersByTimeAsync(0)
  await flushPromises()
}

test('what is typed while a save is on its way is saved after it', async () => {
  const { brief, state } = await open()
  await type(brief.value!, { goal: 'High.' })
  await type(brief.value!, { goal: 'Higher.' })
  await answer()
  await answer()
  expect([state.value, server.saved]).toEqual(['saved', ['Cairn: High.', 'Cairn: Higher.']])
})

test('what corrects a refused save while it is on its way is saved after it', async () => {
  const { brief, state, unsaved } = await open()
  await type(brief.value!, { title: 'A cairn for the whole bay' })
  await type(brief.value!, { title: 'Bay cairn' })
  await answer()
  await answer()
  expect([state.value, unsaved.value, server.saved]).toEqual(['saved', [], ['Bay cairn: ']])
})
