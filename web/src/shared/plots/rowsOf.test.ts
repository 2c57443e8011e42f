import { expect, test } from 'vitest'
import type { Plot } from '@/api/names'
import { rowsOf } from './rowsOf'

const plot: Plot = {
  sort: 'dotStrip',
  sortName: 'Dot strip',
  title: 'Cargo',
  x: { name: 'Cargo (beads)', from: 0, to: 90, ticks: [] },
  rows: ['Terns', 'Whelks', 'Limpets', 'Plovers', 'Sea Pinks'].map((name) => ({ team: name, name })),
  marks: [
    { kind: 'dot', says: 'Terns', x: 40, y: 0, name: '' },
    { kind: 'dot', says: 'Plovers', x: 50, y: 3, name: '' },
    { kind: 'box', says: 'Sea Pinks', row: 4, smallest: 1, lower: 2, median: 3, upper: 4, largest: 5 },
  ],
  lines: [],
  series: [],
  says: [],
  table: { columns: [], rows: [] },
} as unknown as Plot

test('a plot with more rows than a page holds comes in pieces, each mark in the row of its team', () => {
  const pieces = rowsOf(plot, 2)
  expect(pieces.map((p) => p.rows.map((r) => r.name))).toEqual([
    ['Terns', 'Whelks'],
    ['Limpets', 'Plovers'],
    ['Sea Pinks'],
  ])
  expect(pieces.map((p) => p.marks.map((m) => [m.says, 'row' in m ? m.row : 'y' in m ? m.y : '']))).toEqual([
    [['Terns', 0]],
    [['Plovers', 1]],
    [['Sea Pinks', 0]],
  ])
  expect(rowsOf(plot, 5)).toEqual([plot])
})
