/** What the page has asked the server and has not been answered yet; a page is closed when nothing is on its way. */
const asked = new Set<Promise<unknown>>()
const ask = globalThis.fetch

globalThis.fetch = (...what) => {
  const answer = ask(...what)
  const over = () => void asked.delete(answer)
  asked.add(answer)
  answer.then(over, over)
  return answer
}

/** Waits until everything that was asked has been answered. */
export async function answered() {
  while (asked.size > 0) await Promise.allSettled(asked)
}
