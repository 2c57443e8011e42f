import * as P from '@observablehq/plot'
import type { Plot, PlotAxis, PlotMark } from '@/api/names'
import { fillDefs, fillOf } from './fills'
import type { PlotLook } from './look'
import { rowNames } from './rowNames'

const scaleOf = (axis: PlotAxis, every = 1) => ({
  domain: [axis.from, axis.to],
  ticks: axis.ticks.filter((_, i) => i % every === 0).map((t) => t.at),
  tickFormat: (at: number) => axis.ticks.find((t) => Math.abs(t.at - at) < 1e-9)?.text ?? '',
  label: axis.name,
  labelArrow: 'none' as const,
})

/** The picture, drawn where the server says that everything stands. */
export function draw(plot: Plot, look: PlotLook): SVGElement {
  const size = look.letters
  const rows = plot.rows.length > 0
  const cells = plot.sort === 'countingFrame'
  const { left, names, lines } = rowNames(plot, look)
  const named = plot.marks.some((m) => ('name' in m && m.name) || m.kind === 'arrow')
  const margins = {
    marginLeft: rows ? left : size * 4,
    marginRight: named ? size * 8 : size * 2,
    marginTop: size * (1.4 + plot.lines.length * 1.3 + (plot.y ? 1.2 : 0)),
    marginBottom: cells ? size : size * 3.4,
  }
  // On a narrow screen only every second or third number is written, so that none runs into the next.
  const numbers = Math.max(1, ...plot.x.ticks.map((t) => t.text.length)) * size * 0.65 + size
  const room = look.width - margins.marginLeft - margins.marginRight
  const every = Math.max(1, Math.ceil((plot.x.ticks.length * numbers) / Math.max(room, 1)))
  const wanted = rows ? plot.rows.length * size * Math.max(cells ? 2.2 : 2.7, lines * 1.2) : heightOf(plot, look, size)
  const inner = Math.max(size, Math.min(wanted, (look.height ?? Infinity) - margins.marginTop - margins.marginBottom))
  const svg = P.plot({
    className: 'plot',
    ...margins,
    // The boxes of a counting frame are square, however wide the page is.
    width: cells ? Math.min(look.width, margins.marginLeft + margins.marginRight + plot.x.to * size * 2.2) : look.width,
    height: inner + margins.marginTop + margins.marginBottom,
    style: { fontSize: `${size}px`, fontFamily: 'inherit', background: 'none', overflow: 'visible' },
    x: cells
      ? { type: 'band', domain: plot.marks.flatMap((m) => (m.kind === 'cell' ? [m.at] : [])), axis: null }
      : { ...scaleOf(plot.x, every), labelAnchor: 'center' },
    y: plot.y
      ? scaleOf(plot.y)
      : {
          type: 'band',
          domain: plot.rows.map((_, i) => i),
          tickFormat: (i: number) => names[i]?.join('\n') ?? '',
          tickSize: 0,
          label: null,
          padding: cells ? 0.15 : 0.3,
        },
    marks: [
      cells
        ? null
        : P.gridX(
            plot.x.ticks.map((t) => t.at),
            { stroke: 'currentColor', strokeOpacity: 0.16 },
          ),
      ...marksOf(plot, size),
      ...dotNames(plot, room, inner, size),
      ...plot.lines.flatMap((line, i) => [
        P.ruleX([line], { x: 'at', stroke: 'currentColor', strokeDasharray: '7 5', strokeWidth: size / 8 }),
        P.text([line], {
          x: 'at',
          text: 'name',
          frameAnchor: 'top',
          textAnchor: line.at > (plot.x.from + plot.x.to) / 2 ? 'end' : 'start',
          dy: -(i + 0.8) * size * 1.3,
          fontWeight: 700,
        }),
      ]),
    ],
  }) as SVGElement
  svg.append(fillDefs(svg.ownerDocument))
  // What it shows is in the table; a picture of numbers is nothing to read out.
  svg.setAttribute('aria-hidden', 'true')
  return svg
}

/** How high a plot is that has numbers up its side. */
function heightOf(plot: Plot, look: PlotLook, size: number) {
  if (plot.sort === 'linePlot') return Math.max(3, plot.y?.to ?? 0) * size * 1.5
  // A flight keeps its shape: as far up as along, unless that would be flatter or higher than anybody can look at.
  const shape = plot.sort === 'flight' && plot.y ? (plot.y.to - plot.y.from) / (plot.x.to - plot.x.from) : 0.55
  return look.width * 0.8 * Math.min(0.7, Math.max(0.2, shape))
}

/**
 * The names of dots, to the right of them; to the left where another name would be written over, and above or below
 * where that is taken too.
 */
function dotNames(plot: Plot, width: number, height: number, size: number): P.Markish[] {
  const { x, y } = plot
  if (!y) return []
  const all = plot.marks
    .flatMap((m) => (m.kind === 'dot' && m.name ? [m] : []))
    .map((dot) => ({
      dot,
      left: ((dot.x - x.from) / (x.to - x.from)) * width,
      up: ((dot.y - y.from) / (y.to - y.from)) * height,
    }))
    .sort((one, other) => one.left - other.left)
  const taken: { left: number; right: number; up: number }[] = []
  return all.map(({ dot, left, up }) => {
    const wide = dot.name.length * size * 0.55
    const places = [
      { textAnchor: 'start', dx: size * 0.7, dy: 0, from: left + size * 0.7, up },
      { textAnchor: 'end', dx: -size * 0.7, dy: 0, from: left - size * 0.7 - wide, up },
      { textAnchor: 'start', dx: 0, dy: size * 1.2, from: left, up: up - size * 1.2 },
      { textAnchor: 'start', dx: 0, dy: -size * 1.2, from: left, up: up + size * 1.2 },
    ] as const
    const free = (p: (typeof places)[number]) =>
      taken.every((t) => t.right < p.from || t.left > p.from + wide || Math.abs(t.up - p.up) > size) &&
      all.every((o) => o.dot === dot || o.left < p.from || o.left > p.from + wide || Math.abs(o.up - p.up) > size)
    const place = places.find(free) ?? places[0]
    taken.push({ left: place.from, right: place.from + wide, up: place.up })
    const { textAnchor, dx, dy } = place
    return P.text([dot], { x: dot.x, y: dot.y, text: () => dot.name, textAnchor, dx, dy })
  })
}

/** Everything of one kind is one mark: a fair has thousands of dots. */
function marksOf(plot: Plot, size: number): P.Markish[] {
  const of = <K extends PlotMark['kind']>(kind: K) =>
    plot.marks.filter((m): m is Extract<PlotMark, { kind: K }> => m.kind === kind)
  const ink = 'currentColor'
  const title = 'says'
  const [dots, bars, boxes, arrows, cells] = [of('dot'), of('bar'), of('box'), of('arrow'), of('cell')]
  const crosses = plot.sort === 'linePlot'
  return [
    ...(dots.length === 0
      ? []
      : [
          P.ruleY(
            dots.filter((d) => d.low != null && d.high != null),
            { x1: 'low', x2: 'high', y: 'y', stroke: ink, strokeWidth: size / 9 },
          ),
          P.dot(dots, {
            x: 'x',
            y: 'y',
            r: size / 2.6,
            symbol: crosses ? 'times' : 'circle',
            fill: crosses ? 'none' : 'var(--lagoon)',
            stroke: crosses ? ink : 'var(--paper)',
            strokeWidth: crosses ? size / 6 : 1,
            title,
          }),
        ]),
    ...(bars.length === 0
      ? []
      : [
          P.barX(bars, {
            x1: 'from',
            x2: 'to',
            y: 'row',
            fill: { value: bars.map((b) => fillOf(b.series)), scale: null },
            stroke: ink,
            strokeWidth: 1.5,
            title,
          }),
          P.text(bars, { x: 'to', y: 'row', text: 'name', textAnchor: 'start', dx: size * 0.5 }),
        ]),
    ...(boxes.length === 0
      ? []
      : [
          P.ruleY(boxes, { x1: 'smallest', x2: 'largest', y: 'row', stroke: ink, strokeWidth: 2 }),
          P.barX(boxes, {
            x1: 'lower',
            x2: 'upper',
            y: 'row',
            fill: 'var(--lagoon-pale)',
            stroke: ink,
            strokeWidth: 2,
            title,
          }),
          P.tickX(boxes, { x: 'median', y: 'row', stroke: ink, strokeWidth: size / 4 }),
        ]),
    ...of('path').flatMap((path) => pathOf(path, plot.sort === 'scatter', size)),
    ...(arrows.length === 0
      ? []
      : [
          P.dot(arrows, { x: 'from', y: 'row', r: size / 3, fill: 'var(--paper)', stroke: ink, strokeWidth: 2 }),
          // Worse is drawn broken, and said.
          ...[true, false].map((worse) =>
            P.arrow(
              arrows.filter((a) => (a.better === false) === worse),
              {
                x1: 'from',
                x2: 'to',
                y: 'row',
                stroke: ink,
                strokeWidth: size / 6,
                strokeDasharray: worse ? '4 4' : undefined,
                headLength: size * 0.6,
                insetStart: size / 3,
                title,
              },
            ),
          ),
          P.text(
            arrows.filter((a) => a.better != null),
            {
              x: (a: { from: number; to: number }) => Math.max(a.from, a.to),
              y: 'row',
              text: (a: { better: boolean }) => (a.better ? 'better' : 'worse'),
              textAnchor: 'start',
              dx: size * 0.7,
            },
          ),
        ]),
    ...(cells.length === 0
      ? []
      : [
          P.cell(cells, {
            x: 'at',
            y: 'row',
            fill: { value: cells.map((c) => (c.filled ? 'var(--lagoon)' : 'none')), scale: null },
            stroke: ink,
            strokeWidth: 1.5,
            inset: 1,
            title,
          }),
        ]),
  ]
}

/** A line through points, with what it is called at its end, or at its middle where it comes down again. */
function pathOf(path: Extract<PlotMark, { kind: 'path' }>, straight: boolean, size: number): P.Markish[] {
  const at = straight ? path.x.length - 1 : Math.floor(path.x.length / 2)
  return [
    P.line(path.x, {
      x: path.x,
      y: path.y,
      stroke: 'currentColor',
      strokeWidth: size / 7,
      strokeDasharray: straight ? '2 6' : undefined,
      title: () => path.says,
    }),
    P.text([path], {
      x: path.x[at],
      y: path.y[at],
      text: 'name',
      textAnchor: 'start',
      lineAnchor: 'bottom',
      dy: -size * 0.3,
    }),
  ]
}
