import { judgingWindow } from './judgingWindow'
import type { WhoAmI } from './names'

/** What was asked before the page itself was there to ask, by its address. */
const early = new Map<string, Promise<Response>>()
/** What the page has asked by itself meanwhile. */
const asked = new Set<string>()
let opening = false

/** A page asks at once or not at all: what it has not taken after so long would be old by the time that it does. */
const fresh = 5_000
/** A line that gives no answer for so long is none. */
const lineGone = 10_000

function ask(address: string) {
  const url = new URL(address, location.href).href
  if (!opening || asked.has(url)) return undefined
  const answer = fetch(url, { signal: AbortSignal.timeout(lineGone) })
  answer.catch(() => undefined)
  early.set(url, answer)
  return answer
}

/**
 * Asks who this is, and for whoever has been let in what the page at this address will ask first. The server has named
 * both with the page, so that they may have come already: a browser hands such an answer to whoever asks next, and were
 * it not taken now, it would be taken for an answer much later.
 */
export async function askEarly(whoIsThis: string, addresses: readonly string[]) {
  opening = true
  setTimeout(() => {
    opening = false
    early.clear()
    asked.clear()
  }, fresh)
  if (judgingWindow.ticket()) return
  // The page reads the same answer: the copy is made before it can.
  const answer = await ask(whoIsThis)
    ?.then((r) => r.clone())
    .catch(() => undefined)
  if (!answer?.ok) return
  const who = (await answer.json()) as WhoAmI
  if (who.role !== 'nobody') for (const address of addresses) void ask(address)
}

/**
 * Asks the server, or takes what was asked early: once, and only where it is the same question. What is changed by this
 * page makes all of it old.
 */
export function fetchOnce(request: Request) {
  if (request.method !== 'GET') early.clear()
  const same = !request.headers.has('Authorization') && !request.headers.has('announced')
  const answer = same ? early.get(request.url) : undefined
  early.delete(request.url)
  if (opening) asked.add(request.url)
  return answer ?? fetch(request)
}
