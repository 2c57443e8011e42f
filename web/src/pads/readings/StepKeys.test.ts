import { mount } from '@vue/test-utils'
import PrimeVue from 'primevue/config'
import { expect, test } from 'vitest'
import type { JudgeMeasure } from '@/api/names'
import StepKeys from './StepKeys.vue'

const load: JudgeMeasure = {
  id: 'load',
  name: 'Load',
  kind: 'count',
  unit: 'pennies',
  step: 1,
  taken: 'eachAttempt',
  tare: 0,
  how: '',
  weights: [],
  roll: 50,
}
function open(typed: string) {
  const keys = mount(StepKeys, {
    props: {
      measure: load,
      placements: [50, 100, 110],
      modelValue: typed,
      'onUpdate:modelValue': (now: string) => void keys.setProps({ modelValue: now }),
    },
    global: { plugins: [PrimeVue] },
  })
  const press = (label: string) =>
    keys
      .findAll('button')
      .find((b) => b.text() === label)!
      .trigger('click')
  return { keys, press }
}

test('a roll more is so many more, and the plan says what comes next', async () => {
  const { keys, press } = open('')
  await press('+roll of 50')
  await press('+1')
  expect(keys.props('modelValue')).toBe('51')
  expect(keys.text()).toContain('Next by the plan: 100, so 49 more.')
})

test('a sum that was typed is added to and never read as its first number', async () => {
  const { keys, press } = open('3 rolls + 37')
  await press('+5')
  expect(keys.props('modelValue')).toBe('3 rolls + 37 + 5')
  expect(keys.find('[aria-label="−1 Load"]').attributes('disabled')).toBeDefined()
})
