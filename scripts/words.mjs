// Every string that people read, with its place: what stands in the templates and scripts of the front end, in C#, in
// the guide, the README and docs/, and in the demo's briefs. ./test words writes them to output/words.txt, to be read
// in order; web/src/look/words.test.ts holds them against the words that are not used any more.
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { dirname, join, relative } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = join(dirname(fileURLToPath(import.meta.url)), '..')
const { parse } = createRequire(join(root, 'web', 'package.json'))('@vue/compiler-sfc')

/** Attributes whose values are read out, shown, or put into a sentence. */
const said = new RegExp(
  '^(label|title|placeholder|header|says|what|next|goes|back|alt|add|one|called|hint|text|empty|' +
    'aria-(label|description)|[\\w-]+-(label|message|placeholder))$',
)

const files = (folder, ...endings) =>
  readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })
    .filter((f) => endings.some((e) => f.endsWith(e)) && !/(^|\/)(bin|obj|Migrations|wwwroot)\//.test(f))
    .map((f) => join(root, folder, f))

/** What looks like something that is said: words with a space between them, or a title. */
const isProse = (text) =>
  /\p{L}/u.test(text) && (/\p{L}[,.;:]? \S/u.test(text) || /[.!?…]$/.test(text) || /^\p{Lu}\p{Ll}+$/u.test(text))

/** The texts in a piece of TypeScript, with … where something is filled in. */
function* inCode(code, line) {
  const literal = /'((?:[^'\\\n]|\\.)*)'|"((?:[^"\\\n]|\\.)*)"|`((?:[^`\\]|\\.)*)`/g
  for (const match of code.matchAll(literal)) {
    const text = (match[1] ?? match[2] ?? match[3] ?? '').replace(/\$\{[^}]*\}/g, '…')
    if (isProse(text)) yield { line: line + code.slice(0, match.index).split('\n').length - 1, text }
  }
}

/** Without its comments, on the same lines. */
const bare = (code) =>
  code
    .replace(/\/\*[\s\S]*?\*\//g, (comment) => comment.replace(/[^\n]/g, ''))
    .replace(/(^|\s)\/\/.*$/gm, '$1')
    .replace(/^import .*$/gm, '')

function* inTemplate(node) {
  const direct = (node.children ?? [])
    .map((c) => (c.type === 2 ? c.content : c.type === 5 ? ' … ' : ''))
    .join('')
    .replace(/\s+/g, ' ')
    .trim()
  const line = node.loc.start.line
  if (/\p{L}/u.test(direct)) yield { line, text: direct }
  for (const prop of node.props ?? []) {
    const name = prop.type === 6 ? prop.name : prop.arg?.content
    if (prop.type === 6 && said.test(name) && /\p{L}/u.test(prop.value?.content ?? ''))
      yield { line: prop.loc.start.line, text: prop.value.content }
    if (prop.type === 7 && prop.exp) yield* inCode(prop.exp.loc.source, prop.loc.start.line)
  }
  for (const child of node.children ?? []) {
    if (child.type === 5) yield* inCode(child.content.loc.source, child.loc.start.line)
    else if (child.type === 1) yield* inTemplate(child)
  }
}

function* inVue(text) {
  const { descriptor } = parse(text)
  if (descriptor.template?.ast) yield* inTemplate(descriptor.template.ast)
  const script = descriptor.scriptSetup ?? descriptor.script
  if (script) yield* inCode(bare(script.content), script.loc.start.line)
}

/** Filled in within a text, with texts of its own or not. */
const filled = /\{(?:[^{}"]|"[^"]*")*\}/g

function* inCSharp(text) {
  const code = text.replace(/^\s*\/\/.*$/gm, '').replace(/^using .*$/gm, '')
  const literal = /\$*"""([\s\S]*?)"""|\$?@?"((?:[^"\\\n]|\\.)*)"/g
  for (const match of code.matchAll(literal)) {
    const said = (match[1] ?? match[2] ?? '').replace(filled, '…').replace(/\s+/g, ' ').trim()
    // A text with quotes within what is filled in is read only up to them.
    if (isProse(said) && !said.includes('{') && !/^(SELECT|INSERT|UPDATE|DELETE|PRAGMA|CREATE|VACUUM)\b/.test(said))
      yield { line: code.slice(0, match.index).split('\n').length, text: said }
  }
}

function* inMarkdown(text) {
  let code = false
  for (const [at, line] of text.split('\n').entries()) {
    if (line.startsWith('```')) code = !code
    else if (!code && /\p{L}/u.test(line)) yield { line: at + 1, text: line.replace(/`[^`]*`/g, '…').trim() }
  }
}

function* inJson(text) {
  for (const match of text.matchAll(/"((?:[^"\\]|\\.)*)"(?!\s*:)/g))
    if (isProse(match[1])) yield { line: text.slice(0, match.index).split('\n').length, text: match[1] }
}

const readers = [
  [files('web/src', '.vue'), inVue],
  [files('web/src', '.ts').filter((f) => !/\.test\.ts$|generated/.test(f)), (t) => inCode(bare(t), 1)],
  [files('src', '.cs'), inCSharp],
  [[join(root, 'README.md'), ...files('docs', '.md').filter((f) => !f.includes('decisions'))], inMarkdown],
  [files('demo', '.brief.json'), inJson],
]

/** Everything that is said, with the file and the line where it stands. */
export const everything = () =>
  readers.flatMap(([paths, read]) =>
    paths.sort().flatMap((path) =>
      [...read(readFileSync(path, 'utf8'))].map((s) => ({ ...s, file: relative(root, path) })),
    ),
  )

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const output = join(root, 'output')
  if (!existsSync(output)) mkdirSync(output)
  const all = everything()
  writeFileSync(join(output, 'words.txt'), all.map((s) => `${s.file}:${s.line}: ${s.text}`).join('\n') + '\n')
  console.log(`${all.length} texts are in output/words.txt.`)
}
