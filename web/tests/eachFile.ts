import { afterEach, expect, vi } from 'vitest'
import { close, warned } from './page'

// All files share what is loaded once; what a file listens to is its own.
vi.spyOn(console, 'error').mockImplementation((...what) => void warned.push(what.join(' ')))
vi.spyOn(console, 'warn').mockImplementation((...what) => void warned.push(what.join(' ')))

/** The next test begins with nothing open and nothing kept. */
afterEach(async () => {
  await close()
  localStorage.clear()
  sessionStorage.clear()
  expect(warned.splice(0)).toEqual([])
})
