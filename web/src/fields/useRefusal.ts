import { computed, shallowRef } from 'vue'
import { refusalFrom } from '@/api/client'
import type { Refusal } from '@/api/names'
import { copyOf } from '@/shared/copyOf'
import { fieldAt } from './place'

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
      const left = refusal.problems.filter((p) => same(fieldAt(of, p.at), fieldAt(now, p.at)))
      if (left.length === refusal.problems.length) return refusal
      return left.length > 0 ? { ...refusal, ...refusalFrom(left) } : undefined
    },
    set: (refusal: Refusal | undefined) => (given.value = refusal && { refusal, of: copyOf(typed()) }),
  })
}

const same = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other)
