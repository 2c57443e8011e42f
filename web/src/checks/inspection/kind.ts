import type { CheckKind } from '../kind'
import InspectionFields from './InspectionFields.vue'

export const inspection: CheckKind<'inspection'> = {
  label: 'looking',
  fresh: () => ({ kind: 'inspection' }),
  offered: () => true,
  fields: InspectionFields,
}
