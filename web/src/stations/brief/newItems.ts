import type {
  Brief,
  Condition,
  Material,
  Measure,
  MeasureKind,
  Part,
  Phase,
  PhaseKind,
  Rule,
  Stage,
} from '../../api/names'

/** The first id of this stem that is free: length, length2, length3. */
export function free(stem: string, taken: readonly string[]) {
  let id = stem
  for (let n = 2; taken.includes(id); n++) id = `${stem}${n}`
  return id
}
const ids = (list: readonly { id: string }[]) => list.map((item) => item.id)

export const newMeasure = (brief: Brief, kind: MeasureKind, unit: string): Measure => ({
  id: free(kind, [...ids(brief.measures), ...ids(brief.method.parts)]),
  name: '',
  kind,
  unit,
  step: 1,
  taken: 'eachAttempt',
  negative: false,
  levels: [],
  weights: [],
  tare: 0,
  loadTest: false,
  off: false,
  how: '',
})

export const newRule = (brief: Brief, sort: Rule['sort']): Rule => ({
  id: free(sort, ids(brief.rules)),
  sort,
  text: '',
  check: { kind: 'inspection' },
  when: 'beforeTest',
  ifMissed: { kind: 'doesNotPlace' },
  onlyFor: '',
  bonus: 0,
  off: false,
})

export const newCondition = (brief: Brief): Condition => ({
  id: free('condition', ids(brief.conditions)),
  text: '',
  fixedAt: '',
})

export const newMaterial = (brief: Brief): Material => ({
  id: free('material', ids(brief.materials)),
  name: '',
  category: 'stiffening',
  amount: 1,
  unit: '',
  per: 'team',
  reusable: false,
  spares: 0,
  sparesInPercent: false,
  note: '',
  off: false,
})

export const newPhase = (brief: Brief, kind: PhaseKind): Phase => ({
  id: free(kind, ids(brief.timing.phases)),
  kind,
  minutes: 5,
  teamByTeam: false,
  changeover: 0,
  stations: 1,
  warning: 0,
  note: '',
})

export const newStage = (brief: Brief): Stage => ({
  id: free('stage', ids(brief.stages.stages)),
  name: '',
  adds: 0,
  needs: [],
})

/** A part of each kind, with nothing in it but what it cannot be without. */
export function newPart(brief: Brief, kind: Part['kind']): Part {
  const common = {
    id: free(kind, [...ids(brief.method.parts), ...ids(brief.measures)]),
    name: '',
    weight: 1,
    noValue: 'failurePoints' as const,
    off: false,
  }
  switch (kind) {
    case 'measured':
      return {
        ...common,
        kind,
        value: brief.measures[0]?.id ?? '',
        better: 'more',
        work: 'eachAttempt',
        combine: 'best',
        curve: { kind: 'rate', perUnit: 1, start: 0 },
      }
    case 'tasks':
      return { ...common, kind, items: [{ id: 'task1', name: '', points: 5, steps: 1 }], allDoneBonus: 0 }
    case 'relay':
      return {
        ...common,
        kind,
        legs: ['first leg', 'second leg'],
        faults: [],
        step: 0.1,
        pointsPerItem: 0,
        curve: { kind: 'place', points: [10, 8, 6, 4], ties: 'betterPlace' },
      }
    case 'bins':
      return {
        ...common,
        kind,
        names: ['one', 'other'],
        items: [],
        right: 1,
        wrong: 0,
        unsorted: 0,
        allRightBonus: 0,
      }
    case 'ordering':
      return { ...common, kind, items: [], perPair: 1, perPlace: 0 }
    case 'pieces':
      return {
        ...common,
        kind,
        first: { name: 'size', values: [{ name: 'small', points: 1 }] },
        second: { name: 'colour', values: [] },
        each: 'first',
        unit: 'cm',
        step: 1,
      }
    case 'rubric':
      return {
        ...common,
        kind,
        voice: 'teacher',
        judges: 'mean',
        criteria: [
          {
            id: 'criterion1',
            name: '',
            levels: [
              { name: 'not yet', points: 0 },
              { name: 'fully', points: 5 },
            ],
          },
        ],
      }
    case 'budget':
      return {
        ...common,
        kind,
        prices: [],
        funds: 20,
        money: 'tokens',
        returnPercent: 100,
        value: 'left',
        curve: { kind: 'rate', perUnit: 1, start: 0 },
      }
    case 'tally':
      return { ...common, kind, counters: [{ id: 'counter1', name: '', points: 1, hurts: false }] }
  }
}
