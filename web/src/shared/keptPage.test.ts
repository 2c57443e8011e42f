import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { openUpdated } from './keptPage'

const page = (script: string) => `<script type="module" crossorigin src="${script}"></script>`
const assign = vi.fn()

beforeEach(() => {
  // What is put in as a text is not run.
  document.head.insertAdjacentHTML('beforeend', page('/assets/index-now.js'))
  vi.spyOn(window.location, 'assign').mockImplementation(assign)
})

afterEach(() => {
  document.querySelector('script[type=module]')?.remove()
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
  assign.mockClear()
})

const serve = (answer: () => Promise<Response>) => vi.stubGlobal('fetch', vi.fn(answer))

test('a page of an updated program is loaded whole', async () => {
  serve(() => Promise.resolve(new Response(page('/assets/index-new.js'))))
  expect(await openUpdated('/rallies/1/results?round=2')).toBe(true)
  expect(fetch).toHaveBeenCalledWith('/rallies/1/results?round=2', { cache: 'no-cache' })
  expect(assign).toHaveBeenCalledWith('/rallies/1/results?round=2')
})

test.each([
  ['the same program', () => Promise.resolve(new Response(page('/assets/index-now.js')))],
  ['a page that names no script', () => Promise.resolve(new Response('<p>starting</p>'))],
  ['a refusal', () => Promise.resolve(new Response(page('/assets/index-new.js'), { status: 503 }))],
  ['no connection', () => Promise.reject(new TypeError('Failed to fetch'))],
])('with %s the window stays as it is', async (_, answer) => {
  serve(answer)
  expect(await openUpdated('/')).toBe(false)
  expect(assign).not.toHaveBeenCalled()
})
