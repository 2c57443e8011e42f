import type { CheckKind } from '../kind'
import FitsFields from './FitsFields.vue'
import { lengthsOf } from './lengths'

export const fits: CheckKind<'fits'> = {
  label: 'fitting it into a box',
  fresh: (brief) => ({ kind: 'fits', dimensions: [lengthsOf(brief)[0]?.id ?? ''], room: [''], turning: false }),
  offered: () => true,
  fields: FitsFields,
}
