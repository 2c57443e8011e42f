/**
 * Asks, and gives an answer only where nothing was asked since: one that was overtaken on its way never replaces a
 * newer one.
 */
export function latest<A extends unknown[], T>(ask: (...of: A) => Promise<T>) {
  let newest = 0
  return async (...of: A): Promise<T | undefined> => {
    const number = ++newest
    const answer = await ask(...of)
    return number === newest ? answer : undefined
  }
}
