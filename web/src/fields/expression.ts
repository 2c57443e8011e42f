import type { Fact } from '@/api/names'

/**
 * A calculation as it is kept names figures by their ids; on screen it names them by what they are called, in quotes.
 */
const ids = /[A-Za-zÀ-ɏ][\wÀ-ɏ]*(?:\.\w+)*/g
const quotes: Record<string, string> = { '“': '”', '"': '"', '„': '“' }

/** With the names of its figures. */
export const withNames = (expression: string, facts: readonly Fact[]) =>
  expression.replace(ids, (id) => {
    const name = facts.find((f) => f.id === id)?.name
    return name === undefined ? id : `“${name}”`
  })

/** With the ids of its figures; or the first name that none has. */
export function withIds(text: string, facts: readonly Fact[]): { expression: string } | { unknown: string } {
  const byName = new Map(facts.map((f) => [f.name.toLowerCase(), f.id]))
  let expression = ''
  for (let at = 0; at < text.length;) {
    const closing = quotes[text[at]!]
    const end = closing === undefined ? -1 : text.indexOf(closing, at + 1)
    if (closing !== undefined && end < 0) return { unknown: text.slice(at + 1) }
    if (end < 0) {
      expression += text[at++]
      continue
    }
    const name = text.slice(at + 1, end).trim()
    const id = byName.get(name.toLowerCase())
    if (id === undefined) return { unknown: name }
    expression += id
    at = end + 1
  }
  return { expression }
}

/** The name that is being typed at the end of a text, and where it begins; undefined where none is. */
export function nameAtEnd(text: string): { from: number; typed: string } | undefined {
  const open = Math.max(text.lastIndexOf('“'), text.lastIndexOf('„'))
  if (open >= 0 && !text.slice(open + 1).includes('”')) return { from: open, typed: text.slice(open + 1) }
  const word = /[A-Za-zÀ-ɏ][\wÀ-ɏ. ]*$/.exec(text)
  return word ? { from: word.index, typed: word[0] } : undefined
}
