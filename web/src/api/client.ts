import createClient from 'openapi-fetch'
import { fetchOnce } from './early'
import { judgingWindow } from './judgingWindow'
import type { Problem, Refusal } from './names'
import type { paths } from './schema.generated.d'

/** A line that gives no answer for so long is none; what is large, or long work, takes its time. */
const lineGone = { read: 30_000, write: 180_000 }

/**
 * What was just touched is sent even if the page is left at once. Browsers carry 64 KiB that far, so a large body goes
 * without. Nothing is waited for for ever.
 */
class LastingRequest extends Request {
  constructor(input: RequestInfo | URL, init?: RequestInit) {
    const lasts = typeof init?.body === 'string' && new Blob([init.body]).size < 30_000
    const signal = init?.signal ?? AbortSignal.timeout(init?.method === 'GET' ? lineGone.read : lineGone.write)
    super(input, { ...init, signal, ...(lasts ? { keepalive: true } : {}) })
  }
}

/** The API, typed by its own description. */
export const api = createClient<paths>({ baseUrl: '', Request: LastingRequest, fetch: fetchOnce })
api.use({
  onRequest({ request }) {
    const ticket = judgingWindow.ticket()
    if (ticket) request.headers.set('Authorization', `Bearer ${ticket}`)
  },
})

/** What came of a request: an answer, a refusal that says what would do, or no connection. */
export type Answer<T> =
  | { ok: true; data: T; etag: string }
  | { ok: false; offline: false; status: number; refusal: Refusal }
  | { ok: false; offline: true }

/** Waits for a request and never throws: a lost connection is an answer too. */
export async function ask<T>(
  request: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<Answer<NonNullable<T>>> {
  try {
    const { data, error, response } = await request
    if (response.ok) return { ok: true, data: data as NonNullable<T>, etag: response.headers.get('ETag') ?? '' }
    return { ok: false, offline: false, status: response.status, refusal: asRefusal(error) }
  } catch (wrong) {
    // A fetch that found nobody at the other end throws a TypeError, one that waited in vain a TimeoutError; anything
    // else is a fault to be seen.
    if (wrong instanceof TypeError || (wrong instanceof DOMException && wrong.name === 'TimeoutError'))
      return { ok: false, offline: true }
    throw wrong
  }
}

/** What stands in the way, as it is shown: the server's refusal, or that there is no connection. */
export function refusalOf<T>(answer: Answer<T>, remedy = 'Try again.'): Refusal | undefined {
  if (answer.ok) return undefined
  return answer.offline ? { title: 'There is no connection.', detail: remedy, problems: [] } : answer.refusal
}

/** Problems as one refusal. */
export const refusalFrom = (problems: readonly Problem[]): Refusal => ({
  title: problems.length === 1 ? problems[0]!.what : `${problems.length} things need to be fixed.`,
  detail: problems.length === 1 ? problems[0]!.remedy : 'Each is listed with how to fix it.',
  problems: [...problems],
})

function asRefusal(error: unknown): Refusal {
  const refusal = error as Partial<Refusal> | undefined
  return {
    title: refusal?.title ?? 'The server gave no reason.',
    detail: refusal?.detail ?? 'Try again.',
    problems: refusal?.problems ?? [],
    differences: refusal?.differences ?? null,
  }
}
