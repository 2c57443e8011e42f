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

test('nothing is passed off as another type', () => {
  const cast = ['as unknown', 'as'].join(' ')
  expect(files.filter((f) => !f.endsWith('.test.ts') && readFileSync(`src/${f}`, 'utf8').includes(cast))).toEqual([])
})
