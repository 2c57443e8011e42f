import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import { ref } from 'vue'
import type { DayOpened, Entry, JudgeRallyView, RallyPhotos, Refusal, TeamOnStrip, TeamSheet } from '@/api/names'

/**
 * An entry that the server has not taken yet, with its refusal where it came too late to be shown where it was typed.
 */
export interface Unsent {
  entry: Entry
  /** What is recorded with it, and not without it, where it was refused. */
  belonging?: readonly Entry[]
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
  rallies: Kept<JudgeRallyView>
  /** How far the teams of a round are, and their sheets one by one. */
  strips: Kept<{ order: string[]; queue?: string[]; due?: string; teams: TeamOnStrip[] }>
  sheets: Kept<TeamSheet>
  albums: Kept<RallyPhotos>
  days: Kept<DayOpened>
}

/** Whether this device keeps anything by itself. In a private window, or where its store is full, some do not. */
export const keeps = ref(true)

/** Version 4: fair days are kept too. What was only known before is asked for again; what waits stays. */
const version = 4
let opened: Promise<IDBPDatabase<OnThisDevice> | undefined> | undefined

/**
 * What this device keeps by itself: what is on its way, and the rally as it was last seen. Nothing where it cannot
 * keep.
 */
export const deviceStore = () => (opened ??= open())

async function open() {
  // A window of an older version may hold the store and never let it go: this one goes on without it until it is free.
  let stuck!: () => void
  const blocked = new Promise<undefined>((go) => (stuck = () => go(undefined)))
  try {
    const opening = openDB<OnThisDevice>('plucky-rally', version, {
      upgrade(db, before) {
        for (const queue of ['unsent', 'photos'] as const)
          if (before < 1) db.createObjectStore(queue, { autoIncrement: true }).createIndex('rally', 'rally')
        for (const kept of ['rallies', 'strips', 'sheets', 'albums', 'days'] as const) {
          if (db.objectStoreNames.contains(kept)) db.deleteObjectStore(kept)
          db.createObjectStore(kept)
        }
      },
      blocked: () => stuck(),
      // A newer version wants it: this window lets it go, and keeps what comes from now on in hand.
      blocking: (_, __, event) => {
        ;(event.target as IDBDatabase).close()
        opened = undefined
      },
      terminated: () => (opened = undefined),
    })
    const db = await Promise.race([opening, blocked])
    keeps.value = !!db
    if (!db)
      void opening.then((free) => {
        opened = Promise.resolve(free)
        keeps.value = true
      })
    return db
  } catch {
    // Browsers refuse in their own ways; whatever the reason, the page goes on and says that nothing is kept.
    keeps.value = false
    return undefined
  }
}
