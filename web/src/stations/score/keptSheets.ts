import { deviceStore } from '@/shared/deviceStore'
import { nothingHeld, type HeldSheets } from './heldSheets'

/** Everything of one round lies between these keys. */
const of = (round: string) => IDBKeyRange.bound(`${round}:`, `${round}:\uffff`)

/** Keeps the strip of a round on this device, and the sheets of some teams. */
export async function keepSheets(round: string, held: HeldSheets, changed: readonly string[]) {
  const db = await deviceStore()
  if (!db) return
  const { order, queue, due, teams, sheets } = held
  const at = Date.now()
  // A store that is full keeps what it had: this was only for a line that may be lost later.
  const strip = { order: [...order], queue: [...queue], due, teams: [...teams.values()] }
  await db.put('strips', { data: strip, at }, round).catch(() => undefined)
  for (const team of changed) {
    const sheet = sheets.get(team)?.sheet
    if (sheet) await db.put('sheets', { data: sheet, at }, `${round}:${team}`).catch(() => undefined)
  }
}

/**
 * What this device last kept of a round; nothing where it has none. It is no ground to go on from: the server is asked
 * for all.
 */
export async function keptSheets(round: string): Promise<{ held: HeldSheets; at: Date } | undefined> {
  const db = await deviceStore()
  const strip = await db?.get('strips', round)
  if (!db || !strip) return undefined
  const { order, queue = [], due = order[0] ?? '', teams } = strip.data
  const sheets = (await db.getAll('sheets', of(round))).map(
    ({ data: sheet }) => [sheet.team, { sheet, logAsOf: 0 }] as const,
  )
  return {
    held: {
      ...nothingHeld,
      order,
      queue,
      due,
      teams: new Map(teams.map((t) => [t.team, t])),
      sheets: new Map(sheets),
    },
    at: new Date(strip.at),
  }
}
