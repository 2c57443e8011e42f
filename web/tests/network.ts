import { onTestFinished, vi } from 'vitest'

/** What the page has asked the server and has not been answered yet; a page is closed when nothing is on its way. */
const asked = new Set<Promise<unknown>>()
const ask = globalThis.fetch

function until<T>(there: Promise<T>) {
  const over = () => void asked.delete(there)
  asked.add(there)
  there.then(over, over)
  return there
}

/** Milliseconds by which an answer is late at most, each by another time, so that they come out of order too. */
const lag = Number(process.env.RALLY_LAG ?? 0)
const late = () => new Promise<void>((go) => setTimeout(go, Math.random() * lag))

globalThis.fetch = (...what) =>
  until(
    (lag > 0 ? late().then(() => ask(...what)) : ask(...what)).then((answer) => {
      // A page that is closed in the middle of an answer cuts it off.
      const text = answer.text.bind(answer)
      answer.text = () => until(text())
      return answer
    }),
  )

/**
 * Waits until everything that was asked has been answered, and what an answer leads to has been asked and answered. It
 * may be put into the browser's store in between, which takes some turns.
 */
export async function answered() {
  for (let quiet = 0; quiet < 20; quiet++) {
    if (asked.size > 0) quiet = 0
    await Promise.allSettled(asked)
    await new Promise((done) => setTimeout(done))
  }
}

/** Takes the line away until the end of the test, or until what this gives is called. */
export function cutLine() {
  const line = vi.spyOn(globalThis, 'fetch').mockRejectedValue(new TypeError('The line is cut.'))
  const join = () => line.mockRestore()
  onTestFinished(join)
  return join
}

/** Holds back what is recorded until what this gives is called: the line is slow. */
export function slowLine() {
  const sends = globalThis.fetch
  let release!: () => void
  const held = new Promise<void>((done) => (release = done))
  const line = vi.spyOn(globalThis, 'fetch').mockImplementation(async (what, how) => {
    if (/\/entries(\/many)?$/.test(what instanceof Request ? what.url : String(what))) await held
    return sends(what, how)
  })
  onTestFinished(() => {
    release()
    line.mockRestore()
  })
  return release
}
