import { flushPromises, mount } from '@vue/test-utils'
import { expect, test, vi } from 'vitest'
import FirstStart from './FirstStart.vue'
import HomePage from './HomePage.vue'

/** Answers the question for the briefs, when the test wants it. */
let answerBriefs: ((answer: unknown) => void) | undefined
vi.mock('@/api/client', () => ({
  api: { GET: (path: string) => path },
  ask: (path: string) =>
    path === '/api/briefs'
      ? new Promise((done) => (answerBriefs = done))
      : Promise.resolve({ ok: true, data: path === '/api/rallies' ? [] : { second: {} }, etag: '' }),
}))
vi.mock('vue-router', () => ({ useRouter: () => ({}), useRoute: () => ({ query: {} }) }))

const named = [
  'FirstStart',
  'ImportFiles',
  'RallyLists',
  'YearLine',
  'InputText',
  'Select',
  'WhatIs',
  'Button',
  'RouterLink',
]
const stubs = Object.fromEntries(named.map((name) => [name, true]))

test.each([
  ['came', { ok: true, data: [], etag: '' }, true],
  ['did not come', { ok: false, offline: true }, false],
])('“New brief” stands still once it is seen: the briefs %s', async (_, answer, first) => {
  const page = mount(HomePage, { attachTo: document.body, global: { stubs } })
  await vi.waitUntil(() => page.find('button-stub').exists())
  expect(page.find('button-stub').isVisible()).toBe(false)

  answerBriefs!(answer)
  await flushPromises()
  expect(page.find('button-stub').isVisible()).toBe(true)
  expect(page.findComponent(FirstStart).exists()).toBe(first)
})
