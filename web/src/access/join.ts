import { api, ask } from '@/api/client'
import { judgingWindow } from '@/api/judgingWindow'
import { askWho } from './useWho'

/** Joins with a code; in the teacher's own browser this window alone does. */
export async function join(code: string, name: string, same: boolean) {
  const answer = await ask(api.POST('/api/join', { body: { code, name, same } }))
  if (!answer.ok) return answer
  if (answer.data.window) judgingWindow.become(answer.data.window)
  await askWho()
  return answer
}
