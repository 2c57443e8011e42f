import { inject, provide, type InjectionKey, type Ref } from 'vue'
import type { Problem } from '@/api/names'

/** What stands in a field and is no value yet, with what is wrong with it. */
export interface Half {
  text: string
  problem: Pick<Problem, 'what' | 'remedy'>
}

/**
 * Fields of a document whose text cannot be taken over yet, by their places: the text is kept, the last value stands.
 */
export type Halves = Record<string, Half>

const key: InjectionKey<Ref<Halves>> = Symbol('half-typed')
export const provideHalfTyped = (halves: Ref<Halves>) => provide(key, halves)

/** What is half-typed in the document around this field. Outside of one a field keeps its text by itself. */
export function useHalfTyped() {
  const halves = inject(key, undefined)
  const under = (place: string) => (at: string) => at === place || at.startsWith(`${place}/`)
  return {
    at: (place: string) => halves?.value[place],
    keep(place: string, half: Half | undefined) {
      if (!halves || (!half && !(place in halves.value))) return
      const others = Object.fromEntries(Object.entries(halves.value).filter(([at]) => at !== place))
      halves.value = half ? { ...others, [place]: half } : others
    },
    /** Lets go of all that is half-typed in something that is taken out or moved. */
    drop(place: string) {
      if (!halves) return
      const gone = under(place)
      halves.value = Object.fromEntries(Object.entries(halves.value).filter(([at]) => !gone(at)))
    },
  }
}
