import { mount } from '@vue/test-utils'
import PrimeVue from 'primevue/config'
import { expect, test } from 'vitest'
import { computed, ref } from 'vue'
import type { SheetRule } from '@/api/names'
import { recording } from '@/pads/recording'
import MustHaves from './MustHaves.vue'

const tail = (state: SheetRule['state']): SheetRule => ({
  id: 'tail',
  sort: 'criterion',
  text: 'Has a tail',
  when: 'beforeTest',
  inspected: true,
  state,
  value: '',
  limit: '',
  tooNear: false,
  asked: false,
  bonus: '',
})
const open = (settled: boolean) =>
  mount(MustHaves, {
    props: { rules: [tail(settled ? 'met' : 'toCheck')], settled },
    global: {
      plugins: [PrimeVue],
      provide: {
        [recording as symbol]: {
          rally: 'rally',
          team: computed(() => 'terns'),
          round: computed(() => 1),
          record: () => Promise.resolve({ kind: 'taken' }),
          instruments: ref([]),
        },
      },
    },
  })

test('they are folded where they were settled before, and unfold when one is open again', async () => {
  const musts = open(true)
  expect(musts.text()).toContain('All met.')
  await musts.setProps({ rules: [tail('toCheck')], settled: false })
  expect(musts.findAll('button').map((b) => b.text())).toEqual(['Met', 'Missed'])
})

test('they stay where they are while they are answered', async () => {
  const musts = open(false)
  await musts.setProps({ rules: [tail('met')], settled: true })
  expect(musts.findAll('button').map((b) => b.text())).toEqual(['Hide', 'Met', 'Missed'])
})
