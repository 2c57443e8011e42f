import type { SheetChanges, TeamOnStrip, TeamSheet } from '@/api/names'

/** A team's sheet on this device. */
interface HeldSheet {
  sheet: TeamSheet
  /**
   * How many entries the rally's log had when this was last heard to be so; 0 where the log of the sheet is not here.
   */
  logAsOf: number
}

/** What this device has of the sheets of a round. */
export interface HeldSheets {
  /** How many entries the rally's log had; 0 where nothing was heard from the server yet. */
  asOf: number
  /** The ground that numbers stand on: what was said on another one is not gone on from. */
  ground: string
  order: readonly string[]
  /** Where the rally is run with others: the teams of all of them, in the order of the test. */
  queue: readonly string[]
  /** Whose sheet is opened where none was chosen; empty where that is not known. */
  due: string
  teams: ReadonlyMap<string, TeamOnStrip>
  sheets: ReadonlyMap<string, HeldSheet>
}

export const nothingHeld: HeldSheets = {
  asOf: 0,
  ground: '',
  order: [],
  queue: [],
  due: '',
  teams: new Map(),
  sheets: new Map(),
}

/** What is held, with what is new. */
export function withChanges(held: HeldSheets, changes: SheetChanges, team: string): HeldSheets {
  const { asOf, ground, order, queue, due } = changes
  const known = typeof changes.since === 'number' ? held : nothingHeld
  const teams = new Map(known.teams)
  for (const t of changes.teams) teams.set(t.team, t)
  const sheets = new Map(known.sheets)
  const before = sheets.get(team)
  if (changes.sheet) {
    const sheet = { ...changes.sheet }
    if (sheet.logFrom > 0) sheet.log = [...sheet.log, ...(before?.sheet.log ?? [])]
    sheets.set(sheet.team, { sheet, logAsOf: asOf })
  } else if (before) sheets.set(team, { ...before, logAsOf: asOf })
  return { asOf, ground, order, queue, due, teams, sheets }
}

/** What is held, with sheets that came without their logs. */
export function withSheets(held: HeldSheets, came: readonly TeamSheet[]): HeldSheets {
  const sheets = new Map(held.sheets)
  for (const sheet of came)
    if ((sheets.get(sheet.team)?.sheet.asOf ?? -1) < sheet.asOf) sheets.set(sheet.team, { sheet, logAsOf: 0 })
  return { ...held, sheets }
}

/** The teams whose sheets are not here, or have changed since. */
export const behind = (held: HeldSheets, but: string) =>
  held.order.filter((t) => t !== but && (held.sheets.get(t)?.sheet.asOf ?? -1) < (held.teams.get(t)?.touched ?? 0))

/** What a device asks with: how far it is, and how far with the sheet that is open. */
export const askSince = (held: HeldSheets, team: string) => ({
  ...(held.ground ? { since: held.asOf, ground: held.ground } : {}),
  team,
  held: held.sheets.get(team)?.logAsOf ?? 0,
})
