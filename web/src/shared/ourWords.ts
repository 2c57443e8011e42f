import words from '../../../docs/guide/words.md?raw'

/** What our own words mean, as the guide's page on them says, by the word in lower case. */
export const ourWords: ReadonlyMap<string, string> = new Map(
  words
    .split(/\n{2,}/)
    .flatMap((paragraph) => [...paragraph.replace(/\n/g, ' ').matchAll(/\*\*([^*]+)\*\*: (.+?)(?= \*\*|$)/g)])
    .map((found) => [found[1]!.toLowerCase(), found[2]!.trim()]),
)
