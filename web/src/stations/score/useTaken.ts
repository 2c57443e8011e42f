import { shallowRef } from 'vue'
import type { TeamSheet } from '@/api/names'
import { thisBrowser } from '@/shared/thisBrowser'
import type { OnItsWay } from '@/shared/useOutbox'

/** More than a judge records before a sheet comes back. */
const most = 100

/**
 * What the server took from this device, until a sheet with it is kept here. A page that is closed in between, and
 * opened again without a connection, would show an older sheet, and its judge would record the same again.
 */
export function useTaken(rally: string) {
  const place = `taken:${rally}`
  const read = () => JSON.parse(thisBrowser.read(place) ?? '[]') as OnItsWay[]
  function keep(all: readonly OnItsWay[]) {
    if (all.length > 0) thisBrowser.keep(place, JSON.stringify(all.slice(-most)))
    else thisBrowser.drop(place)
  }
  /** What a page that is closed has left; of what is recorded on this one its outbox knows. */
  const earlier = shallowRef<readonly OnItsWay[]>(read())

  /** What belongs to the whole class stands on no sheet. */
  function add(some: readonly OnItsWay[]) {
    keep([...read(), ...some.filter((o) => o.entry.team !== '')])
  }
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
    const kept = read()
    if (!kept.every(unseen)) keep(kept.filter(unseen))
    if (!earlier.value.every(unseen)) earlier.value = earlier.value.filter(unseen)
  }
  return { earlier, add, seen }
}
