import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { RehearsalAsked, RehearsalFinding, RehearsalInput, RehearsalOffer } from '@/api/names'
import ExpectedTable from './ExpectedTable.vue'
import FindingItem from './FindingItem.vue'
import PlacesThen from './PlacesThen.vue'
import ShareBars from './ShareBars.vue'

const finding: RehearsalFinding = {
  id: 'luck',
  weight: 'wrong',
  says: 'The best team wins in 40 in 100 classes.',
  inAHundred: 40,
  caption: 'Place of the best team',
  bars: [{ name: '1st', inAHundred: 40, marked: true }],
}
const offer = (label: string, gain: number): RehearsalOffer => ({
  finding: 'luck',
  label,
  says: `${gain} better.`,
  but: '',
  gain,
  changes: [],
})
const item = (offers: RehearsalOffer[], stale = false, trying = false) =>
  mount(FindingItem, { props: { finding, offers, trying, stale } })

describe('a finding', () => {
  it('shows the three changes that help most, the best first', () => {
    const shown = item([offer('a', 5), offer('b', 20), offer('c', 9), offer('d', 12)])
    expect(shown.findAll('.fix').map((b) => b.text())).toEqual(['b', 'd', 'c'])
  })
  it('hands over the change that is taken, and none for another brief than the one that was played', async () => {
    const shown = item([offer('a', 5)])
    await shown.get('.fix').trigger('click')
    expect(shown.emitted('take')?.[0]).toEqual([offer('a', 5)])
    expect(
      item([offer('a', 5)], true)
        .get('.fix')
        .attributes(),
    ).toHaveProperty('disabled')
  })
  it('says that nothing helps only when all has been tried', () => {
    expect(item([], false, true).text()).not.toContain('No change')
    expect(item([]).text()).toContain('No change that was tried helps enough.')
  })
})

describe('shares as bars', () => {
  it('are rounded, with what is less than one said so, and nothing drawn for none', () => {
    const bars = [
      { name: 'most', inAHundred: 99.6, marked: true },
      { name: 'few', inAHundred: 0.4, marked: false },
      { name: 'none', inAHundred: 0, marked: false },
    ]
    const rows = mount(ShareBars, { props: { caption: 'Of a hundred', bars } }).findAll('tr')
    expect(rows.map((r) => r.get('.figures').text())).toEqual(['100', '< 1', '0'])
    expect(rows.map((r) => r.find('i').exists())).toEqual([true, true, false])
    expect(rows[0]!.classes()).toContain('marked')
  })
})

describe('one class by two methods', () => {
  it('draws teams that share a place below each other, and those without one last', () => {
    const places = [
      { team: 'Team 1', now: 1, then: 2 },
      { team: 'Team 2', now: 1, then: 1 },
      { team: 'Team 3', now: 3, then: null },
    ]
    const shown = mount(PlacesThen, { props: { places } })
    const ends = shown.findAll('line').map((l) => [Number(l.attributes('y1')), Number(l.attributes('y2'))])
    expect(new Set(ends.map(([now]) => now)).size).toBe(3)
    expect(new Set(ends.map(([, then]) => then)).size).toBe(3)
    expect(shown.findAll('.moved')).toHaveLength(2)
    expect(shown.get('table').text()).toContain('–')
  })
})

describe('what is expected', () => {
  const inputs: RehearsalInput[] = [
    {
      handle: 'height',
      name: 'Height',
      unit: 'cm',
      expected: { low: 10, usual: 40, high: 90 },
      inAHundred: null,
      isGuess: false,
      words: [],
      from: 'what the brief expects',
    },
    {
      handle: '/trials/failed',
      name: 'An attempt fails',
      unit: '',
      expected: null,
      inAHundred: 8,
      isGuess: false,
      words: [],
      from: '',
    },
  ]
  const asked: RehearsalAsked = { expected: {}, chances: {}, teams: 7, classes: 1000, alike: 60, allRound: 40, seed: 1 }
  const table = (of: RehearsalAsked) => mount(ExpectedTable, { props: { inputs, modelValue: of } })
  const last = (shown: ReturnType<typeof table>) => shown.emitted<[RehearsalAsked]>('update:modelValue')?.at(-1)?.[0]

  it('is written over number by number, and the others stay', async () => {
    const shown = table(asked)
    await shown.get('[aria-label="Height, Usual"]').setValue('55')
    await shown.get('[aria-label="Height, Usual"]').trigger('change')
    expect(last(shown)?.expected).toEqual({ height: { low: 10, usual: 55, high: 90 } })
    await shown.get('[aria-label="An attempt fails, in 100 tries"]').setValue('30')
    await shown.get('[aria-label="An attempt fails, in 100 tries"]').trigger('change')
    expect(last(shown)?.chances).toEqual({ '/trials/failed': 30 })
  })
  it('stands open until all three numbers of a guess are entered', async () => {
    const guessed = inputs.map((i) => ({ ...i, isGuess: true }))
    const shown = mount(ExpectedTable, { props: { inputs: guessed, modelValue: asked } })
    const field = (which: string) => shown.get<HTMLInputElement>(`[aria-label="Height, ${which}"]`)
    expect(field('Low').element.value).toBe('')
    for (const [which, number] of [
      ['Low', '5'],
      ['Usual', '12'],
    ] as const) {
      await field(which).setValue(number)
      await field(which).trigger('change')
    }
    expect(last(shown)).toBeUndefined()
    await field('High').setValue('30')
    await field('High').trigger('change')
    expect(last(shown)?.expected).toEqual({ height: { low: 5, usual: 12, high: 30 } })
  })
  it('has the levels of a measure by their words', async () => {
    const dry = { ...inputs[0]!, unit: '', words: ['soaked', 'damp', 'dry'], expected: { low: 0, usual: 1.5, high: 2 } }
    const shown = mount(ExpectedTable, { props: { inputs: [dry], modelValue: asked } })
    const usual = shown.get<HTMLSelectElement>('[aria-label="Height, Usual"]')
    expect(usual.findAll('option').map((o) => o.text())).toEqual(['soaked', 'damp', 'damp or dry', 'dry'])
    await usual.setValue('1')
    expect(last(shown)?.expected).toEqual({ height: { low: 0, usual: 1, high: 2 } })
  })
  it('takes no word for a number', async () => {
    const shown = table(asked)
    await shown.get('[aria-label="Height, Low"]').setValue('many')
    await shown.get('[aria-label="Height, Low"]').trigger('change')
    expect(last(shown)).toBeUndefined()
  })
  it('is what it was when it is taken back', async () => {
    const shown = table({ ...asked, expected: { height: { low: 1, usual: 2, high: 3 } } })
    expect(shown.text()).toContain('as you wrote')
    await shown.get('[aria-label="Reset what you entered for Height"]').trigger('click')
    expect(last(shown)?.expected).toEqual({})
  })
})
