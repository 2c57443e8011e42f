import type { Plot, PlotMark } from '@/api/names'
import type { PlotLook } from './look'
import { rowNames } from './rowNames'

/** How many rows can be told apart and read in a picture as high as this, beside its axis and what its lines are. */
export function rowsWithin(plot: Plot, look: Required<PlotLook>): number {
  const around = look.letters * (4.8 + plot.lines.length * 1.3)
  const pitch = look.letters * Math.max(1.35, rowNames(plot, look).lines * 1.25)
  return Math.max(1, Math.floor((look.height - around) / pitch))
}

/** A plot that has a row for each team, in pieces of at most so many rows; any other is one piece. */
export function rowsOf(plot: Plot, most: number): Plot[] {
  if (plot.rows.length <= most) return [plot]
  return Array.from({ length: Math.ceil(plot.rows.length / most) }, (_, page) => {
    const from = page * most
    return {
      ...plot,
      rows: plot.rows.slice(from, from + most),
      marks: plot.marks.flatMap((mark) => moved(mark, from, most)),
    }
  })
}

/** A mark in the rows of its piece; nothing where it stands in another one. */
function moved(mark: PlotMark, from: number, most: number): PlotMark[] {
  const within = (row: number) => row >= from && row < from + most
  switch (mark.kind) {
    case 'dot':
      return within(mark.y) ? [{ ...mark, y: mark.y - from }] : []
    case 'path':
      return [mark]
    case 'bar':
    case 'box':
    case 'arrow':
    case 'cell':
      return within(mark.row) ? [{ ...mark, row: mark.row - from }] : []
  }
}
