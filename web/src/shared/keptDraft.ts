import { ref } from 'vue'
import { thisBrowser } from './thisBrowser'

/** How drafts are kept; another number is another shape. */
const version = 1
const drafts = 'draft:'
const unread = 'unread:'

/** Whether this browser keeps what is not recorded or saved yet; one whose store is full does not, until it does. */
export const keepsDrafts = ref(true)

/** What somebody put together, and what it was begun from. */
export interface KeptDraft<T> {
  value: T
  base: string
  /** When it was last changed. */
  at: string
}

/**
 * What this browser keeps of one thing that is not recorded or saved yet. What was kept in a shape that is not known
 * any more is kept on as text, for whoever typed it.
 * @param name Names the thing.
 * @param example A value of the shape that is known.
 */
export function keptDraft<T>(name: string, example: () => T) {
  const place = drafts + name
  function read(): KeptDraft<T> | undefined {
    // Before there was one shape, some stood under their names alone.
    const at = [place, name].find((p) => thisBrowser.read(p) !== undefined)
    if (!at) return undefined
    const text = thisBrowser.read(at)!
    const kept = parsed(text) as (KeptDraft<T> & { version: number }) | undefined
    if (kept?.version === version && isLike(kept.value, example())) return kept
    if (thisBrowser.keep(unread + name, text)) thisBrowser.drop(at)
    return undefined
  }
  function keep(base: string, value: T) {
    const at = new Date().toISOString()
    keepsDrafts.value = thisBrowser.keep(place, JSON.stringify({ version, base, value, at }))
  }
  return { read, keep, drop: () => thisBrowser.drop(place) }
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    // What is no JSON is not understood either.
    return undefined
  }
}

/** Whether a value has what an example of its shape has. */
function isLike(value: unknown, example: unknown): boolean {
  if (example === undefined || example === null) return true
  if (Array.isArray(example)) return Array.isArray(value)
  if (typeof example !== 'object') return typeof value === typeof example
  return (
    typeof value === 'object' &&
    value !== null &&
    Object.entries(example).every(([field, of]) => isLike((value as Record<string, unknown>)[field], of))
  )
}

/** What was typed in an earlier version and is not understood any more, as text. */
export const unreadDrafts = () => thisBrowser.keys(unread).map((key) => ({ key, text: thisBrowser.read(key) ?? '' }))
