import { expect, test } from 'vitest'
import { singly } from './singly'

test('what is being done is not done a second time, and something else is', async () => {
  const done: string[] = []
  const answers: (() => void)[] = []
  const send = (what: string) => {
    done.push(what)
    return new Promise<void>((answer) => answers.push(answer))
  }
  const [first, second] = [singly(send, 'a'), singly(send, 'a')]
  void singly(send, 'b')
  expect(done).toEqual(['a', 'b'])
  answers[0]!()
  await Promise.all([first, second])
  void singly(send, 'a')
  expect(done).toEqual(['a', 'b', 'a'])
})

test('what went wrong can be done again', async () => {
  const fails = () => Promise.reject(new Error('no'))
  await expect(singly(fails)).rejects.toThrow('no')
  await expect(singly(fails)).rejects.toThrow('no')
})
