import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { nextTick, ref } from 'vue'
import { keepsDrafts, keptDraft, unreadDrafts } from './keptDraft'
import { thisBrowser } from './thisBrowser'
import { useDraft } from './useDraft'

const note = () => keptDraft<{ text: string; musts: Record<string, boolean> }>('note', () => ({ text: '', musts: {} }))
beforeEach(() => localStorage.clear())
afterEach(() => vi.restoreAllMocks())

test('a draft is there again with what it was begun from and when it was changed', () => {
  note().keep('before', { text: 'a wide foot', musts: { dry: true } })
  expect(note().read()).toMatchObject({ base: 'before', value: { text: 'a wide foot', musts: { dry: true } } })
  expect(Date.now() - Date.parse(note().read()!.at)).toBeLessThan(60_000)
  note().drop()
  expect(note().read()).toBeUndefined()
})

test.each([
  ['draft:note', '{"text":"of an earlier version"}'],
  ['note', '{"text":"of the first one"}'],
  ['draft:note', '{"version":1,"base":"","at":"","value":{"text":7,"musts":{}}}'],
  ['draft:note', '{"version":1,"base":"","at":"","value":{"text":"half of'],
])('what is kept under %s in an unknown shape, %s, is offered as text', (key, text) => {
  localStorage.setItem(key, text)
  expect(note().read()).toBeUndefined()
  expect(unreadDrafts()).toEqual([{ key: 'unread:note', text }])
  expect(localStorage.getItem(key)).toBeNull()
})

test('a store that is full says so, and breaks nothing', async () => {
  vi.spyOn(thisBrowser, 'keep').mockReturnValue(false)
  const { draft } = useDraft(() => ref('').value, 'full')
  draft.value = 'typed'
  await nextTick()
  expect([draft.value, keepsDrafts.value]).toEqual(['typed', false])
  vi.restoreAllMocks()
  draft.value = 'typed on'
  await nextTick()
  expect(keepsDrafts.value).toBe(true)
})
