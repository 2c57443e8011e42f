/**
 * The page itself is kept by the browser, so that a tablet that was closed opens again without a line. While there is a
 * line a newer one is asked for, at the start and whenever the line is back.
 */

/** Marks what this window was told of, so that a page which stays old is not loaded again and again. */
const told = 'page:newer'

/** The script of the page that the server has under this address now, where it is another than this window's. */
async function newerScript(address: string) {
  const mine = document.querySelector<HTMLScriptElement>('script[type=module][src]')?.src
  const answer = await fetch(address, { cache: 'no-cache' }).catch(() => undefined)
  if (!mine || !answer?.ok) return
  const newest = /<script type="module"[^>]* src="([^"]+)"/.exec(await answer.text())?.[1]
  if (newest && new URL(newest, window.location.href).href !== mine) return newest
}

async function lookForNewer() {
  const newest = await newerScript(window.location.pathname)
  if (!newest || sessionStorage.getItem(told) === newest) return
  sessionStorage.setItem(told, newest)
  window.location.reload()
}

/**
 * Loads the page at this address whole, where the program was updated since this window was opened: the files that
 * this window would fetch for it are gone. Otherwise says that it did not.
 */
export async function openUpdated(address: string) {
  if (!(await newerScript(address))) return false
  window.location.assign(address)
  return true
}

/** Lets the browser keep the page under the address where it is now: it keeps each address by itself. */
export function keepThisAddress() {
  const keeper = navigator.serviceWorker?.controller
  if (keeper) return
  void fetch(window.location.pathname + window.location.search).catch(() => undefined)
}

/**
 * Over an encrypted line, and on the computer itself, a worker of our own keeps page and files; elsewhere the browser's
 * store does.
 */
export function keepPage() {
  void lookForNewer()
  if (!window.isSecureContext || !('serviceWorker' in navigator)) return
  void navigator.serviceWorker.register('/keeper.js').then(async () => {
    const ready = await navigator.serviceWorker.ready
    const files = performance.getEntriesByType('resource').map((e) => new URL(e.name).pathname)
    ready.active?.postMessage(files.filter((f) => f.startsWith('/assets/')))
  })
}
