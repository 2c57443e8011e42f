import { inject, type InjectionKey } from 'vue'
import type { Brief, BriefPapers, CardShown, Job, RallyPapers, School, StudentSheet, Team, TeamKit } from '@/api/names'
import type { TeamMark } from '@/shared/teamMarks'

/** What a rally has beside its brief. */
export interface RallyOnPaper {
  id: string
  round: number
  name: string
  teams: readonly Team[]
  marks: Map<string, TeamMark>
  jobs: readonly Job[]
  cards: Readonly<Record<string, readonly CardShown[]>>
  bags: Readonly<Record<string, readonly string[]>>
  kits: readonly TeamKit[]
  papers: RallyPapers
}

/** What is printed from: a brief, and the rally where there is one. */
export interface OnPaper {
  brief: Brief
  tier: string
  sheet: StudentSheet
  largePrint: boolean
  papers: BriefPapers | undefined
  /** The class and the day, as they stand at the head; empty for a brief alone. */
  about: string
  rally: RallyOnPaper | undefined
}

/** What it is printed on, unless somebody chooses otherwise: what goes with the brief's units, else the school's. */
export const sizeOf = (on: OnPaper, school: School): PaperChoices['paper'] =>
  (on.papers?.paper ?? school.paper) === 'letter' ? 'letter' : 'A4'

/** What somebody chooses for a printing. */
export interface PaperChoices {
  paper: 'A4' | 'letter'
  ink: 'colour' | 'black'
  letters: 'usual' | 'print'
  lines: 'wide' | 'narrow'
  boxes: number
  planning: boolean
  behind: boolean
  judges: 'team' | 'table'
  tables: number
  byHand: boolean
  certificate: 'place' | 'award' | 'best'
  next: string
}

export interface Printing {
  on: OnPaper
  choices: PaperChoices
  /** The teams that are printed: all, or the one that was chosen; none for a brief alone. */
  teams: readonly Team[]
}

export const printing: InjectionKey<Printing> = Symbol('printing')

/** What is printed now, for a sort of paper. Its values change in place. */
export function usePrinting(): Printing {
  const now = inject(printing)
  if (!now) throw new Error('A paper belongs on the page of papers.')
  return now
}

/** The same for a paper that only a rally has. */
export function useRallyPrinting() {
  const now = usePrinting()
  if (!now.on.rally) throw new Error('This paper belongs to a rally.')
  return { ...now, now, rally: now.on.rally }
}
