// Writes what the last whole run took, from output/*.xml: the slowest fifty tests into docs/testing.md, and every class
// into tests/times.csv, by which the longest begin first. Run it with ./test times, after a whole run.
import { readFileSync, readdirSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = join(dirname(fileURLToPath(import.meta.url)), '..')
const output = join(root, 'output')
const files = readdirSync(output).filter((file) => file.endsWith('.Tests.xml'))
if (files.length < 3) {
  console.error('There are no times of a whole run. Run ./test first.')
  process.exit(2)
}
const text = (value) =>
  value.replaceAll('&quot;', '"').replaceAll('&lt;', '<').replaceAll('&gt;', '>').replaceAll('&amp;', '&')
const attribute = (tag, name) => text(new RegExp(` ${name}="([^"]*)"`).exec(tag)?.[1] ?? '')
const tests = files.flatMap((file) =>
  [...readFileSync(join(output, file), 'utf8').matchAll(/<test [^>]*>/g)].map(([tag]) => ({
    part: file.split('.')[0],
    type: attribute(tag, 'type'),
    name: attribute(tag, 'name').split('.').slice(3).join('.'),
    seconds: Number(attribute(tag, 'time')),
  })),
)

const sums = new Map()
for (const test of tests) sums.set(test.type, (sums.get(test.type) ?? 0) + test.seconds)
const long = [...sums].filter(([, seconds]) => seconds >= 1).sort(([, a], [, b]) => b - a)
const lines = long.map(([type, seconds]) => `${type},${seconds.toFixed(1)}`)
writeFileSync(join(root, 'tests', 'times.csv'), ['class,seconds', ...lines].join('\n') + '\n')

const slowest = tests.sort((a, b) => b.seconds - a.seconds).slice(0, 50)
const short = (name) => (name.length > 100 ? `${name.slice(0, 99)}…` : name).replaceAll('|', '\\|')
const rows = slowest.map((test) => `| ${test.seconds.toFixed(1)} | ${test.part} | ${short(test.name)} |`)
const page = join(root, 'docs', 'testing.md')
const [before, after] = ['<!-- the slowest fifty -->', '<!-- their end -->']
const written = readFileSync(page, 'utf8')
const head = written.slice(0, written.indexOf(before) + before.length)
const tail = written.slice(written.indexOf(after))
writeFileSync(page, [head, '', '| seconds | part | test |', '|---|---|---|', ...rows, '', tail].join('\n'))
console.log(rows.join('\n'))
