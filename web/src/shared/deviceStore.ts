import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Entry, RallyOpened, RallyPhotos, Refusal, TeamSheet } from '../api/names'

/** An entry that the server has not taken yet, with its refusal where it came too late to be shown where it was typed. */
export interface Unsent {
  entry: Entry
  refusal?: Refusal
}

/** A photo that the server has not taken yet, with its refusal where it is none. */
export interface UnsentPhoto {
  id: string
  team: string
  round: number
  picture: Blob
  refusal?: Refusal
}

interface Kept<T> {
  key: string
  value: { data: T; at: number }
}

export interface OnThisDevice extends DBSchema {
  /** Entries by the order in which they were written. */
  unsent: { key: number; value: Unsent & { rally: string }; indexes: { rally: string } }
  /** Photos by the order in which they were taken. */
  photos: { key: number; value: UnsentPhoto & { rally: string }; indexes: { rally: string } }
  /** What was last known, for going on without a connection. */
  rallies: Kept<RallyOpened>
  sheets: Kept<TeamSheet[]>
  albums: Kept<RallyPhotos>
}

let opened: Promise<IDBPDatabase<OnThisDevice>> | undefined

/** What this device keeps by itself: what is on its way, and the rally as it was last seen. */
export const deviceStore = () =>
  (opened ??= openDB<OnThisDevice>('plucky-rally', 1, {
    upgrade(db) {
      for (const queue of ['unsent', 'photos'] as const)
        db.createObjectStore(queue, { autoIncrement: true }).createIndex('rally', 'rally')
      for (const kept of ['rallies', 'sheets', 'albums'] as const) db.createObjectStore(kept)
    },
  }))
