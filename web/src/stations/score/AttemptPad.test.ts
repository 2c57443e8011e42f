import { mount } from '@vue/test-utils'
import PrimeVue from 'primevue/config'
import { describe, expect, test } from 'vitest'
import { computed, defineComponent, h, nextTick, provide, ref } from 'vue'
import type { Entry, RallyOnWalk, SheetDesign, SheetRule } from '@/api/names'
import { recording } from '@/pads/recording'
import type { Sent } from '@/shared/useOutbox'
import AttemptPad from './AttemptPad.vue'

const measure = {
  id: 'time',
  name: 'Time',
  kind: 'duration',
  unit: 's',
  step: 0.1,
  taken: 'eachAttempt',
  tare: 0,
  how: '',
  weights: [],
} as const
const rally: RallyOnWalk = {
  id: 'rally',
  name: 'Millrace',
  brief: {
    title: 'Millrace',
    ifLate: '',
    measures: [measure].map((m) => ({ ...m, weights: [] })),
    trials: {
      attempts: 3,
      holdSeconds: 0,
      how: '',
      ifItFalls: '',
      overWhen: '',
      freshBuildAfterFailure: false,
      designs: 'best',
    },
    parts: [],
  },
  teams: [],
  references: [],
  forms: {},
  pads: { time: { kind: 'number', fractions: [], placements: [], shapes: [] } },
  mended: [],
  progress: { asOf: 0, edition: 0, rounds: 1, running: 1, route: [] },
}
const design: SheetDesign = {
  name: '',
  revision: 1,
  freshBuild: false,
  changed: '',
  labels: {},
  open: [1, 2, 3],
  counts: true,
  asked: [],
}
const dry: SheetRule = {
  id: 'dry',
  sort: 'criterion',
  text: 'Stays dry',
  when: 'everyAttempt',
  inspected: true,
  state: 'toCheck',
  value: '',
  limit: '',
  tooNear: false,
  asked: true,
}

/** A pad of a team on a line that answers when it is told to. */
function open() {
  localStorage.clear()
  const team = ref('plovers')
  const sent: Entry[] = []
  const answers: ((sent: Sent) => void)[] = []
  const record = (...together: Entry[]) => {
    sent.push(...together)
    return new Promise<Sent>((answer) => answers.push(answer))
  }
  const page = mount(
    defineComponent({
      setup() {
        provide(recording, {
          rally: 'rally',
          team: computed(() => team.value),
          round: computed(() => 1),
          record,
          instruments: ref([]),
        })
        return () => h(AttemptPad, { rally, design, rules: [dry], ready: false, sending: 0, done: () => undefined })
      },
    }),
    { global: { plugins: [PrimeVue] } },
  )
  const field = page.get<HTMLInputElement>('[data-reading]')
  const press = (label: string) =>
    page
      .findAll('button')
      .find((b) => b.text() === label)!
      .trigger('click')
  const answer = async (how: Sent) => {
    answers.shift()!(how)
    await new Promise((done) => setTimeout(done))
  }
  return { team, sent, page, field, press, answer }
}
const refused: Sent = { kind: 'refused', refusal: { title: 'No.', detail: '', problems: [] } }

describe('an attempt on a slow line', () => {
  test('is the team’s that made it, wherever the judge has gone meanwhile', async () => {
    const { team, sent, page, field, press, answer } = open()
    await field.setValue('12.4')
    await press('Missed')
    await page.get('form').trigger('submit')
    team.value = 'whelks'
    await nextTick()
    await answer({ kind: 'waiting' })
    expect(sent.map((e) => [e.kind, e.team])).toEqual([
      ['trialRecorded', 'plovers'],
      ['ruleChecked', 'plovers'],
    ])
  })
  test('leaves the pad free at once, and comes back where it is refused', async () => {
    const { page, field, answer } = open()
    await field.setValue('lots')
    await page.get('form').trigger('submit')
    expect(field.element.value).toBe('')
    await answer(refused)
    expect(field.element.value).toBe('lots')
  })
  test('does not lie over what was typed for the next one', async () => {
    const { page, field, answer } = open()
    await field.setValue('lots')
    await page.get('form').trigger('submit')
    await field.setValue('13')
    await answer(refused)
    expect(field.element.value).toBe('13')
  })
})
