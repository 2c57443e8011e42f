import { flushPromises, mount } from '@vue/test-utils'
import { expect, test, vi } from 'vitest'
import type { Deal, Entry, RallyOpened } from '@/api/names'
import type { Sent } from '@/shared/useOutbox'
import DealBoard from './DealBoard.vue'

vi.mock('@/shared/openRally', async (original) => ({
  ...(await original<object>()),
  useRally: () => ({ round: { value: 1 }, news: () => undefined }),
}))

const deal = {
  id: 'news',
  name: 'Harbor news',
  cards: ['calm', 'storm'].map((id) => ({ id, name: id, text: '' })),
} as unknown as Deal
const teams = ['t1', 't2'].map((id) => ({ id, name: id, dealt: [] }))

test('a card that is dealt while the one before is on its way does not undo it', async () => {
  const entries: Entry[] = []
  const answers: ((sent: Sent) => void)[] = []
  const record = (entry: Entry) => {
    entries.push(entry)
    return new Promise<Sent>((answer) => answers.push(answer))
  }
  const page = mount(DealBoard, {
    props: { deal, rally: { id: 'r', teams } as unknown as RallyOpened, record },
    global: { stubs: { Button: true, RefusalNote: true } },
  })
  const [first, second] = page.findAll('select')
  await first!.setValue('calm')
  await second!.setValue('storm')
  expect(entries).toMatchObject([{ cards: { t1: 'calm' } }, { cards: { t1: 'calm', t2: 'storm' } }])

  // What was refused is not dealt; the other stays.
  answers[1]!({ kind: 'refused', refusal: { title: 'No.', detail: '', problems: [] } })
  await flushPromises()
  expect([first!.element.value, second!.element.value]).toEqual(['calm', ''])
})
