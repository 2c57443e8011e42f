import { numberIn } from '@/shared/numbers'

/**
 * Rows of a list that was pasted or typed in one go, a line each: cells of a spreadsheet, or words with a tab, a
 * semicolon, a colon, or a comma between them. A number at the end of a line is a cell too: "Lamp 5". What is numbered
 * is told by its number as well.
 */
export function pastedRows(text: string): { numbered: string; line: string; cells: string[] }[] {
  return text
    .split(/\r?\n/)
    .map((line) => line.replace(/^\s*[-*•]\s+/, '').trim())
    .filter(Boolean)
    .map((numbered) => {
      const line = numbered.replace(/^\d+[.)]\s+/, '')
      return { numbered, line, cells: cellsOf(line) }
    })
}

function cellsOf(line: string): string[] {
  for (const between of ['\t', ';']) if (line.includes(between)) return line.split(between).map((cell) => cell.trim())
  for (const between of [':', ',']) {
    const at = between === ':' ? line.indexOf(between) : line.lastIndexOf(between)
    // A comma between digits is a decimal sign.
    if (at > 0 && !/^\d[,]\d/.test(line.slice(at - 1, at + 2)))
      return [line.slice(0, at).trim(), line.slice(at + 1).trim()]
  }
  const [, words, number] = /^(.*\D)\s+([-−]?[\d.,/½¼¾]+)$/.exec(line) ?? []
  return words !== undefined && number !== undefined ? [words.trim(), number] : [line]
}

/** The number of a cell, with or without what it counts: "5 points" is 5. */
export const numberOf = (cell: string | undefined) => numberIn(/[-−]?[\d.,/½¼¾ ]*[\d½¼¾]/.exec(cell ?? '')?.[0] ?? '')
