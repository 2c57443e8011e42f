// Keeps the page and its files, so that a closed tab opens again without a line. Files carry a mark of their contents
// in their names and never change; the page is asked for anew while there is a line. Nothing of the API is kept here.
const store = 'page-1'
const page = '/'
/** A line that gives no answer for so long is none. */
const patience = 3000

self.addEventListener('install', (event) => {
  self.skipWaiting()
  event.waitUntil(caches.open(store).then((kept) => kept.add(page)))
})

self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))

// Files that were loaded before this worker was there.
self.addEventListener('message', (event) => {
  if (Array.isArray(event.data)) event.waitUntil(Promise.all(event.data.map((file) => kept(file))))
})

self.addEventListener('fetch', (event) => {
  const { request } = event
  const path = new URL(request.url).pathname
  if (request.method !== 'GET' || path.startsWith('/api/') || path.startsWith('/live')) return
  if (request.mode === 'navigate') event.respondWith(fresh(request))
  else if (path.startsWith('/assets/')) event.respondWith(kept(request))
})

async function fresh(request) {
  try {
    const answer = await fetch(request, { signal: AbortSignal.timeout(patience) })
    if (answer.ok) await (await caches.open(store)).put(page, answer.clone())
    return answer
  } catch (gone) {
    const known = await caches.match(page)
    if (known) return known
    throw gone
  }
}

async function kept(request) {
  const known = await caches.match(request)
  if (known) return known
  const answer = await fetch(request)
  if (answer.ok) await (await caches.open(store)).put(request, answer.clone())
  return answer
}
