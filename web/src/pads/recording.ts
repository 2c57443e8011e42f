import { inject, type ComputedRef, type InjectionKey, type Ref } from 'vue'
import type { Entry, Instrument, Refusal } from '@/api/names'
import type { Sent } from '@/shared/useOutbox'

export interface Recording {
  /** The rally's id. */
  rally: string
  team: ComputedRef<string>
  round: ComputedRef<number>
  /** Records an entry, with what is recorded with it and not without it. */
  record: (entry: Entry, ...belonging: Entry[]) => Promise<Sent>
  /** The same for what was typed: `takesBack` says whether a refusal was given back into its own field. */
  recordTyped: (takesBack: (refusal: Refusal) => boolean, entry: Entry, ...belonging: Entry[]) => Promise<Sent>
  /** What is connected, to take readings from. */
  instruments: Readonly<Ref<readonly Instrument[]>>
}

export const recording: InjectionKey<Recording> = Symbol('recording')

/** Who is being scored, and how to record it. */
export function useRecording() {
  const recordingHere = inject(recording)
  if (!recordingHere) throw new Error('Recording belongs inside the Score station.')
  return recordingHere
}

/** Names what is put together on a pad and not recorded yet: one for each team and round. */
export function useDraftKey(what: string) {
  const { rally, team, round } = useRecording()
  return `${rally}:${team.value}:${round.value}:${what}`
}
