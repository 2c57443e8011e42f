import { computed, shallowRef } from 'vue'
import { api, ask } from '@/api/client'
import type { WhoAmI } from '@/api/names'

const who = shallowRef<WhoAmI>()

/** Nobody waits longer than this to be shown the next page. */
const patience = 3_000

/** Asks the server who this device is to it. Without a connection the last answer stands. */
export function askWho() {
  return (onItsWay ??= fetchWho().finally(() => (onItsWay = undefined)))
}
/** The bar and the way to the page both ask at first: one answer does for both. */
let onItsWay: Promise<typeof who.value> | undefined
async function fetchWho() {
  const answer = await ask(api.GET('/api/who', { signal: AbortSignal.timeout(patience) }))
  if (answer.ok) who.value = answer.data
  return who.value
}

/** Who this device is: the teacher, a judge, a helper, a wall or nobody; here, and in a rally. */
export function useWho() {
  return {
    who,
    isTeacher: computed(() => who.value?.role === 'teacher'),
    roleIn: (rally: string) => who.value?.rallies.find((r) => r.rally === rally)?.role,
  }
}
