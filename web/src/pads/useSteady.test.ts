import { mount } from '@vue/test-utils'
import { describe, expect, test } from 'vitest'
import { defineComponent, h, nextTick, useTemplateRef } from 'vue'
import { useSteady } from './useSteady'

/** Two buttons, each where it is told to lie. */
async function open() {
  const pressed: string[] = []
  const page = mount(
    defineComponent({
      setup() {
        const heldBack = useSteady(useTemplateRef<HTMLElement>('root'))
        const button = (name: string) => h('button', { id: name, onClick: () => pressed.push(name) }, name)
        return () => h('div', { ref: 'root' }, [button('kept'), button('missed'), heldBack.value ? 'held back' : ''])
      },
    }),
    { attachTo: document.body },
  )
  const lay = (name: string, x: number, y: number) => {
    page.get<HTMLElement>(`#${name}`).element.getBoundingClientRect = () => new DOMRect(x, y, 80, 48)
  }
  const press = (name: string, at: { x: number; y: number; after: number; keyboard?: boolean }) => {
    const event = new MouseEvent('click', {
      bubbles: true,
      cancelable: true,
      clientX: at.x,
      clientY: at.y,
      detail: at.keyboard ? 0 : 1,
    })
    // The page is not scrolled here, so that a place on it is a place in the window.
    Object.defineProperties(event, { timeStamp: { value: at.after }, pageX: { value: at.x }, pageY: { value: at.y } })
    page.get(`#${name}`).element.dispatchEvent(event)
  }
  await nextTick()
  lay('kept', 0, 0)
  lay('missed', 90, 0)
  const type = () => page.get('#missed').element.dispatchEvent(new Event('input', { bubbles: true }))
  return { page, pressed, lay, press, type }
}

describe('a press', () => {
  test('does not reach what has just come to where the other thing lay', async () => {
    const { page, pressed, lay, press } = await open()
    press('kept', { x: 40, y: 20, after: 0 })
    lay('missed', 0, 0)
    press('missed', { x: 42, y: 21, after: 400 })
    expect(pressed).toEqual(['kept'])
    await nextTick()
    expect(page.text()).toContain('held back')
    press('missed', { x: 42, y: 21, after: 1100 })
    expect(pressed).toEqual(['kept', 'missed'])
  })
  test('reaches its neighbor, the same thing again, and whatever the keyboard says', async () => {
    const { pressed, press } = await open()
    press('kept', { x: 40, y: 20, after: 0 })
    press('kept', { x: 40, y: 20, after: 100 })
    press('missed', { x: 120, y: 20, after: 200 })
    press('kept', { x: 120, y: 20, after: 300, keyboard: true })
    expect(pressed).toEqual(['kept', 'kept', 'missed', 'kept'])
  })
  test('reaches what came there while something was typed', async () => {
    const { pressed, lay, press, type } = await open()
    press('kept', { x: 40, y: 20, after: 0 })
    lay('missed', 0, 0)
    type()
    press('missed', { x: 42, y: 21, after: 400 })
    expect(pressed).toEqual(['kept', 'missed'])
  })
})
