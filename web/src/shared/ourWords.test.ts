import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, test } from 'vitest'
import { ourWords } from './ourWords'

const root = join(import.meta.dirname, '..')

test('Every word is explained in one sentence or two, and by no other word of ours that is not', () => {
  expect(ourWords.size).toBeGreaterThan(20)
  expect(ourWords.get('slip')).toBe('why one team has its points, line by line.')
  expect(ourWords.get('cupboard')).toBe('what your school has of them.')
  for (const [word, meaning] of ourWords) {
    expect(meaning, word).toMatch(/\.$/)
    expect(meaning.length, word).toBeLessThan(170)
  }
})

test('Every word that a screen explains is one of the guide’s', () => {
  const asked = readdirSync(root, { recursive: true, encoding: 'utf8' })
    .filter((f) => f.endsWith('.vue'))
    .flatMap((f) => [...readFileSync(join(root, f), 'utf8').matchAll(/ word="([^"]+)"/g)].map((m) => m[1]!))
  expect(new Set(asked).size).toBeGreaterThan(7)
  for (const word of asked) expect(ourWords.has(word), word).toBe(true)
})
