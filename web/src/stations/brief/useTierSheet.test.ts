import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { defineComponent, h, ref } from 'vue'
import type { Brief } from '@/api/names'
import { useTierSheet } from './useTierSheet'

/** The server: what the sheet became of the tier, unless the line is cut. The client takes its fetch when it loads. */
const server = vi.hoisted(() => {
  const line = { cut: false, refuses: false }
  globalThis.fetch = async (request) => {
    const { url } = request as Request
    if (!url.endsWith('/tier/edited')) {
      const brief = url.endsWith('/edition') ? { title: 'Cairn', tiers: [] } : undefined
      return Response.json({ brief, differences: [], problems: [], snags: [] })
    }
    if (line.cut) throw new TypeError('no line')
    if (line.refuses) return Response.json({ title: 'Too long.', detail: 'Shorten it.' }, { status: 422 })
    const { edited } = (await (request as Request).clone().json()) as { edited: Brief }
    return Response.json({ id: 'old', name: 'Older', overrides: [{ at: '/title', value: edited.title }] })
  }
  return line
})

beforeEach(() => void vi.useFakeTimers())
afterEach(() => {
  vi.useRealTimers()
  Object.assign(server, { cut: false, refuses: false })
  localStorage.clear()
})

async function open() {
  const whole = ref({ title: 'Cairn', tiers: [{ id: 'old', name: 'Older', overrides: [] }] } as unknown as Brief)
  let sheet: ReturnType<typeof useTierSheet> | undefined
  mount(
    defineComponent({
      setup() {
        sheet = useTierSheet('brief', 'old', whole)
        return () => h('p')
      },
    }),
  )
  await sheet!.open()
  return { whole, sheet: sheet! }
}
async function type(sheet: ReturnType<typeof useTierSheet>, title: string) {
  sheet.brief.value!.title = title
  await flushPromises()
  await vi.advanceTimersByTimeAsync(400)
  await flushPromises()
}

test('what is typed becomes what the tier has of its own', async () => {
  const { whole, sheet } = await open()
  await type(sheet, 'Tower')
  expect(whole.value.tiers[0]!.overrides).toEqual([{ at: '/title', value: 'Tower' }])
  expect(sheet.behind.value).toBeUndefined()
})

test('what could not be sent is said, and sent again', async () => {
  const { whole, sheet } = await open()
  server.cut = true
  await type(sheet, 'Tower')
  expect([sheet.behind.value, whole.value.tiers[0]!.overrides]).toEqual(['offline', []])
  server.cut = false
  await vi.advanceTimersByTimeAsync(3_000)
  await flushPromises()
  expect(sheet.behind.value).toBeUndefined()
  expect(whole.value.tiers[0]!.overrides).toHaveLength(1)
})

test('what is refused is said with its reason', async () => {
  const { sheet } = await open()
  server.refuses = true
  await type(sheet, 'Tower')
  expect([sheet.behind.value, sheet.refusal.value?.title]).toEqual(['refused', 'Too long.'])
})
