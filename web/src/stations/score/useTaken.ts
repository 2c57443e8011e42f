import { shallowRef } from 'vue'
import type { TeamSheet } from '@/api/names'
import { setTaken, takenHere, type OnItsWay } from '@/shared/takenHere'

/**
 * What the server took from this device, until a sheet with it is kept here. A page that is closed in between, and
 * opened again without a connection, would show an older sheet, and its judge would record the same again.
 */
export function useTaken(rally: string) {
  /** What a page that is closed has left; of what is recorded on this one its outbox knows. */
  const earlier = shallowRef<readonly OnItsWay[]>(takenHere(rally))

  /**
   * These sheets of a round came from the server and are kept here. What an earlier page left was taken before they
   * were asked for.
   */
  function seen(sheets: readonly TeamSheet[], round: number) {
    const before = new Set(earlier.value.map((o) => o.entry.id))
    function unseen({ entry, asOf = 0 }: OnItsWay) {
      const sheet = sheets.find((s) => s.team === entry.team && entry.round === round)
      return !sheet || (!before.has(entry.id) && asOf > sheet.asOf)
    }
    const kept = takenHere(rally)
    if (!kept.every(unseen)) setTaken(rally, kept.filter(unseen))
    if (!earlier.value.every(unseen)) earlier.value = earlier.value.filter(unseen)
  }
  return { earlier, seen }
}
