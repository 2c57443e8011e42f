import type { Entry } from '@/api/names'
import { thisBrowser } from './thisBrowser'

/** An entry of this device's that a page may not have seen yet: the log had so many entries with it, or it waits. */
export interface OnItsWay {
  entry: Entry
  asOf?: number
}

/** More than a judge records before a sheet comes back. */
const most = 100
const place = (rally: string) => `taken:${rally}`

/** What the server took from this device and no sheet that is kept here may have yet. */
export const takenHere = (rally: string) => JSON.parse(thisBrowser.read(place(rally)) ?? '[]') as OnItsWay[]

export function setTaken(rally: string, all: readonly OnItsWay[]) {
  if (all.length > 0) thisBrowser.keep(place(rally), JSON.stringify(all.slice(-most)))
  else thisBrowser.drop(place(rally))
}

/** What belongs to the whole class stands on no sheet. */
export const keepTaken = (rally: string, some: readonly OnItsWay[]) =>
  setTaken(rally, [...takenHere(rally), ...some.filter((o) => o.entry.team !== '')])
