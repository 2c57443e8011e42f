/** What is being done, with what it is done to. */
const doing = new Map<unknown, Set<string>>()

/**
 * Does what a form asks for, and not again before that has come about or was refused: a second Enter sends nothing
 * twice.
 */
export async function singly<A extends unknown[]>(does: (...of: A) => unknown, ...of: A) {
  const what = JSON.stringify(of)
  const running = doing.get(does) ?? new Set()
  if (running.has(what)) return
  doing.set(does, running.add(what))
  try {
    await does(...of)
  } finally {
    running.delete(what)
    if (running.size === 0) doing.delete(does)
  }
}
