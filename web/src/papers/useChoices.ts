import { inject, provide, reactive, watch, type InjectionKey } from 'vue'
import { thisBrowser } from '@/shared/thisBrowser'
import type { PaperChoices } from './paper'

const chosen: InjectionKey<PaperChoices> = Symbol('paper choices')

/**
 * What is chosen for a printing, as usual to begin with. Whoever prints on another paper than is usual here does so the
 * next time too.
 */
export function useChoices(usual: PaperChoices['paper'], large: boolean, others: Partial<PaperChoices> = {}) {
  const size = `paper:${usual}`
  const remembered = thisBrowser.read(size)
  const choices = reactive<PaperChoices>({
    paper: remembered === 'A4' || remembered === 'letter' ? remembered : usual,
    ink: 'colour',
    letters: large ? 'print' : 'usual',
    lines: large ? 'wide' : 'narrow',
    boxes: 1,
    planning: false,
    behind: false,
    judges: 'team',
    tables: 1,
    byHand: true,
    certificate: 'best',
    next: '',
    ...others,
  })
  watch(
    () => choices.paper,
    (paper) => thisBrowser.keep(size, paper),
  )
  provide(chosen, choices)
  return choices
}

/** What is chosen on the page around. */
export function usePaperChoices() {
  const choices = inject(chosen)
  if (!choices) throw new Error('What can be chosen for a paper belongs on a page of papers.')
  return choices
}
