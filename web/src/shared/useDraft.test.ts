import { beforeEach, describe, expect, test } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import { useDraft } from './useDraft'

const kept = ref<string[]>([])
const open = (key?: string) => {
  const scope = effectScope()
  const draft = scope.run(() => useDraft(() => kept.value, key))!
  return { ...draft, leave: () => scope.stop() }
}
beforeEach(() => {
  localStorage.clear()
  kept.value = []
})

describe('what is put together before it is recorded', () => {
  test('follows what is kept until somebody touches it', async () => {
    const { draft, changed } = open()
    kept.value = ['a']
    await nextTick()
    expect(draft.value).toEqual(['a'])
    draft.value.push('b')
    kept.value = ['c']
    await nextTick()
    expect(draft.value).toEqual(['a', 'b'])
    expect(changed.value).toBe(true)
  })
  test('outlasts leaving the page, on its own key', async () => {
    const first = open('mass')
    first.draft.value.push('pebble')
    await nextTick()
    first.leave()
    expect(open('mass').draft.value).toEqual(['pebble'])
    expect(open('other').draft.value).toEqual([])
  })
  test('is gone once it is recorded', async () => {
    const first = open('mass')
    first.draft.value.push('pebble')
    await nextTick()
    kept.value = ['pebble']
    await nextTick()
    expect(localStorage.length).toBe(0)
  })
  test('is let go of even where the page watches no more', async () => {
    const first = open('mass')
    first.draft.value.push('pebble')
    await nextTick()
    first.leave()
    first.follow()
    expect(localStorage.length).toBe(0)
  })
})
