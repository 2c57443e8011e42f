import { v7 } from 'uuid'
import { api, ask } from '@/api/client'
import { sendingOf, useQueue } from '@/shared/useQueue'

/** A photo of a few megabytes over a weak line takes its time; after this the line is taken for gone. */
const lineGone = 60_000

/** Photos on their way to the server; without a connection they wait on this device. */
export function usePhotoQueue(rally: string, onTaken: () => Promise<void>) {
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
    if (answer.ok) await onTaken()
    return [sendingOf(answer)]
  })
  async function take(team: string, round: number, picture: Blob) {
    await queue.add({ id: v7(), team, round, picture, rally })
    await queue.flush()
  }
  return { waiting: queue.waiting, take, drop: (id: string) => queue.drop((p) => p.id === id) }
}
