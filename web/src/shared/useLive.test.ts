import { mount } from '@vue/test-utils'
import { afterEach, expect, test, vi } from 'vitest'
import { useLive, type LiveNews } from './useLive'

/** A live line without a server: what it was told to do on news. */
let refusals = 0
const told = new Map<string, (news: LiveNews) => void>()
const at = (asOf: number, within = 0): LiveNews => ({ asOf, within, edition: 1, running: 1 })

vi.mock('@microsoft/signalr', () => {
  const line = {
    on: (what: string, does: (news: LiveNews) => void) => told.set(what, does),
    onreconnecting: () => undefined,
    onreconnected: () => undefined,
    start: () => Promise.resolve(),
    stop: () => Promise.resolve(),
    state: 'Connected',
    invoke: () => (refusals-- > 0 ? Promise.reject(new Error('The file is locked.')) : Promise.resolve(at(3))),
  }
  class HubConnectionBuilder {
    withUrl = () => this
    withAutomaticReconnect = () => this
    configureLogging = () => this
    build = () => line
  }
  return { HubConnectionBuilder, LogLevel: { None: 0 } }
})
afterEach(() => {
  vi.useRealTimers()
  vi.restoreAllMocks()
})

/** A page that follows a rally, and what it has heard so far. */
async function follow() {
  const heard: unknown[] = []
  const page = mount({ setup: () => useLive('a rally', (news) => heard.push(news.asOf)), render: () => null })
  await vi.waitFor(() => expect(heard).toEqual([3]))
  return { page, heard, news: told.get('news')! }
}

test('news that waits for its moment is heard before what came after it', async () => {
  const { heard, news } = await follow()
  vi.useFakeTimers()
  vi.spyOn(Math, 'random').mockReturnValueOnce(0.9).mockReturnValueOnce(0.1)
  news(at(4, 1000))
  news(at(5, 1000))
  expect(heard).toEqual([3])
  vi.advanceTimersByTime(150)
  expect(heard).toEqual([3, 4, 5])
  news(at(6, 1000))
  news(at(7))
  expect(heard).toEqual([3, 4, 5, 6, 7])
  vi.runAllTimers()
  expect(heard).toEqual([3, 4, 5, 6, 7])
})

test('a line that stands and could not follow yet tries until it can', async () => {
  refusals = 2
  vi.useFakeTimers()
  const heard: unknown[] = []
  const page = mount({
    setup: () => useLive('a rally', (news) => heard.push(news.asOf)),
    render: () => null,
  })
  await vi.advanceTimersByTimeAsync(2_500)
  expect([heard, page.vm.connected]).toEqual([[], false])
  await vi.advanceTimersByTimeAsync(2_500)
  expect(heard).toEqual([3])
})

test('a page that is left hears nothing more', async () => {
  const { page, heard, news } = await follow()
  vi.useFakeTimers()
  news(at(4, 1000))
  page.unmount()
  vi.runAllTimers()
  expect(heard).toEqual([3])
})
