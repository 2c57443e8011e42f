import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { defineComponent, h, nextTick, ref, withDirectives } from 'vue'
import { vTyped } from './vTyped'

function page(first: number) {
  const value = ref(first)
  const shown = mount(
    defineComponent(() => () => h('div', [String(value.value), withDirectives(h('input'), [[vTyped, value.value]])])),
    { attachTo: document.body },
  )
  const field = shown.get('input').element
  const answer = async (now: number) => {
    value.value = now
    await nextTick()
    return field.value
  }
  return { field, answer }
}

describe('a field that is typed over', () => {
  it('shows what comes while nobody types in it, also to somebody who is in it', async () => {
    const { field, answer } = page(3)
    expect(field.value).toBe('3')
    expect(await answer(4)).toBe('4')
    field.focus()
    expect(await answer(5)).toBe('5')
  })
  it('keeps what is half-typed when an answer comes', async () => {
    const { field, answer } = page(13)
    field.focus()
    field.value = '4'
    expect(await answer(14)).toBe('4')
  })
  it('shows what became of what was handed over', async () => {
    const { field, answer } = page(13)
    field.focus()
    field.value = '2 m'
    field.dispatchEvent(new Event('change'))
    expect(await answer(200)).toBe('200')
  })
})
