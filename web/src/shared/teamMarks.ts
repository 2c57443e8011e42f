import type { Team } from '@/api/names'

export const patterns = ['stripes', 'dots', 'zigzag', 'checks', 'waves', 'scallops', 'crosses', 'ladder'] as const
export type Pattern = (typeof patterns)[number]

/** The outlines of pennants: a class has the first; on a fair day, more than a class's teams are told apart. */
export const outlines = ['swallowtail', 'point', 'straight', 'round', 'notch'] as const
export type Outline = (typeof outlines)[number]

/** How a team is told apart: first by pattern and outline, then by short code, only then by color. */
export interface TeamMark {
  pattern: Pattern
  outline: Outline
  sign: string
  colour: string
}

const colours = ['var(--team-1)', 'var(--team-2)', 'var(--team-3)', 'var(--team-4)', 'var(--team-5)']

type Marked = Pick<Team, 'id' | 'name' | 'callSign' | 'pennant'>

/**
 * A mark for each team, by its id: patterns in turn, or the pennant that it was given on a fair day, and its short
 * code, or else two letters of the name that no other
 * team has; a number where it is only numbered.
 */
export function teamMarks(teams: readonly Marked[]): Map<string, TeamMark> {
  const chosen = teams.map((team) => team.callSign.toUpperCase())
  const taken = new Set<string>(chosen.filter(Boolean))
  const marks = new Map<string, TeamMark>()
  teams.forEach((team, i) => {
    const sign = chosen[i] || (callSigns(team.name).find((s) => !taken.has(s)) ?? String(i + 1).padStart(2, '0'))
    taken.add(sign)
    const pennant = team.pennant ?? i
    marks.set(team.id, {
      pattern: patterns[pennant % patterns.length] ?? 'stripes',
      outline: outlines[Math.floor(pennant / (patterns.length * colours.length)) % outlines.length] ?? 'swallowtail',
      colour: colours[(pennant + Math.floor(pennant / patterns.length)) % colours.length] ?? colours[0]!,
      sign,
    })
  })
  return marks
}

function callSigns(name: string): string[] {
  const letters = [...name.toUpperCase()].filter((c) => /\p{L}|\p{N}/u.test(c))
  const first = letters[0] ?? '?'
  // Teams that are only numbered are told apart by their numbers: T1, T2, 10.
  const number = /\s(\d{1,2})$/.exec(name.trim())?.[1]
  if (number) return [(first + number).length === 2 ? first + number : number]
  return letters.slice(1).map((second) => first + second)
}
