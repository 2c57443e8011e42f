// Writes web/public/licences.json: every package that is shipped, with its licence in full. Run it with `npm run
// --prefix web licences` after a package has changed; a test says when it is out of date.
import { execFileSync } from 'node:child_process'
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs'
import { homedir } from 'node:os'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = join(dirname(fileURLToPath(import.meta.url)), '..')
const isLicence = (name) => /^(licen[cs]e|copying|notice)/i.test(name)
const textIn = (folder) =>
  existsSync(folder)
    ? readdirSync(folder, { withFileTypes: true })
        .filter((file) => file.isFile() && isLicence(file.name) && !file.name.endsWith('.js'))
        .map((file) => readFileSync(join(folder, file.name), 'utf8').trim())
        .join('\n\n')
    : ''

/** Only their rules are sent: the look of the controls (controlStyles.ts). */
const rules = ['@primeuix/styles']

/**
 * What the browser is sent: the bundler says which packages are in it; fonts are files of packages, and some packages
 * only hand others on.
 */
function ofBrowser() {
  const said = join(root, 'web', 'node_modules', '.bundled.json')
  execFileSync('npx', ['vite', 'build', '--outDir', join(root, 'web', 'node_modules', '.licences')], {
    cwd: join(root, 'web'),
    env: { ...process.env, RALLY_BUNDLED: said },
    stdio: ['ignore', 'ignore', 'inherit'],
  })
  const { dependencies, builtWith } = JSON.parse(readFileSync(join(root, 'web', 'package.json'), 'utf8'))
  const shipped = Object.keys(dependencies).filter((n) => !n.startsWith('@types/') && !builtWith.includes(n))
  return [...new Set([...JSON.parse(readFileSync(said, 'utf8')), ...shipped, ...rules])].map((name) => {
    const folder = join(root, 'web', 'node_modules', name)
    const about = JSON.parse(readFileSync(join(folder, 'package.json'), 'utf8'))
    return {
      name,
      version: about.version,
      licence: about.license,
      part: 'browser',
      text: textIn(folder),
    }
  })
}

/** What the server is made of: the packages whose assemblies or native libraries are laid beside it. */
function ofServer() {
  const assets = JSON.parse(readFileSync(join(root, 'src', 'PluckyRally.Web', 'obj', 'project.assets.json'), 'utf8'))
  const store = Object.keys(assets.packageFolders)[0] ?? join(homedir(), '.nuget', 'packages')
  const target = Object.values(assets.targets)[0]
  return Object.entries(target)
    .filter(([, what]) => what.type === 'package')
    .filter(([, what]) =>
      ['runtime', 'runtimeTargets', 'native'].some((kind) =>
        Object.keys(what[kind] ?? {}).some((file) => !file.endsWith('_._')),
      ),
    )
    .map(([id]) => {
      const [name, version] = id.split('/')
      const folder = join(store, name.toLowerCase(), version)
      const spec = readFileSync(join(folder, `${name.toLowerCase()}.nuspec`), 'utf8')
      const tag = (what) => new RegExp(`<${what}[^>]*>([^<]*)</${what}>`).exec(spec)?.[1]?.trim() ?? ''
      const copyright = tag('copyright') || tag('authors')
      const url = tag('licenseUrl').startsWith('https://aka.ms/deprecate') ? '' : tag('licenseUrl')
      const licence = /<license type="expression"[^>]*>([^<]*)</.exec(spec)?.[1] ?? ''
      return {
        name,
        version,
        licence: licence || (textIn(folder) ? 'see the text' : url),
        part: 'server',
        text: textIn(folder) || copyright,
      }
    })
}

/** The server brings its runtime along. */
const runtime = {
  name: '.NET runtime and ASP.NET Core',
  version: readFileSync(join(root, 'global.json'), 'utf8').match(/"version":\s*"(\d+)/)?.[1] ?? '10',
  licence: 'MIT',
  part: 'server',
  text: 'Copyright (c) .NET Foundation and Contributors',
}
const byName = (a, b) => a.name.localeCompare(b.name, 'en')
const all = [...ofBrowser().sort(byName), ...[...ofServer(), runtime].sort(byName)]
/** What a package only names is written out once. */
const standard = {
  'Apache-2.0': readFileSync(join(root, 'web', 'node_modules', 'typescript', 'LICENSE.txt'), 'utf8').trim(),
  MIT: readFileSync(join(root, 'web', 'node_modules', 'vue', 'LICENSE'), 'utf8')
    .trim()
    .replace(/^Copyright.*$/m, 'Copyright (c) the holders named with each package'),
}
writeFileSync(join(root, 'web', 'public', 'licences.json'), JSON.stringify({ packages: all, standard }, null, 1) + '\n')
console.log(`${all.length} packages`)
