import { readFileSync } from 'node:fs'
import { parseSync, Visitor, type ESTree, type Plugin } from 'vite'

/** Where a page is: its address as the server writes one, its file, and what it asks the server at first. */
interface Place {
  path: string
  pages: readonly string[]
  asks: readonly string[]
}

/** The fields of an object that is written down by itself. */
function fieldsOf(object: ESTree.ObjectExpression) {
  const fields = new Map<string, ESTree.Expression>()
  for (const field of object.properties)
    if (field.type === 'Property' && field.key.type === 'Identifier') fields.set(field.key.name, field.value)
  return fields
}

const textOf = (written?: ESTree.Expression) =>
  written?.type === 'Literal' && typeof written.value === 'string' ? written.value : undefined

const listOf = (written?: ESTree.Expression) =>
  written?.type === 'ArrayExpression'
    ? written.elements.filter((e): e is ESTree.Expression => e !== null && e.type !== 'SpreadElement')
    : []

/** The file in `() => import('…')`. */
function pageOf(written?: ESTree.Expression) {
  const body = written?.type === 'ArrowFunctionExpression' ? written.body : undefined
  return body?.type === 'ImportExpression' ? textOf(body.source) : undefined
}

/** The places that a list of routes leads to; those within others come with what stands around them. */
function placesIn(routes: readonly ESTree.Expression[], around: Place): Place[] {
  return routes.flatMap((route) => {
    if (route.type !== 'ObjectExpression') return []
    const fields = fieldsOf(route)
    const meta = fields.get('meta')
    const of = meta?.type === 'ObjectExpression' ? fieldsOf(meta) : new Map<string, ESTree.Expression>()
    const [path, page] = [textOf(fields.get('path')) ?? '', pageOf(fields.get('component'))]
    const place = {
      path: path.startsWith('/') ? path : `${around.path}/${path}`,
      pages: page ? [...around.pages, page] : around.pages,
      // The way to a page asks who this is, unless the page is open to everybody.
      asks: [...(of.has('open') ? [] : ['/api/who']), ...listOf(of.get('asks')).flatMap((a) => textOf(a) ?? [])],
    }
    return page ? [place, ...placesIn(listOf(fields.get('children')), place)] : []
  })
}

function placesOf(router: string) {
  const found: Place[] = []
  new Visitor({
    CallExpression({ callee, arguments: [options] }) {
      if (callee.type !== 'Identifier' || callee.name !== 'createRouter' || options?.type !== 'ObjectExpression') return
      found.push(...placesIn(listOf(fieldsOf(options).get('routes')), { path: '', pages: [], asks: [] }))
    },
  }).visit(parseSync(router, readFileSync(router, 'utf8')).program)
  return found
}

/**
 * Writes pages.json: what each page takes first, so that the server can name it together with the page. Without it a
 * browser hears of a page's own files only when those of all pages have come and have been run.
 */
export const firstFiles = (src: string): Plugin => ({
  name: 'first-files',
  apply: 'build',
  generateBundle(_, bundle) {
    const chunks = Object.values(bundle).filter((c) => c.type === 'chunk')
    /** A file and all that it cannot be run without. */
    const withItsOwn = (name: string, seen = new Set<string>()): Set<string> => {
      const chunk = chunks.find((c) => c.fileName === name)
      if (chunk && !seen.has(name)) {
        seen.add(name)
        chunk.imports.forEach((i) => withItsOwn(i, seen))
      }
      return seen
    }
    const ofAll = new Set(chunks.filter((c) => c.isEntry).flatMap((c) => [...withItsOwn(c.fileName)]))
    const filesOf = (page: string) => {
      const module = page.replace('@', src)
      const chunk = chunks.find((c) => c.moduleIds.includes(module))
      if (!chunk) this.error(`${page} is in the router, but in no file that was built.`)
      return [...withItsOwn(chunk.fileName)].filter((f) => !ofAll.has(f))
    }
    const pages = placesOf(`${src}/router.ts`)
      .filter((p) => !p.path.includes('*'))
      .map(({ path, pages, asks }) => ({
        path: path.replace(/:(\w+\??)/g, '{$1}'),
        files: [...new Set(pages.flatMap(filesOf))].map((f) => `/${f}`),
        asks,
      }))
    this.emitFile({ type: 'asset', fileName: 'pages.json', source: JSON.stringify(pages, null, 1) })
  },
})
