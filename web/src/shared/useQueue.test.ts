import 'fake-indexeddb/auto'
import { describe, expect, test } from 'vitest'
import { mount } from '@vue/test-utils'
import { defineComponent, h } from 'vue'
import type { Entry } from '@/api/names'
import { written } from './entries'
import { useQueue, type Sending } from './useQueue'

type Send = (entries: Entry[]) => Sending[]
/** A page with a queue, as it is opened and left again. */
function open(rally: string, send: Send, together = 2) {
  let queue!: ReturnType<typeof useQueue<'unsent'>>
  const page = mount(
    defineComponent({
      setup() {
        queue = useQueue('unsent', rally, together, (values) => Promise.resolve(send(values.map((v) => v.entry))))
        return () => h('p')
      },
    }),
  )
  return { queue, leave: () => page.unmount() }
}
const note = (text: string) => written('terns', 1, { kind: 'noteMade', text })
const texts = (entries: readonly { entry: Entry }[]) =>
  entries.map(({ entry }) => (entry.kind === 'noteMade' ? entry.text : ''))

describe('what waits on a device', () => {
  test('outlasts the window, and goes in its order when the line is back', async () => {
    const first = open('one', () => [])
    for (const text of ['a', 'b', 'c']) await first.queue.add({ entry: note(text), rally: 'one' })
    await first.queue.flush()
    expect(texts(first.queue.waiting.value)).toEqual(['a', 'b', 'c'])
    first.leave()

    const sent: string[] = []
    const second = open('one', (entries) => {
      sent.push(...texts(entries.map((entry) => ({ entry }))))
      return entries.map(() => 'taken')
    })
    await second.queue.flush()
    expect(sent).toEqual(['a', 'b', 'c'])
    expect(second.queue.waiting.value).toEqual([])
    second.leave()
  })

  test('what is refused stays with its reason, and holds up nothing behind it', async () => {
    const refusal = { title: 'The round is closed.', detail: '', problems: [] }
    const { queue, leave } = open('two', (entries) =>
      entries.map((e) => (e.kind === 'noteMade' && e.text === 'b' ? refusal : 'taken')),
    )
    for (const text of ['a', 'b', 'c']) await queue.add({ entry: note(text), rally: 'two' })
    await queue.flush()
    expect(texts(queue.waiting.value)).toEqual(['b'])
    expect(queue.waiting.value[0]?.refusal?.title).toBe('The round is closed.')
    await queue.drop(() => true)
    expect(queue.waiting.value).toEqual([])
    leave()
  })

  test('what cannot go now holds back what comes after it', async () => {
    const { queue, leave } = open('three', (entries) =>
      entries.map((e) => (e.kind === 'noteMade' && e.text === 'b' ? 'later' : 'taken')),
    )
    for (const text of ['a', 'b', 'c']) await queue.add({ entry: note(text), rally: 'three' })
    await queue.flush()
    expect(texts(queue.waiting.value)).toEqual(['b', 'c'])
    leave()
  })

  test('one rally’s entries are not another’s', async () => {
    const own = open('four', () => [])
    const other = open('five', () => [])
    await own.queue.add({ entry: note('a'), rally: 'four' })
    await Promise.all([own.queue.flush(), other.queue.flush()])
    expect(other.queue.waiting.value).toEqual([])
    own.leave()
    other.leave()
  })
})
