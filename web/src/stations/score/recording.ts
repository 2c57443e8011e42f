import { inject, type ComputedRef, type InjectionKey, type Ref } from 'vue'
import type { Entry, Instrument } from '../../api/names'
import type { Sent } from '../../shared/useOutbox'

export interface Recording {
  team: ComputedRef<string>
  round: ComputedRef<number>
  record: (entry: Entry) => Promise<Sent>
  /** What is connected, to take readings from. */
  instruments: Readonly<Ref<readonly Instrument[]>>
}

export const recording: InjectionKey<Recording> = Symbol('recording')

/** Who is being scored, and how to record it. */
export function useRecording() {
  const here = inject(recording)
  if (!here) throw new Error('Recording belongs inside the Score station.')
  return here
}
