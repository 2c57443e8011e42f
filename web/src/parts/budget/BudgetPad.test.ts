import { mount } from '@vue/test-utils'
import PrimeVue from 'primevue/config'
import { expect, test } from 'vitest'
import { computed, ref } from 'vue'
import type { JudgeAnswers, JudgeBudget, Entry } from '@/api/names'
import { recording } from '@/pads/recording'
import { budget } from './answers'
import BudgetPad from './BudgetPad.vue'

const part: JudgeBudget = {
  kind: 'budget',
  id: 'shop',
  name: 'Shop',
  money: 'shells',
  prices: [
    { id: 'rod', name: 'rods', each: 4 },
    { id: 'foil', name: 'foil', each: 3 },
  ],
}
const soFar = (): JudgeAnswers => ({
  id: 'shop',
  answers: { rod: '2', foil: '1' },
  sequence: [],
  pieces: [],
  measured: false,
  twice: [],
  prices: [
    { item: 'rod', each: 8, by: ['No ship'] },
    { item: 'foil', each: 3, by: [], forbiddenBy: 'Gulls' },
  ],
  left: '12 shells left',
})
function open() {
  const recorded: Entry[] = []
  const pad = mount(BudgetPad, {
    props: { part, soFar: soFar() },
    global: {
      plugins: [PrimeVue],
      provide: {
        [recording as symbol]: {
          rally: 'rally',
          team: computed(() => 'terns'),
          round: computed(() => 1),
          record: (entry: Entry) => Promise.resolve(recorded.push(entry)).then(() => ({ kind: 'taken' })),
          instruments: ref([]),
        },
      },
    },
  })
  const button = (name: string) => pad.get(`button[aria-label="${name}"]`)
  return { pad, recorded, button }
}

test('several are bought at once, at the price that is shown, which a card may have changed', async () => {
  const { pad, recorded, button } = open()
  expect(pad.text()).toContain('12 shells left')
  expect(pad.text()).toContain('8 shells each, because of “No ship”')
  await pad.get('input[aria-label="rods: how many"]').setValue('3')
  await button('rods: buy 3').trigger('click')
  expect(recorded[0]).toMatchObject({ kind: 'purchased', item: 'rod', count: 3, each: 8 })
})

test('no more is given back than there is, and what a card forbids can only be given back', async () => {
  const { pad, recorded, button } = open()
  await pad.get('input[aria-label="rods: how many"]').setValue('5')
  await button('rods: give back 2').trigger('click')
  expect(recorded[0]).toMatchObject({ kind: 'returned', item: 'rod', count: 2 })
  expect(pad.text()).toContain('No more: the card “Gulls” forbids it.')
  expect(button('foil: buy 1').attributes('disabled')).toBeDefined()
  expect(button('foil: give back 1').attributes('disabled')).toBeUndefined()
})

test('what is left is not said while a purchase waits, nor what was worked out from it', () => {
  const now = { ...soFar(), points: '12 points', working: ['12 shells left.'] }
  budget.purchased.lay(now, { item: 'rod', count: 3 } as Parameters<typeof budget.purchased.lay>[1], 'terns')
  expect(now.answers.rod).toBe('5')
  expect(now).toMatchObject({ left: '', points: '', working: ['…'] })
})
