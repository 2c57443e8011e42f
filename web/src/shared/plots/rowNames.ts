import type { Plot } from '@/api/names'
import type { PlotLook } from './look'

/** How wide a letter is in names of usual length, and how wide it can be in one long word, in sizes of the letters. */
const [usual, widest] = [0.6, 0.86]

/**
 * The names beside the rows, each in as many lines as it needs in at most three tenths of the picture; in four tenths
 * where letters are large for it, as on half a wall.
 */
export function rowNames(plot: Plot, { width, letters }: PlotLook) {
  const longest = Math.max(0, ...plot.rows.map((r) => r.name.length))
  const most = width * (width < letters * 24 ? 0.42 : 0.3)
  const left = Math.min(most, longest * letters * usual + letters)
  const names = plot.rows.map((r) => wrapped(r.name, left / letters - 0.5))
  return { left, names, lines: Math.max(1, ...names.map((n) => n.length)) }
}

/** A name in lines of so many sizes of its letters; a word that is longer than a line is broken. */
export function wrapped(name: string, wide: number): string[] {
  if (name.length * usual <= wide) return [name]
  const most = Math.max(1, Math.floor(wide / widest))
  const pieces = name.split(' ').flatMap((word) => word.match(new RegExp(`.{1,${most}}`, 'gu')) ?? [])
  return pieces.reduce<string[]>((lines, piece) => {
    const last = lines.at(-1)
    return last !== undefined && last.length + 1 + piece.length <= most
      ? [...lines.slice(0, -1), `${last} ${piece}`]
      : [...lines, piece]
  }, [])
}
