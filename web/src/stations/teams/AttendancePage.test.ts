import { flushPromises, mount } from '@vue/test-utils'
import { expect, test, vi } from 'vitest'
import { ref } from 'vue'
import AttendancePage from './AttendancePage.vue'

const list = ['Ana', 'Ben', 'Cai'].map((name) => ({ id: name, name, here: true, note: '' }))
const sent: string[] = []
vi.mock('@/api/client', async (original) => ({
  ...(await original<object>()),
  api: { GET: () => 'list', PUT: (_: string, { params }: { params: { path: { who: string } } }) => params.path.who },
  ask: (what: string) => {
    if (what === 'list') return Promise.resolve({ ok: true, data: list, etag: '' })
    sent.push(what)
    if (what === 'Ana') return Promise.reject(new SyntaxError('The answer was no JSON.'))
    const refusal = { title: 'Round 1 is closed.', detail: '', problems: [] }
    return Promise.resolve(what === 'Ben' ? { ok: false, offline: false, refusal } : { ok: true, data: list, etag: '' })
  },
}))
vi.mock('@/shared/openRally', async (original) => ({
  ...(await original<object>()),
  useRally: () => ({
    rally: ref({ id: 'r' }),
    round: ref(1),
    tick: ref(0),
    news: () => undefined,
    inRound: (path: string) => path,
  }),
}))

test('a switch that failed stops none of those after it, and what was refused is said on', async () => {
  const page = mount(AttendancePage, { global: { stubs: { Button: true } } })
  await flushPromises()
  for (const line of page.findAll('[role=switch]')) await line.trigger('click')
  await flushPromises()
  expect(sent).toEqual(['Ana', 'Ben', 'Cai'])
  expect(page.text()).toContain('Round 1 is closed.')
})
