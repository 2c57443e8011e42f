import { computed, shallowRef } from 'vue'
import { api, ask } from '../api/client'
import type { WhoAmI } from '../api/names'

const who = shallowRef<WhoAmI>()

/** Asks the server who this device is to it. Without a connection the last answer stands. */
export async function askWho() {
  const answer = await ask(api.GET('/api/who'))
  if (answer.ok) who.value = answer.data
  return who.value
}

/** Who this device is: the teacher, a judge, a wall or nobody. */
export function useWho() {
  return { who, isTeacher: computed(() => who.value?.role === 'teacher') }
}
