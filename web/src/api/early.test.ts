import { afterEach, beforeEach, expect, test, vi } from 'vitest'

const who = (role: string) => new Response(JSON.stringify({ role }), { status: 200 })
const at = (path: string, headers: Record<string, string> = {}) =>
  new Request(new URL(path, location.href), { headers })
const asked: string[] = []
let role = 'teacher'
beforeEach(() => {
  vi.useFakeTimers()
  vi.resetModules()
  asked.length = 0
  role = 'teacher'
  vi.stubGlobal('fetch', (what: string | Request) => {
    const url = new URL(typeof what === 'string' ? what : what.url)
    asked.push(url.pathname)
    return Promise.resolve(url.pathname === '/api/who' ? who(role) : new Response(`${asked.length}`))
  })
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
  sessionStorage.clear()
})

async function early() {
  const { askEarly, fetchOnce } = await import('./early')
  await askEarly('/api/who', ['/api/rallies'])
  return fetchOnce
}

test('what was asked early is taken once', async () => {
  const fetchOnce = await early()
  expect(asked).toEqual(['/api/who', '/api/rallies'])
  expect(await (await fetchOnce(at('/api/rallies'))).text()).toBe('2')
  expect(await (await fetchOnce(at('/api/who'))).json()).toEqual({ role: 'teacher' })
  expect(asked).toHaveLength(2)
  expect(await (await fetchOnce(at('/api/rallies'))).text()).toBe('3')
})

test('the page may read who this is before the rest was asked', async () => {
  const { askEarly, fetchOnce } = await import('./early')
  const rest = askEarly('/api/who', ['/api/rallies'])
  expect(await (await fetchOnce(at('/api/who'))).json()).toEqual({ role: 'teacher' })
  await rest
  expect(asked).toEqual(['/api/who', '/api/rallies'])
})

test('a question with something else in it is asked by itself, and so is all that comes later', async () => {
  const fetchOnce = await early()
  await fetchOnce(at('/api/rallies', { announced: '7' }))
  await fetchOnce(at('/api/rallies'))
  expect(asked).toHaveLength(4)
})

test('what was asked before the page changed something is not taken', async () => {
  const fetchOnce = await early()
  await fetchOnce(new Request(new URL('/api/plans', location.href), { method: 'POST' }))
  await fetchOnce(at('/api/rallies'))
  expect(asked).toEqual(['/api/who', '/api/rallies', '/api/plans', '/api/rallies'])
})

test('what nobody has taken is old after a while', async () => {
  const fetchOnce = await early()
  vi.advanceTimersByTime(5_000)
  await fetchOnce(at('/api/rallies'))
  expect(asked).toHaveLength(3)
})

test('who has not been let in asks for nothing, nor does a window that is a judge’s', async () => {
  role = 'nobody'
  await early()
  expect(asked).toEqual(['/api/who'])
  vi.resetModules()
  asked.length = 0
  sessionStorage.setItem('judging-window', 'a ticket')
  await early()
  expect(asked).toEqual([])
})
