import { computed, inject, provide, type InjectionKey, type Ref } from 'vue'
import type { Problem } from '@/api/names'

export interface Snags {
  all: Readonly<Ref<readonly Problem[]>>
  /** The first thing wrong at a place of the document, named as a JSON pointer. */
  at: (place: string) => Problem | undefined
}

const key: InjectionKey<Snags> = Symbol('snags')

/** Makes the problems of a document known to the fields below, each of which shows its own. */
export function provideSnags(all: Readonly<Ref<readonly Problem[]>>) {
  const byPlace = computed(() => {
    const places = new Map<string, Problem>()
    for (const problem of all.value) if (!places.has(problem.at)) places.set(problem.at, problem)
    return places
  })
  provide(key, { all, at: (place) => byPlace.value.get(place) })
}

/** The problems around this field; none where nothing is edited. */
export function useSnags(): Snags {
  return inject(key, () => ({ all: computed(() => []), at: () => undefined }), true)
}

/** Puts the cursor where a problem is, or as near above it as there is a field. */
export function goTo(place: string) {
  for (let at = place; at.length > 0; at = at.slice(0, at.lastIndexOf('/'))) {
    const field = document.querySelector<HTMLElement>(`[data-at="${CSS.escape(at)}"]`)
    if (!field) continue
    field.focus()
    field.scrollIntoView({ block: 'center' })
    return
  }
}
