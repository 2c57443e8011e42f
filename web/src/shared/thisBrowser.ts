/**
 * What this browser keeps by a key. A store that is full or closed keeps nothing, each browser in its own way; the page
 * goes on.
 */
export const thisBrowser = {
  read(key: string) {
    try {
      return localStorage.getItem(key) ?? undefined
    } catch {
      return undefined
    }
  },
  /** Says whether it is kept. */
  keep(key: string, text: string) {
    try {
      localStorage.setItem(key, text)
      return true
    } catch {
      return false
    }
  },
  /** What is kept under keys that begin so. */
  keys(beginning: string) {
    try {
      return Object.keys(localStorage).filter((key) => key.startsWith(beginning))
    } catch {
      return []
    }
  },
  drop(key: string) {
    try {
      localStorage.removeItem(key)
    } catch {
      // What cannot be reached is not kept either.
    }
  },
}
