/** The lines of an answer, each as soon as it is whole; empty ones are passed over. */
export async function* linesOf(body: ReadableStream<Uint8Array>) {
  const reader = body.getReader()
  const decoder = new TextDecoder()
  let rest = ''
  for (;;) {
    const { value, done } = await reader.read()
    const lines = (rest + decoder.decode(value, { stream: !done })).split('\n')
    rest = lines.pop() ?? ''
    yield* lines.filter((line) => line.length > 0)
    if (done) return
  }
}
