/**
 * What pieces of bars are filled with. They must tell each other apart in black and white, so no two have one drawing.
 */
const drawings = [
  { ground: 'var(--lagoon)', d: '' },
  { ground: 'var(--paper)', d: 'M-2 2l4-4M0 8l8-8M6 10l4-4' },
  { ground: 'var(--marigold)', d: 'M2 2h.01M6 6h.01' },
  { ground: 'var(--paper)', d: 'M0 2h8M0 6h8' },
  { ground: 'var(--ink)', d: '' },
  { ground: 'var(--plum-wash)', d: 'M2 0v4M0 2h4M6 4v4M4 6h4' },
  { ground: 'var(--paper)', d: 'M0 6l2-4 2 4 2-4 2 4' },
  { ground: 'var(--paper)', d: '' },
] as const

/** The fill of a piece, as an attribute's value. */
export const fillOf = (series: number) => `url(#plot-fill-${series % drawings.length})`

/** The drawings, to stand in the picture that uses them. */
export function fillDefs(document: Document) {
  const svg = <K extends keyof SVGElementTagNameMap>(name: K, attributes: Record<string, string | number>) => {
    const element = document.createElementNS('http://www.w3.org/2000/svg', name)
    for (const [key, value] of Object.entries(attributes)) element.setAttribute(key, `${value}`)
    return element
  }
  const defs = svg('defs', {})
  drawings.forEach(({ ground, d }, i) => {
    const pattern = svg('pattern', { id: `plot-fill-${i}`, width: 8, height: 8, patternUnits: 'userSpaceOnUse' })
    pattern.append(svg('rect', { width: 8, height: 8, fill: ground }))
    if (d)
      pattern.append(
        svg('path', { d, fill: 'none', stroke: 'var(--ink)', 'stroke-width': 1.8, 'stroke-linecap': 'round' }),
      )
    defs.append(pattern)
  })
  return defs
}
