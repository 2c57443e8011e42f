import createClient from 'openapi-fetch'
import type { Refusal } from './names'
import type { paths } from './schema.generated'

/** The API, typed by its own description. */
export const api = createClient<paths>({ baseUrl: '' })

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
    // Only a fetch that found nobody at the other end throws a TypeError; anything else is a fault to be seen.
    if (wrong instanceof TypeError) return { ok: false, offline: true }
    throw wrong
  }
}

function asRefusal(error: unknown): Refusal {
  const refusal = error as Partial<Refusal> | undefined
  return {
    title: refusal?.title ?? 'The server gave no reason.',
    detail: refusal?.detail ?? 'Try again.',
    problems: refusal?.problems ?? [],
  }
}
