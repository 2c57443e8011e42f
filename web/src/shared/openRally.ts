import { inject, type ComputedRef, type InjectionKey, type Ref, type ShallowRef } from 'vue'
import type { RallyOpened } from '../api/names'

export interface OpenRally {
  rally: ShallowRef<RallyOpened | undefined>
  round: ComputedRef<number>
  /** Counts what is new; whoever shows something of the log loads it again when this changes. */
  tick: Ref<number>
  /** Says that this window has recorded something itself. */
  news: () => void
  connected: Ref<boolean>
}

export const openRally: InjectionKey<OpenRally> = Symbol('open rally')

/** The rally around this page. Pages of a rally are shown only once it is there. */
export function useRally() {
  const open = inject(openRally)
  if (!open) throw new Error('This page belongs inside a rally.')
  return open
}
