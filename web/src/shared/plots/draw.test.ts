// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest'
import type { Plot } from '@/api/names'
import { draw } from './draw'

const axis = { name: 'Cargo (beads)', from: 0, to: 100, ticks: [0, 50, 100].map((at) => ({ at, text: `${at}` })) }
const plot = (fields: Partial<Plot>): Plot => ({
  sort: 'dotStrip',
  sortName: 'Dot plot',
  title: 'Cargo',
  taught: false,
  x: axis,
  rows: [
    { team: 'a', name: 'Plovers' },
    { team: 'b', name: 'Whelks' },
  ],
  series: [],
  marks: [],
  lines: [],
  says: [],
  table: { columns: [], rows: [] },
  ...fields,
})
const look = { width: 1000, letters: 14 }
const all = (svg: SVGElement, what: string) => [...svg.querySelectorAll(what)]
const number = (e: Element, name: string) => Number(e.getAttribute(name))

describe('a plot', () => {
  it('has its dots where their values are, with what each is good to', () => {
    const svg = draw(
      plot({
        marks: [0, 50, 100].map((x) => ({ kind: 'dot', says: `${x}`, x, y: 0, name: '', low: x - 5, high: x + 5 })),
      }),
      look,
    )
    const at = all(svg, '[aria-label="dot"] path, [aria-label="dot"] circle').map((d) =>
      d.tagName === 'circle' ? number(d, 'cx') : Number(/translate\(([\d.]+)/.exec(d.getAttribute('transform')!)![1]),
    )
    expect(at).toHaveLength(3)
    expect(at[1]! - at[0]!).toBeCloseTo(at[2]! - at[1]!)
    const whiskers = all(svg, '[aria-label="rule"] line').map((l) => number(l, 'x2') - number(l, 'x1'))
    expect(whiskers.filter((w) => w > 0).every((w) => Math.abs(w - (at[1]! - at[0]!) / 5) < 0.01)).toBe(true)
  })

  it('has bars as long as their values, each sort of piece with a drawing of its own', () => {
    const svg = draw(
      plot({
        sort: 'stackedBars',
        series: ['Cargo', 'Light'],
        marks: [
          { kind: 'bar', says: '', row: 0, from: 0, to: 40, series: 0, name: '' },
          { kind: 'bar', says: '', row: 0, from: 40, to: 60, series: 1, name: '' },
        ],
      }),
      look,
    )
    const bars = all(svg, '[aria-label="bar"] rect')
    expect(number(bars[0]!, 'width') / number(bars[1]!, 'width')).toBeCloseTo(2)
    expect(number(bars[1]!, 'x')).toBeCloseTo(number(bars[0]!, 'x') + number(bars[0]!, 'width'))
    const fills = bars.map((b) => b.getAttribute('fill'))
    expect(new Set(fills).size).toBe(2)
    expect(all(svg, 'pattern').map((p) => p.innerHTML)).toHaveLength(
      new Set(all(svg, 'pattern').map((p) => p.innerHTML)).size,
    )
  })

  it('names no two dots in one place', () => {
    const dots = ['Turnstones', 'Bladderwrack', 'Kittiwakes'].map((name, i) => ({
      kind: 'dot' as const,
      says: name,
      x: 50 + i,
      y: 50,
      name,
    }))
    const svg = draw(plot({ sort: 'scatter', rows: [], y: axis, marks: dots }), look)
    const texts = all(svg, '[aria-label="text"] text').filter((t) => dots.some((d) => d.name === t.textContent))
    const where = texts.map((t) =>
      [t.closest('g')?.getAttribute('text-anchor'), t.closest('g')?.getAttribute('transform')].join(),
    )
    expect(texts).toHaveLength(3)
    expect(new Set(where).size).toBe(3)
  })

  it('fills as many boxes of a counting frame as there were hits', () => {
    const svg = draw(
      plot({
        sort: 'countingFrame',
        marks: Array.from({ length: 10 }, (_, at) => ({ kind: 'cell' as const, says: '', row: 0, at, filled: at < 7 })),
      }),
      look,
    )
    const filled = all(svg, '[aria-label="cell"] rect').filter((r) => r.getAttribute('fill') !== 'none')
    expect(all(svg, '[aria-label="cell"] rect')).toHaveLength(10)
    expect(filled).toHaveLength(7)
  })
})
