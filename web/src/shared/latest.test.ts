import { expect, test } from 'vitest'
import { latest } from './latest'
import { useLoad } from './useLoad'

test('an answer that was overtaken is none', async () => {
  const answers: ((to: string) => void)[] = []
  const ask = latest((of: string) => new Promise<string>((done) => answers.push((to) => done(`${of}: ${to}`))))
  const [first, second] = [ask('one'), ask('two')]
  answers[1]!('newer')
  answers[0]!('older')
  expect([await first, await second]).toEqual([undefined, 'two: newer'])
})

test('what threw while it was loaded can be loaded again', async () => {
  let times = 0
  const { data, state, load } = useLoad(() => {
    if (times++ === 0) throw new SyntaxError('no JSON')
    return Promise.resolve({ ok: true as const, data: 'there', etag: '' })
  })
  await expect(load()).rejects.toThrow('no JSON')
  expect(state.value).toBe('offline')
  await load()
  expect([state.value, data.value]).toEqual(['ready', 'there'])
})
