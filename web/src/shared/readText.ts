/** The text of a file that was chosen; a file says by its first two bytes whether it is UTF-16, and from which end. */
export async function readText(event: Event): Promise<string | undefined> {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  field.value = ''
  if (!file) return undefined
  const bytes = new Uint8Array(await file.arrayBuffer())
  const encoding =
    bytes[0] === 0xff && bytes[1] === 0xfe ? 'utf-16le' : bytes[0] === 0xfe && bytes[1] === 0xff ? 'utf-16be' : 'utf-8'
  return new TextDecoder(encoding).decode(bytes)
}
