import { describe, expect, it } from 'vitest'
import { linesOf } from './linesOf'

async function read(...chunks: Uint8Array[]) {
  const body = new ReadableStream<Uint8Array>({
    start(to) {
      for (const chunk of chunks) to.enqueue(chunk)
      to.close()
    },
  })
  const lines: string[] = []
  for await (const line of linesOf(body)) lines.push(line)
  return lines
}
const bytes = (text: string) => new TextEncoder().encode(text)

describe('the lines of an answer', () => {
  it('are whole however the answer is cut', async () => {
    expect(await read(bytes('{"a":'), bytes('1}\n{"b'), bytes('":2}\n'))).toEqual(['{"a":1}', '{"b":2}'])
    expect(await read(bytes('{"a":1}\n{"b":2}\n{"c":3}\n'))).toHaveLength(3)
  })
  it('are whole where the cut goes through a letter of several bytes', async () => {
    const text = bytes('“Tangles”\n')
    expect(await read(text.slice(0, 1), text.slice(1, 11), text.slice(11))).toEqual(['“Tangles”'])
  })
  it('are none where nothing came, and what has no end yet is not given', async () => {
    expect(await read()).toEqual([])
    expect(await read(bytes('{"half'))).toEqual([])
  })
})
