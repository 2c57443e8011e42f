import type { Brief } from '@/api/names'

/** The measures that can be held against a box. */
export const lengthsOf = (brief: Brief) => brief.measures.filter((m) => m.kind === 'length')
