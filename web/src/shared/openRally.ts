import { inject, type ComputedRef, type InjectionKey, type Ref, type ShallowRef } from 'vue'
import type { Instrument, JudgeRallyView, RallyOnWall, RallyOpened, RallyProgress } from '@/api/names'

/** The kinds of place; each is sent what it needs of a rally and no more. */
interface RallyAt {
  desk: RallyOpened
  walk: JudgeRallyView
  wall: RallyOnWall
}
export type Place = keyof RallyAt

interface Shared {
  round: ComputedRef<number>
  /** Where a page of this round is. */
  inRound: (path: string) => { path: string; query: { round?: number } }
  /** Counts what is new; whoever shows something of the log loads it again when this changes. */
  tick: Ref<number>
  /** How many entries the live connection has announced; absent before the first news, or where all is asked anew. */
  announced: Readonly<Ref<number | undefined>>
  /** Says that this window has recorded something itself. */
  news: () => void
  /** Says how far the rally is, as a page has just heard it. */
  progressed: (progress: RallyProgress) => void
  connected: Ref<boolean>
  /** What is connected, to take readings from. */
  instruments: Readonly<Ref<readonly Instrument[]>>
}

export interface OpenRally extends Shared {
  at: { [P in Place]: ShallowRef<RallyAt[P] | undefined> }
}

export const openRallyKey: InjectionKey<OpenRally> = Symbol('open rally')

/** The rally around this page, as its kind of place has it. Pages of a rally are shown only once it is there. */
function rallyAt<P extends Place>(place: P): Shared & { rally: ShallowRef<RallyAt[P] | undefined> } {
  const open = inject(openRallyKey)
  if (!open) throw new Error('This page belongs inside a rally.')
  const { at, ...shared } = open
  return { rally: at[place], ...shared }
}
export const useRally = () => rallyAt('desk')
export const useJudgeRally = () => rallyAt('walk')
export const useRallyOnWall = () => rallyAt('wall')
