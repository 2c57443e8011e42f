import { flushPromises, shallowMount } from '@vue/test-utils'
import InputText from 'primevue/inputtext'
import { expect, test, vi } from 'vitest'
import NewRallyPage from './NewRallyPage.vue'

/** What answers each question, in the order in which the test wants. */
const answers = new Map<string, (data: unknown) => void>()
vi.mock('@/api/client', () => ({
  api: { GET: (path: string) => path },
  ask: (path: string) => new Promise((done) => answers.set(path, (data) => done({ ok: true, data, etag: '' }))),
  refusalOf: () => undefined,
}))
vi.mock('vue-router', () => ({ useRouter: () => ({}), useRoute: () => ({ query: {} }) }))

test('Nothing can begin before what it begins with is filled in', async () => {
  const page = shallowMount(NewRallyPage, { props: { brief: 'b' } })
  answers.get('/api/briefs/{id}/check')!({ route: [] })
  answers.get('/api/briefs/{id}')!({ title: 'Foil ferry', timing: { teams: 2 }, tiers: [] })
  await flushPromises()
  expect(page.find('form').exists()).toBe(false)

  answers.get('/api/classes')!([])
  await flushPromises()
  expect(page.find('form').exists()).toBe(true)
  expect(page.findComponent(InputText).props('modelValue')).toBe('My class')
})
