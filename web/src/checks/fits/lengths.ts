import type { Brief } from '@/api/names'

/** The measures that can be compared with a box. */
export const lengthsOf = (brief: Brief) => brief.measures.filter((m) => m.kind === 'length')
