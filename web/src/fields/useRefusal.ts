import { computed, shallowRef } from 'vue'
import { refusalFrom } from '@/api/client'
import type { Refusal } from '@/api/names'
import { copyOf } from './copyOf'

/**
 * Why a form was refused. What is wrong with a field is said until the field holds something else: whether that will do
 * is found out when the form is sent again.
 * @param typed The document that is sent, of which each problem names a place.
 */
export function useRefusal(typed: () => unknown) {
  const given = shallowRef<{ refusal: Refusal; of: unknown }>()
  return computed({
    get: () => {
      if (!given.value) return undefined
      const { refusal, of } = given.value
      const now = typed()
      const left = refusal.problems.filter((p) => same(valueAt(of, p.at), valueAt(now, p.at)))
      if (left.length === refusal.problems.length) return refusal
      return left.length > 0 ? { ...refusal, ...refusalFrom(left) } : undefined
    },
    set: (refusal: Refusal | undefined) => (given.value = refusal && { refusal, of: copyOf(typed()) }),
  })
}

const same = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other)

/** What stands at a place that is named as a JSON pointer (RFC 6901); at a place inside of a field, the field. */
function valueAt(document: unknown, place: string): unknown {
  let value = document
  for (const step of place.split('/').slice(1)) {
    if (typeof value !== 'object' || value === null) break
    value = (value as Record<string, unknown>)[step.replaceAll('~1', '/').replaceAll('~0', '~')]
  }
  return value
}
