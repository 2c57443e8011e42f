import { partOfKind, type CheckKind } from '../kind'
import SpendingFields from './SpendingFields.vue'

export const spending: CheckKind<'spending'> = {
  label: 'what was spent',
  fresh: (brief) => ({ kind: 'spending', part: partOfKind(brief, 'budget') ?? '' }),
  offered: (brief) => partOfKind(brief, 'budget') !== undefined,
  fields: SpendingFields,
}
