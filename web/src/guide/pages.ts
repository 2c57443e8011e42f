import MarkdownIt from 'markdown-it'

/** The guide is written once, in docs/guide, and comes along with the product. */
const texts = import.meta.glob<string>('../../../docs/guide/*.md', { query: '?raw', import: 'default', eager: true })
const pictures = import.meta.glob<string>(['../../../docs/guide/pictures/*.png', '../../../docs/screenshots/*.png'], {
  query: '?url',
  import: 'default',
  eager: true,
})

export interface GuidePage {
  id: string
  title: string
  text: string
}

/** The order in which somebody new would read it. */
const order = [
  'first-rally',
  'brief',
  'rehearsal',
  'kit',
  'teams',
  'run',
  'score',
  'results',
  'debrief',
  'papers',
  'year',
  'fair-day',
  'words',
]

const fileOf = (path: string) => path.split('/').at(-1)!
const byFile = new Map(Object.entries(texts).map(([path, text]) => [fileOf(path), text]))
const pictureOf = new Map(Object.entries(pictures).map(([path, url]) => [fileOf(path), url]))

/** The pages, each with its first heading as its title. */
export const pages: readonly GuidePage[] = order.flatMap((id) => {
  const text = byFile.get(`${id}.md`)
  return text ? [{ id, title: /^# (.+)$/m.exec(text)?.[1] ?? id, text }] : []
})

const writer = new MarkdownIt()

/** A page as it is shown: pictures from where they were built to, links to other pages within the product. */
export function shown(page: GuidePage): string {
  const text = page.text
    .replace(/<!--[\s\S]*?-->\n?/g, '')
    .replace(/\]\((?:pictures|\.\.\/screenshots)\/([^)]+)\)/g, (_, file: string) => `](${pictureOf.get(file) ?? ''})`)
    .replace(/\]\(([\w-]+)\.md\)/g, '](/guide/$1)')
  return writer.render(text)
}

/** The pages in which all words stand, each with the first line that has one of them. */
export function search(words: string): { page: GuidePage; line: string }[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean)
  if (wanted.length === 0) return []
  return pages.flatMap((page) => {
    const plain = page.text.replace(/<!--[\s\S]*?-->|!\[[^\]]*\]\([^)]*\)|[*#`>]/g, '')
    if (!wanted.every((w) => plain.toLowerCase().includes(w))) return []
    const line = plain.split('\n').find((l) => wanted.some((w) => l.toLowerCase().includes(w))) ?? ''
    return [{ page, line: line.replace(/\[([^\]]+)\]\([^)]*\)/g, '$1').trim() }]
  })
}
