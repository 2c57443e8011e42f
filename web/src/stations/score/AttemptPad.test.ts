import { mount } from '@vue/test-utils'
import PrimeVue from 'primevue/config'
import { describe, expect, test } from 'vitest'
import { computed, defineComponent, h, nextTick, provide, ref } from 'vue'
import type { Entry, EntryOf, JudgeRallyView, SheetDesign, SheetRule, SheetTrial } from '@/api/names'
import { recording, type Recording } from '@/pads/recording'
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
  roll: 0,
} as const
const rally: JudgeRallyView = {
  id: 'rally',
  name: 'Millrace',
  brief: {
    title: 'Millrace',
    ifLate: '',
    plansAreApproved: false,
    measures: [measure].map((m) => ({ ...m, weights: [] })),
    trials: {
      attempts: 3,
      attemptsFor: 'design',
      holdSeconds: 0,
      how: '',
      ifItFalls: '',
      overWhen: '',
      freshBuildAfterFailure: false,
      buildsAnew: false,
      designs: 'best',
    },
    parts: [],
  },
  teams: [],
  references: [],
  forms: {},
  pads: { time: { kind: 'number', fractions: [], placements: [], shapes: [] } },
  briefChanges: [],
  tier: '',
  beside: [],
  progress: { asOf: 0, edition: 0, rounds: 1, running: 1, route: [], goesOn: 'score' },
}
const design: SheetDesign = {
  name: '',
  called: '',
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
  bonus: '',
}

/** A pad of a team on a line that answers when it is told to. */
function open() {
  localStorage.clear()
  const team = ref('plovers')
  const trials = ref<SheetTrial[]>([])
  const sent: Entry[] = []
  const answers: ((sent: Sent) => void)[] = []
  /** What was refused and is on the device still, since no field took it back. */
  const kept: Entry[] = []
  const back = ref<EntryOf<'trialRecorded'>>()
  const record = (...together: Entry[]) => {
    sent.push(...together)
    return new Promise<Sent>((answer) => answers.push(answer))
  }
  const recordTyped: Recording['recordTyped'] = async (takesBack, ...together) => {
    const how = await record(...together)
    if (how.kind !== 'refused' || takesBack(how.refusal)) return how
    kept.push(together[0])
    return { kind: 'waiting' }
  }
  const page = mount(
    defineComponent({
      setup() {
        provide(recording, {
          rally: 'rally',
          team: computed(() => team.value),
          round: computed(() => 1),
          record,
          recordTyped,
          instruments: ref([]),
        })
        return () =>
          h(AttemptPad, {
            rally,
            design: { ...design, open: [1, 2, 3].filter((n) => !trials.value.some((t) => t.attempt === n)) },
            rules: [dry],
            trials: trials.value,
            ready: false,
            sending: 0,
            holding: false,
            back: back.value,
            done: () => undefined,
          })
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
  return { team, trials, sent, kept, back, page, field, press, answer }
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
    const { page, kept, back, field, answer } = open()
    await field.setValue('1200')
    await page.get('form').trigger('submit')
    await field.setValue('55')
    await answer(refused)
    expect(field.element.value).toBe('55')
    expect(page.find('.wrong').exists()).toBe(false)
    expect(kept).toMatchObject([{ attempt: 1, readings: [{ typed: '1200' }] }])
    await field.setValue('')
    back.value = kept[0] as EntryOf<'trialRecorded'>
    await nextTick()
    await nextTick()
    expect(field.element.value).toBe('1200')
    expect(page.get('h4').text()).toContain('Attempt 1')
  })
  test('stays on the device where the pad is gone by the time it is refused', async () => {
    const { page, kept, field, answer } = open()
    await field.setValue('1200')
    await page.get('form').trigger('submit')
    page.unmount()
    await answer(refused)
    expect(kept).toMatchObject([{ attempt: 1, readings: [{ typed: '1200' }] }])
  })
})

test('a miss with nothing read is an attempt that failed by it', async () => {
  const { sent, page, press } = open()
  await press('Missed')
  await page.get('form').trigger('submit')
  expect(sent).toMatchObject([
    { kind: 'trialRecorded', outcome: 'failed', attempt: 1, readings: [], reason: 'missed: Stays dry' },
    { kind: 'ruleChecked', rule: 'dry', attempt: 1, met: false },
  ])
})

describe('an attempt that somebody else records while it is typed', () => {
  const theirs: SheetTrial = {
    entry: 'theirs',
    attempt: 1,
    outcome: 'counted',
    shown: '12 s',
    revision: 1,
    readings: [],
    leaves: [],
    by: 'Skerry',
    design: '',
    twice: false,
    spread: '',
    end: 'counts',
    became: 'counts',
  }
  async function overtaken() {
    const pad = open()
    await pad.field.setValue('12.4')
    pad.trials.value = [theirs]
    await nextTick()
    return pad
  }
  test('keeps what was typed, records nothing by itself and asks', async () => {
    const { sent, page, field } = await overtaken()
    expect(field.element.value).toBe('12.4')
    expect(page.text()).toContain('Skerry has recorded attempt 1 meanwhile: 12 s. What is yours?')
    await page.get('form').trigger('submit')
    expect(sent).toEqual([])
  })
  test('can be a second reading of it', async () => {
    const { sent, press } = await overtaken()
    await press('Record it as a second reading')
    expect(sent).toMatchObject([{ attempt: 1, again: true, readings: [{ typed: '12.4' }] }])
  })
  test('can be the next one', async () => {
    const { sent, page, press } = await overtaken()
    await press('It is attempt 2')
    await page.get('form').trigger('submit')
    expect(sent).toMatchObject([{ attempt: 2, again: false, readings: [{ typed: '12.4' }] }])
  })
})
