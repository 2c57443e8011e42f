// Says how much JavaScript and CSS each kind of place loads first, gzipped, from the built front end's manifest.
// Yardstick: Vue itself with its router, bundled by the same tool. Run: node bench/page-weight.mjs
import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { gzipSync } from 'node:zlib'

const root = join(dirname(fileURLToPath(import.meta.url)), '..')
const built = join(root, 'src/PluckyRally.Web/wwwroot')
const manifest = JSON.parse(readFileSync(join(built, '.vite/manifest.json'), 'utf8'))
const kB = (bytes) => (bytes / 1000).toFixed(1)
const weight = (file) => gzipSync(readFileSync(join(built, file))).length

function files(entry, seen = new Set()) {
  if (seen.has(entry)) return seen
  seen.add(entry)
  for (const needed of manifest[entry].imports ?? []) files(needed, seen)
  return seen
}

const places = {
  Home: ['src/home/HomePage.vue'],
  'desk: Brief': ['src/stations/brief/BriefPage.vue'],
  'walk: Score': ['src/stations/RallyFrame.vue', 'src/stations/score/ScorePage.vue'],
  'desk: Results': ['src/stations/RallyFrame.vue', 'src/stations/results/ResultsPage.vue'],
  'wall: Results': ['src/stations/RallyFrame.vue', 'src/wall/WallPage.vue'],
}
// The same style sheets serve all pages: ours and the controls'.
const styles = readdirSync(join(built, 'assets'))
  .filter((name) => name.endsWith('.css'))
  .reduce((sum, name) => sum + weight(`assets/${name}`), 0)
for (const [place, pages] of Object.entries(places)) {
  const entries = [...pages.reduce((seen, page) => files(page, seen), files('index.html'))]
  const scripts = entries.reduce((sum, e) => sum + weight(manifest[e].file), 0)
  console.log(`${place.padEnd(16)} ${kB(scripts).padStart(7)} kB JavaScript ${kB(styles).padStart(6)} kB CSS`)
}
const vue = ['vue/dist/vue.runtime.esm-browser.prod.js', 'vue-router/dist/vue-router.esm-browser.prod.js']
  .map((f) => gzipSync(readFileSync(join(root, 'web/node_modules', f))).length)
console.log(`yardstick: Vue ${kB(vue[0])} kB and its router ${kB(vue[1])} kB, as they are published`)
