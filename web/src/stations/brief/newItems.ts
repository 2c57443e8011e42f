import type {
  Brief,
  Condition,
  Deal,
  DealCard,
  Material,
  Measure,
  Phase,
  PhaseKind,
  Rule,
  Stage,
  UsualMeasure,
} from '@/api/names'
import { free, freeIn, ids } from '@/fields/freeId'

export const newMeasure = (brief: Brief, { unit, step }: UsualMeasure = { unit: 'cm', step: 1 }): Measure => ({
  id: free('length', [...ids(brief.measures), ...ids(brief.figures), ...ids(brief.method.parts)]),
  name: '',
  kind: 'length',
  unit,
  step,
  taken: 'eachAttempt',
  negative: false,
  levels: [],
  weights: [],
  roll: 0,
  tare: 0,
  loadTest: false,
  off: false,
  how: '',
})

/** Where a rule stands on the sheet: what only earns points has a section of its own. */
export type RuleSection = Rule['sort'] | 'bonus'
export const sectionOf = (rule: Rule): RuleSection =>
  rule.bonus > 0 && rule.ifMissed.kind === 'noteOnly' ? 'bonus' : rule.sort

export const newRule = (brief: Brief, section: RuleSection): Rule => ({
  id: freeIn(brief.rules, section),
  sort: section === 'constraint' ? section : 'criterion',
  text: '',
  check: { kind: 'inspection' },
  when: 'beforeTest',
  ifMissed: { kind: section === 'bonus' ? 'noteOnly' : 'doesNotPlace' },
  onlyFor: '',
  bonus: section === 'bonus' ? 1 : 0,
  off: false,
})

export const newCondition = (brief: Brief): Condition => ({
  id: freeIn(brief.conditions, 'condition'),
  text: '',
  fixedAt: '',
})

export const newMaterial = (brief: Brief): Material => ({
  id: freeIn(brief.materials, 'material'),
  name: '',
  category: 'stiffening',
  amount: 1,
  unit: '',
  per: 'team',
  reusable: false,
  spares: 0,
  sparesInPercent: false,
  note: '',
  onlyFor: '',
  off: false,
})

export const newDeal = (brief: Brief): Deal => ({
  id: freeIn(brief.deals, 'deal'),
  name: '',
  drawn: 'beforeLesson',
  cards: [],
  off: false,
})

export const newCard = (brief: Brief): DealCard => ({
  id: freeIn(
    brief.deals.flatMap((d) => d.cards),
    'card',
  ),
  name: '',
  text: '',
  for: 'holder',
  lasts: 'fromNowOn',
  effects: [],
})

export const newPhase = (brief: Brief, kind: PhaseKind): Phase => ({
  id: freeIn(brief.timing.phases, kind),
  kind,
  minutes: 5,
  teamByTeam: false,
  changeover: 0,
  stations: 1,
  warning: 0,
  warnings: [],
  note: '',
})

export const newStage = (brief: Brief): Stage => ({
  id: freeIn(brief.stages.stages, 'stage'),
  name: '',
  adds: 0,
  needs: [],
})
