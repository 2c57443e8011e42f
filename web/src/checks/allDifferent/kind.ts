import { partOfKind, type CheckKind } from '../kind'
import AllDifferentFields from './AllDifferentFields.vue'

export const allDifferent: CheckKind<'allDifferent'> = {
  label: 'proportions that differ',
  fresh: (brief) => ({ kind: 'allDifferent', part: partOfKind(brief, 'pieces') ?? '', label: 'first', decimals: 2 }),
  offered: (brief) => partOfKind(brief, 'pieces') !== undefined,
  fields: AllDifferentFields,
}
