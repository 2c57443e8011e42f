import { flushPromises, mount } from '@vue/test-utils'
import { expect, test } from 'vitest'
import AskRemoval from './AskRemoval.vue'
import { recorded } from './useDone'
import type { Sent } from './useOutbox'

const stubs = {
  Dialog: { template: '<div><slot /></div>' },
  Button: { props: ['label'], template: '<button @click="$emit(\'click\')">{{ label }}</button>' },
}

test('a dialog whose question was refused stays, and says why', async () => {
  let refused = true
  const page = mount(AskRemoval, {
    props: {
      modelValue: 'class',
      what: 'Class 5',
      goes: 'Its students.',
      onYes: () =>
        recorded(
          Promise.resolve<Sent>(
            refused
              ? { kind: 'refused', refusal: { title: 'A lesson runs.', detail: '', problems: [] } }
              : { kind: 'taken' },
          ),
        ),
    },
    global: { stubs },
  })
  const press = async () => {
    await page.findAll('button')[0]!.trigger('click')
    await flushPromises()
  }
  await press()
  expect(page.text()).toContain('A lesson runs.')
  expect(page.emitted('update:modelValue')).toBeUndefined()
  refused = false
  await press()
  expect(page.text()).not.toContain('A lesson runs.')
  expect(page.emitted('update:modelValue')).toEqual([[undefined]])
})
