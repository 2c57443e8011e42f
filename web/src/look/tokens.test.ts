import { readdirSync, readFileSync } from 'node:fs'
import { expect, test } from 'vitest'

const files = readdirSync('src', { recursive: true, encoding: 'utf8' }).filter((f) => /\.(vue|css|ts)$/.test(f))

test('no colour stands anywhere but among the tokens', () => {
  const colour = /#[0-9a-f]{3,8}\b(?!['"]?\s*\))|\b(rgba?|hsla?|oklch)\(/i
  const others = files.filter(
    (f) => !f.endsWith('look/tokens.css') && !f.endsWith('.test.ts') && !f.includes('generated'),
  )
  expect(files).toContain('look/tokens.css')
  expect(others.filter((f) => colour.test(readFileSync(`src/${f}`, 'utf8')))).toEqual([])
})

/** A wall is read from eight meters and a paper from the hand: both have sizes of their own. */
const ownSizes = /^(wall|papers)\/|DayBoard|ListOnWall|PlotPicture/

test('type has one scale of seven sizes', () => {
  const literal = /\bfont(-size)?:[^;]*\d(rem|vw|vh)/
  const styled = files.filter((f) => /\.(vue|css)$/.test(f) && !f.endsWith('look/tokens.css') && !ownSizes.test(f))
  expect(styled.filter((f) => literal.test(readFileSync(`src/${f}`, 'utf8')))).toEqual([])
  expect(readFileSync('src/look/tokens.css', 'utf8').match(/--size-\w+:/g)).toHaveLength(7)
})

test('every page stands on the grid, is a wall, or is what a team has in its hands', () => {
  const mains = files.flatMap((f) =>
    f.endsWith('.vue')
      ? [...readFileSync(`src/${f}`, 'utf8').matchAll(/<main\b[^>]*\bclass="(\w+)/g)].map((m) => m[1])
      : [],
  )
  expect(mains.length).toBeGreaterThan(30)
  expect(new Set(mains)).toEqual(new Set(['desk', 'walk', 'wall', 'talk']))
})

test('nothing is passed off as another type', () => {
  const cast = ['as unknown', 'as'].join(' ')
  expect(files.filter((f) => !f.endsWith('.test.ts') && readFileSync(`src/${f}`, 'utf8').includes(cast))).toEqual([])
})

/** The contrast of two colours, as WCAG 2.2 defines it (relative luminance and contrast ratio, in its glossary). */
function contrast(...colours: [string, string]) {
  const [dark, light] = colours
    .map((colour) =>
      [0.2126, 0.7152, 0.0722].reduce((sum, weight, i) => {
        const c = Number.parseInt(colour.slice(1 + 2 * i, 3 + 2 * i), 16) / 255
        return sum + weight * (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4)
      }, 0),
    )
    .sort((a, b) => a - b) as [number, number]
  return (light + 0.05) / (dark + 0.05)
}
const css = readFileSync('src/look/tokens.css', 'utf8')
const of = (block: string) =>
  Object.fromEntries([...block.matchAll(/--([\w-]+): (#[0-9a-f]{6})\b/g)].map((m) => [m[1]!, m[2]!]))
const desk = of(css.slice(0, css.indexOf('}')))
/** A wall is dark: what it says otherwise stands over the same names. */
const wall = { ...desk, ...of(css.slice(css.indexOf('\n.wall {'))) }
const grounds = ['paper', 'sheet'] as const
const washed = {
  brick: 'brick-wash',
  'lagoon-deep': 'lagoon-wash',
  'marigold-text': 'marigold-wash',
  plum: 'plum-wash',
}

test('black on white has the contrast that WCAG gives it', () => {
  expect(contrast('#000000', '#ffffff')).toBe(21)
})

test.each([
  ...['ink', 'muted', 'lagoon', 'lagoon-deep', 'marigold-text', 'brick', 'plum'].flatMap((text) =>
    grounds.map((on) => [text, on, 4.5]),
  ),
  ...Object.entries(washed).map(([text, on]) => [text, on, 4.5]),
  ...['lagoon', 'lagoon-deep', 'brick', 'plum'].map((on) => ['on-dark', on, 4.5]),
  ...['edge', 'lagoon', 'marigold', 'plum'].flatMap((edge) => grounds.map((on) => [edge, on, 3])),
] as [string, string, number][])('at a desk %s on %s has a contrast of %d or more', (text, on, least) => {
  expect(contrast(desk[text]!, desk[on]!)).toBeGreaterThanOrEqual(least)
})

test.each(
  ['ink', 'muted', 'lagoon', 'marigold-text', 'brick', 'plum'].flatMap((text) => grounds.map((on) => [text, on])),
)('on a wall %s on %s has a contrast of 4.5 or more', (text, on) => {
  expect(contrast(wall[text]!, wall[on]!)).toBeGreaterThanOrEqual(4.5)
})
