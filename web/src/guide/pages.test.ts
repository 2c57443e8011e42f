import { describe, expect, it } from 'vitest'
import { pages, search, shown } from './pages'

describe('the guide', () => {
  it('has a first rally and a page for each station, each with a title', () => {
    expect(pages.map((p) => p.id)).toEqual(
      expect.arrayContaining([
        'first-rally',
        'brief',
        'rehearsal',
        'kit',
        'teams',
        'run',
        'score',
        'results',
        'debrief',
      ]),
    )
    for (const page of pages) expect(page.title).not.toBe(page.id)
  })
  it('shows every picture that it names, and links to pages that are there', () => {
    for (const page of pages) {
      const html = shown(page)
      expect(html, page.id).not.toContain('src=""')
      expect(html, page.id).not.toContain('<!--')
      for (const [, to] of html.matchAll(/href="\/guide\/([\w-]+)"/g)) expect(pages.map((p) => p.id)).toContain(to)
    }
  })
  it('finds pages by all words, wherever they stand', () => {
    expect(search('attempt fault').map((f) => f.page.id)).toContain('score')
    expect(search('attempt fault')[0]!.line).not.toMatch(/[*#]/)
    expect(search('  ')).toEqual([])
    expect(search('zzqq')).toEqual([])
  })
})
