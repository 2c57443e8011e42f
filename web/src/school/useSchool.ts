import { shallowRef } from 'vue'
import { api, ask } from '@/api/client'
import type { School } from '@/api/names'

/** Set once, and asked for once in a window. */
const school = shallowRef<School>()
let asked: Promise<void> | undefined

async function load() {
  const answer = await ask(api.GET('/api/school'))
  if (answer.ok) school.value = answer.data
  else asked = undefined
}

/** What is the school's own: its paper, its units, its weeks. */
export function useSchool() {
  asked ??= load()
  return { school, again: () => (asked = load()) }
}
