/** The names in a typed or pasted list: one on each line, the first column where a spreadsheet put more beside it. */
export const teamNames = (text: string): string[] =>
  text
    .split(/\r?\n/)
    .map((line) => (line.split('\t')[0] ?? '').trim())
    .filter((name) => name.length > 0)
