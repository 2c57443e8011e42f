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

/** Waits until everything that was asked has been answered, and what an answer leads to has been asked and answered. */
export async function answered() {
  do {
    await Promise.allSettled(asked)
    await new Promise((done) => setTimeout(done))
  } while (asked.size > 0)
}
