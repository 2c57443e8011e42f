import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { nextTick } from 'vue'
import TurningPages from './TurningPages.vue'

/** What the browser would lay out: a box of 1,000 px, and contents of so many of its widths. */
function laidOut(widths: number) {
  vi.spyOn(HTMLElement.prototype, 'clientWidth', 'get').mockReturnValue(1000)
  vi.spyOn(HTMLElement.prototype, 'scrollWidth', 'get').mockReturnValue(widths * 1000)
}
const pages = (newest?: number) =>
  mount(TurningPages, {
    props: { newest },
    slots: { default: '<ul><li>Terns</li><li data-newest>Whelks</li></ul>' },
    attachTo: document.body,
  })
const shown = (wall: ReturnType<typeof pages>) => wall.findAll('.count span').findIndex((s) => s.classes('here')) + 1

beforeEach(() => void vi.useFakeTimers())
afterEach(() => {
  vi.useRealTimers()
  vi.restoreAllMocks()
  document.body.innerHTML = ''
})

test('what does not fit comes on further pages, which turn by themselves and begin again', async () => {
  laidOut(3)
  const wall = pages()
  await wall.setProps({ newest: 1 })
  await nextTick()
  await nextTick()
  expect(wall.findAll('.count span')).toHaveLength(3)
  const seen = [shown(wall)]
  for (let i = 0; i < 3; i++) {
    await vi.advanceTimersByTimeAsync(10_000)
    seen.push(shown(wall))
  }
  expect(seen).toEqual([1, 2, 3, 1])
  document.dispatchEvent(new KeyboardEvent('keydown', { code: 'KeyP' }))
  await vi.advanceTimersByTimeAsync(60_000)
  expect(shown(wall)).toBe(1)
  expect(wall.get('.count').classes()).toContain('held')
})

test('what fits has no pages', async () => {
  laidOut(1)
  const wall = pages()
  await wall.setProps({ newest: 1 })
  await vi.advanceTimersByTimeAsync(30_000)
  expect(wall.find('.count').exists()).toBe(false)
})

test('what is new is turned to at once, and stays as long as any page', async () => {
  laidOut(3)
  const wall = pages(1)
  const at = (left: number) => new DOMRect(left, 0, 100, 40)
  vi.spyOn(HTMLElement.prototype, 'getBoundingClientRect').mockImplementation(function (this: HTMLElement) {
    return at(this.hasAttribute('data-newest') ? 2050 : 0)
  })
  await vi.advanceTimersByTimeAsync(9_000)
  await wall.setProps({ newest: 2 })
  await nextTick()
  await nextTick()
  expect(shown(wall)).toBe(3)
  await vi.advanceTimersByTimeAsync(9_000)
  expect(shown(wall)).toBe(3)
  await vi.advanceTimersByTimeAsync(1_000)
  expect(shown(wall)).toBe(1)
})
