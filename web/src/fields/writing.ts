import { inject, provide, type InjectionKey, type Ref } from 'vue'
import type { Brief, BriefCheckup, Change, Choices } from '@/api/names'

/** What the parts of the Brief station share while a brief is written. */
export interface Writing {
  /** The brief as it stands in the window. */
  brief: Readonly<Ref<Brief | undefined>>
  /** What the core says of the brief as it was last saved. */
  checkup: Readonly<Ref<BriefCheckup | undefined>>
  /** What can be chosen. */
  choices: Readonly<Ref<Choices | undefined>>
  /** Makes changes that the core has proposed, for the brief as it stands or as it stood since then. */
  applyChanges: (changes: readonly Change[], since?: Brief) => Promise<void>
  /** Shows the field at a place, wherever it is. */
  goTo: (place: string) => void
}

const key: InjectionKey<Writing> = Symbol('writing')
export const provideWriting = (writing: Writing) => provide(key, writing)
export function useWriting(): Writing {
  const writing = inject(key)
  if (!writing) throw new Error('Only within the Brief station.')
  return writing
}
