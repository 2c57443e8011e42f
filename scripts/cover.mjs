// Says folder by folder how much of Core, Data and Web the tests without a browser run, from the Cobertura files of
// ./test cover; of what two of them count the line that any of them ran.
import { readFileSync, readdirSync } from 'node:fs'
import { join, relative } from 'node:path'

const folder = process.argv[2]
const lines = new Map()
for (const file of readdirSync(folder, { recursive: true }).filter((name) => /cobertura.*\.xml$/.test(name))) {
  const text = readFileSync(join(folder, file), 'utf8')
  const root = /<source>([^<]*)<\/source>/.exec(text)?.[1] ?? ''
  for (const [, name, body] of text.matchAll(/<class [^>]*filename="([^"]*)"[^>]*>([\s\S]*?)<\/class>/g))
    for (const [, number, hits, rest] of body.matchAll(/<line number="(\d+)" hits="(\d+)"([^>]*)>/g)) {
      const at = `${join(root, name)}:${number}`
      const [, run, of] = /condition-coverage="[^(]*\((\d+)\/(\d+)\)"/.exec(rest) ?? [null, 0, 0]
      const known = lines.get(at) ?? { hit: false, run: 0, of: 0 }
      lines.set(at, {
        hit: known.hit || Number(hits) > 0,
        run: Math.max(known.run, Number(run)),
        of: Math.max(known.of, Number(of)),
      })
    }
}
const folders = new Map()
for (const [at, line] of lines) {
  const parts = relative(process.cwd(), at.split(':')[0]).split('/')
  if (parts[0] !== 'src' || parts.includes('obj') || parts.includes('Migrations')) continue
  for (const name of [parts[1], parts.length > 3 ? `${parts[1]}/${parts[2]}` : `${parts[1]}/`]) {
    const sum = folders.get(name) ?? { lines: 0, hit: 0, run: 0, of: 0 }
    folders.set(name, {
      lines: sum.lines + 1,
      hit: sum.hit + (line.hit ? 1 : 0),
      run: sum.run + line.run,
      of: sum.of + line.of,
    })
  }
}
const percent = (part, all) => (all === 0 ? '' : ((100 * part) / all).toFixed(1))
console.log('| folder | lines | run, % | branches | taken, % |\n|---|---|---|---|---|')
for (const [name, sum] of [...folders].sort(([a], [b]) => a.localeCompare(b)))
  console.log(
    `| ${name} | ${sum.lines} | ${percent(sum.hit, sum.lines)} | ${sum.of} | ${percent(sum.run, sum.of)} |`,
  )
