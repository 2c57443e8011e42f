import { mount } from '@vue/test-utils'
import { describe, expect, test } from 'vitest'
import { defineComponent, h, nextTick, ref } from 'vue'
import { provideHalfTyped, type Halves } from './halfTyped'
import InlineNumber from './InlineNumber.vue'

function field(first: number | undefined, halves: Halves = {}) {
  const value = ref<number | null | undefined>(first)
  const half = ref(halves)
  const page = mount(
    defineComponent({
      setup() {
        provideHalfTyped(half)
        return () =>
          h(InlineNumber, {
            label: 'Attempts',
            at: '/trials/attempts',
            modelValue: value.value,
            'onUpdate:modelValue': (v: number | null | undefined) => (value.value = v),
          })
      },
    }),
  )
  return { value, half, page, input: page.get('input') }
}

describe('a number in running text', () => {
  test('is taken over as it is typed, also as a fraction', async () => {
    const { value, input } = field(3)
    await input.setValue('2 1/2')
    expect(value.value).toBe(2.5)
    expect(input.element.value).toBe('2 1/2')
  })
  test('that is none stays, says so, and leaves the value as it was', async () => {
    const { value, half, page, input } = field(3)
    await input.setValue('several')
    expect(value.value).toBe(3)
    expect(half.value['/trials/attempts']?.text).toBe('several')
    expect(page.text()).toContain('“several” is not a number.')
    expect(input.attributes('aria-invalid')).toBe('true')
    await input.setValue('4')
    expect(value.value).toBe(4)
    expect(half.value).toEqual({})
    expect(page.text()).toBe('')
  })
  test('is there again after a reload', () => {
    const problem = { what: '“sev” is not a number.', remedy: 'Write one such as 4, 2.5 or 1/4.' }
    const { input, page } = field(3, { '/trials/attempts': { text: 'sev', problem } })
    expect(input.element.value).toBe('sev')
    expect(page.text()).toContain('“sev” is not a number.')
  })
  test('gives way to a value that comes from elsewhere', async () => {
    const { value, half, input } = field(3)
    await input.setValue('several')
    value.value = 5
    await nextTick()
    expect(input.element.value).toBe('5')
    expect(half.value).toEqual({})
  })
})
