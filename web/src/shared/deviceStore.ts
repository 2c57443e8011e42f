import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Entry, RallyOpened, Refusal, TeamSheet } from '../api/names'

/** An entry that the server has not taken yet, with its refusal where it came too late to be shown where it was typed. */
export interface Unsent {
  entry: Entry
  refusal?: Refusal
}

export interface OnThisDevice extends DBSchema {
  /** Entries by the order in which they were written. */
  unsent: { key: number; value: Unsent & { rally: string }; indexes: { rally: string } }
  /** What was last known, for going on without a connection. */
  rallies: { key: string; value: { data: RallyOpened; at: number } }
  sheets: { key: string; value: { data: TeamSheet[]; at: number } }
}

let opened: Promise<IDBPDatabase<OnThisDevice>> | undefined

/** What this device keeps by itself: entries on their way, and the rally as it was last seen. */
export const deviceStore = () =>
  (opened ??= openDB<OnThisDevice>('plucky-rally', 1, {
    upgrade(db) {
      db.createObjectStore('unsent', { autoIncrement: true }).createIndex('rally', 'rally')
      db.createObjectStore('rallies')
      db.createObjectStore('sheets')
    },
  }))
