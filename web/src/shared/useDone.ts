import { ref } from 'vue'
import { ask, refusalOf, type Answer } from '@/api/client'
import type { Refusal } from '@/api/names'
import type { Sent } from './useOutbox'

/**
 * What was touched and did not come about, for a place that has none of its own to say so. What was refused is said
 * until it is closed, however well the next touch goes; that there was no connection, until something was done again.
 */
const refusal = ref<Refusal>()
let offline = false
function say(now: Refusal | undefined, isOffline = false) {
  if (now || offline) refusal.value = now
  offline = isOffline
}

/**
 * Does what a touch asks for where nothing but its success would be seen: what keeps it from being done is said on
 * every page, until it is closed or something else is done.
 */
export async function done<T>(request: Parameters<typeof ask<T>>[0]): Promise<Answer<NonNullable<T>>> {
  const answer = await ask(request)
  notDone(answer)
  return answer
}

/** Says on every page what kept the last touch from being done; nothing where it was done. */
export function notDone<T>(answer: Answer<T>) {
  say(refusalOf(answer, 'Nothing was changed. Try again when there is one.'), !answer.ok && answer.offline)
}

/** Waits for what is recorded where nothing but its success would be seen, and says in the same way why it was not. */
export async function recorded(sending: Promise<Sent>): Promise<Sent> {
  const sent = await sending
  say(sent.kind === 'refused' ? sent.refusal : undefined)
  return sent
}

/** What is said of it, and how it is closed. */
export const useDone = () => ({ refusal, close: () => (refusal.value = undefined) })
