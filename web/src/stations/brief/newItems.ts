import type { Brief, Measure, MeasureKind, MeasuredPart, Rule } from '../../api/names'

/** The first id of this stem that is free: length, length2, length3. */
function free(stem: string, taken: readonly string[]) {
  let id = stem
  for (let n = 2; taken.includes(id); n++) id = `${stem}${n}`
  return id
}

export const newMeasure = (brief: Brief, kind: MeasureKind, unit: string): Measure => ({
  id: free(kind, [...brief.measures.map((m) => m.id), ...brief.method.parts.map((p) => p.id)]),
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
  how: '',
})

export const newRule = (brief: Brief, sort: Rule['sort']): Rule => ({
  id: free(
    sort,
    brief.rules.map((r) => r.id),
  ),
  sort,
  text: '',
  check: { kind: 'inspection' },
  when: 'beforeTest',
  ifMissed: { kind: 'doesNotPlace' },
  onlyFor: '',
  bonus: 0,
  off: false,
})

export const newPart = (brief: Brief): MeasuredPart => ({
  kind: 'measured',
  id: free('part', [...brief.method.parts.map((p) => p.id), ...brief.measures.map((m) => m.id)]),
  name: '',
  weight: 1,
  noValue: 'failurePoints',
  off: false,
  value: brief.measures[0]?.id ?? '',
  better: 'more',
  work: 'eachAttempt',
  combine: 'best',
  curve: { kind: 'rate', perUnit: 1, start: 0 },
})
