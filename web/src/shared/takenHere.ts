import type { Entry } from '@/api/names'
import { thisBrowser } from './thisBrowser'

/** An entry of this device's that a page may not have seen yet: the log had so many entries with it, or it waits. */
export interface OnItsWay {
  entry: Entry
  asOf?: number
}

/** More than a judge records before a sheet comes back; and a device that was away for a day has seen sheets since. */
const most = 100
const oldest = 24 * 60 * 60 * 1000
const taken = 'taken:'
const place = (rally: string) => taken + rally

/** What the server took from this device and no sheet that is kept here may have yet. */
export const takenHere = (rally: string) => JSON.parse(thisBrowser.read(place(rally)) ?? '[]') as OnItsWay[]

export function setTaken(rally: string, all: readonly OnItsWay[]) {
  if (all.length > 0) thisBrowser.keep(place(rally), JSON.stringify(all.slice(-most)))
  else thisBrowser.drop(place(rally))
}

/** Lets go of what is so old that nobody waits for it: not every rally's sheets are opened on this device. */
export function dropOldTaken() {
  for (const rally of thisBrowser.keys(taken).map((key) => key.slice(taken.length)))
    setTaken(
      rally,
      takenHere(rally).filter((o) => Date.now() - Date.parse(o.entry.at) < oldest),
    )
}

/** What belongs to the whole class stands on no sheet. */
export const keepTaken = (rally: string, some: readonly OnItsWay[]) =>
  setTaken(rally, [...takenHere(rally), ...some.filter((o) => o.entry.team !== '')])
