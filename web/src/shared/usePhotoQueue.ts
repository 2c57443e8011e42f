import { v7 } from 'uuid'
import { effectScope, onScopeDispose } from 'vue'
import { api, ask } from '@/api/client'
import { sendingOf, useQueue } from './useQueue'

/** A photo of a few megabytes over a weak line takes its time; after this the line is taken for gone. */
const lineGone = 60_000

const boxes = new Map<string, ReturnType<typeof makeBox>>()
/** The photos of a rally on their way to the server, whatever page is open; without a connection they wait here. */
export function photosOf(rally: string) {
  const known = boxes.get(rally) ?? effectScope(true).run(() => makeBox(rally))!
  boxes.set(rally, known)
  return known
}

function makeBox(rally: string) {
  const pages = new Set<() => Promise<void>>()
  const queue = useQueue('photos', rally, 1, async ([photo]) => {
    const { id, team, round, picture } = photo!
    const answer = await ask(
      api.POST('/api/rallies/{id}/photos', {
        params: { path: { id: rally }, query: { photo: id, team, round } },
        // The API's description has no word for a file, so what goes over the line is put in its place here.
        body: '',
        bodySerializer: () => picture,
        signal: AbortSignal.timeout(lineGone),
        headers: { 'Content-Type': picture.type.startsWith('image/') ? picture.type : 'image/unknown' },
      }),
    )
    if (answer.ok) await Promise.all([...pages].map((hear) => hear()))
    return [sendingOf(answer)]
  })
  async function take(team: string, round: number, picture: Blob) {
    await queue.add({ id: v7(), team, round, picture, rally })
    await queue.flush()
  }
  return { pages, waiting: queue.waiting, take, drop: (id: string) => queue.drop((p) => p.id === id) }
}

/** The same as a page uses it, which is told when the server has taken one. */
export function usePhotoQueue(rally: string, onTaken: () => Promise<void>) {
  const { pages, ...box } = photosOf(rally)
  pages.add(onTaken)
  onScopeDispose(() => pages.delete(onTaken))
  return box
}
