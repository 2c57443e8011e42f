import type { CheckKind } from '../kind'
import LimitFields from './LimitFields.vue'

export const limit: CheckKind<'limit'> = {
  label: 'measuring',
  fresh: (brief) => ({
    kind: 'limit',
    value: brief.measures[0]?.id ?? '',
    comparison: 'atLeast',
    amount: '',
    upper: '',
    perMember: false,
  }),
  offered: () => true,
  fields: LimitFields,
}
