/** A team as it was typed: its name, and who is in it where names stand behind a colon. */
export interface TypedTeam {
  name: string
  names: string[]
}

/**
 * The teams in a typed or pasted list: one on each line, "Snails" or "Snails: Ola, Per, Ria"; of a spreadsheet's row
 * the first column.
 */
export const teamNames = (text: string): TypedTeam[] =>
  text
    .split(/\r?\n/)
    .map(typedTeam)
    .filter((team) => team.name.length > 0 || team.names.length > 0)

function typedTeam(line: string): TypedTeam {
  const [first = ''] = line.split('\t')
  const colon = first.indexOf(':')
  if (colon < 0) return { name: first.trim(), names: [] }
  const names = first.slice(colon + 1).split(/[,;]/)
  return { name: first.slice(0, colon).trim(), names: names.map((n) => n.trim()).filter((n) => n.length > 0) }
}
