import type { Halves } from '@/fields/halfTyped'

/** A brief as it stands on a page: whole, and what stands in fields and is no value yet. */
export interface BriefTyped {
  text: string
  halves: Halves
}
