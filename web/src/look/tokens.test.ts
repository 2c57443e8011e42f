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

/** Space within a line of text goes with the text (em), on a wall with its window (vh, vw), on paper it is in mm. */
test('space has one scale of nine steps', () => {
  const literal = /(?<![\w-])(padding|margin|gap|row-gap|column-gap)(-[a-z]+)*:[^;{]*\d(rem|px)/
  const styled = files.filter((f) => /\.(vue|css)$/.test(f) && !f.endsWith('look/tokens.css'))
  expect(styled.length).toBeGreaterThan(200)
  expect(styled.filter((f) => literal.test(readFileSync(`src/${f}`, 'utf8')))).toEqual([])
  expect(readFileSync('src/look/tokens.css', 'utf8').match(/--space-\d:/g)).toHaveLength(9)
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
