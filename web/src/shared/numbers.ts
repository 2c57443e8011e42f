const vulgar: Record<string, string> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
}

/** What is typed where a number belongs: nothing, a number, or something else. */
export type Typed = { kind: 'empty' } | { kind: 'number'; number: number } | { kind: 'other' }

/** A number as people write one: 4, 2.5, 2,5, −1, 1/4, 2 1/2 or 2½. */
export function readNumber(text: string): Typed {
  const plain = text
    .replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (sign) => ` ${vulgar[sign]}`)
    .trim()
    .replace(/[−–]/g, '-')
    .replace(',', '.')
  if (plain === '') return { kind: 'empty' }
  const [, sign, whole, over, under] = /^(-?)(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)$/.exec(plain) ?? []
  if (over !== undefined && Number(under) > 0)
    return { kind: 'number', number: (sign ? -1 : 1) * (Number(whole ?? 0) + Number(over) / Number(under)) }
  return /^-?(\d+\.?\d*|\.\d+)(e-?\d+)?$/i.test(plain) ? { kind: 'number', number: Number(plain) } : { kind: 'other' }
}

/** The number that is typed; undefined where there is none. */
export function numberIn(text: string) {
  const typed = readNumber(text)
  return typed.kind === 'number' ? typed.number : undefined
}

/** What is said of something else than a number. */
export const noNumber = (text: string) => ({
  what: `“${text.trim()}” is not a number.`,
  remedy: 'Write one such as 4, 2.5 or 1/4.',
})

/** Bytes as a person reads them. */
export function sizeOf(bytes: number) {
  if (bytes < 1_000_000) return `${Math.max(1, Math.round(bytes / 1000))} kB`
  return bytes < 1_000_000_000 ? `${(bytes / 1_000_000).toFixed(1)} MB` : `${(bytes / 1_000_000_000).toFixed(1)} GB`
}

/** How many of something there are: 1 rally, 2 rallies. */
export const countOf = (n: number, one: string, several: string) => `${n} ${n === 1 ? one : several}`
