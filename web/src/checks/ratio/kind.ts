import { partOfKind, type CheckKind } from '../kind'
import RatioFields from './RatioFields.vue'

export const ratio: CheckKind<'ratio'> = {
  label: 'length to width',
  fresh: (brief) => ({ kind: 'ratio', part: partOfKind(brief, 'pieces') ?? '', decimals: 2, atLeast: 1, atMost: 2 }),
  offered: (brief) => partOfKind(brief, 'pieces') !== undefined,
  fields: RatioFields,
}
