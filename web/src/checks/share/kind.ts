import { partOfKind, type CheckKind } from '../kind'
import ShareFields from './ShareFields.vue'

export const share: CheckKind<'share'> = {
  label: 'a share of the pieces',
  fresh: (brief) => ({
    kind: 'share',
    part: partOfKind(brief, 'pieces') ?? '',
    label: 'first',
    group: '',
    of: 'count',
    percent: 50,
    tolerance: 5,
  }),
  offered: (brief) => partOfKind(brief, 'pieces') !== undefined,
  fields: ShareFields,
}
