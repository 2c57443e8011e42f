import { partOfKind, type CheckKind } from '../kind'
import LadderFields from './LadderFields.vue'

export const ladder: CheckKind<'ladder'> = {
  label: 'sizes that grow',
  fresh: (brief) => ({
    kind: 'ladder',
    part: partOfKind(brief, 'pieces') ?? '',
    label: 'first',
    dimension: 'length',
    times: 1,
  }),
  offered: (brief) => partOfKind(brief, 'pieces') !== undefined,
  fields: LadderFields,
}
