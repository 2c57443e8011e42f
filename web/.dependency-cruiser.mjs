/**
 * The front end's layers, from the ground up. What stands lower never reads what stands higher, and no page reads
 * another station's pages: what two share moves down.
 */
const layers = [
  ['api'],
  ['look'],
  ['shared', 'access/useWho'],
  ['fields'],
  ['curves', 'pads'],
  ['parts', 'checks'],
  ['log'],
  [
    'about',
    'access',
    'classes',
    'cupboard',
    'day',
    'guide',
    'home',
    'keeping',
    'over-all',
    'pages',
    'papers',
    'school',
    'stations',
    'talk',
    'waiting',
    'wall',
  ],
  ['frame'],
  ['App', 'main', 'router'],
]
const paths = (names) => `^src/(${names.join('|')})(/|\\.|$)`
const above = layers.map((_, i) => layers.slice(i + 1).flat())

export default {
  forbidden: [
    ...layers.slice(0, -1).map((names, i) => ({
      name: `${names[0]} reads nothing above it`,
      severity: 'error',
      from: { path: paths(names) },
      to: { path: paths(above[i]), pathNot: '^src/access/useWho' },
    })),
    {
      name: 'kinds do not read each other',
      severity: 'error',
      from: { path: '^src/(parts|curves|checks)/([a-zA-Z]+)/' },
      to: { path: '^src/$1/[a-zA-Z]+/', pathNot: '^src/$1/$2/' },
    },
    {
      name: 'stations do not read each other',
      severity: 'error',
      from: { path: '^src/stations/([a-z]+)/' },
      to: { path: '^src/stations/', pathNot: '^src/stations/$1/' },
    },
    {
      name: 'everything has a layer',
      severity: 'error',
      from: { path: '^src/', pathNot: paths(layers.flat()) },
      to: {},
    },
    { name: 'no circles', severity: 'error', from: {}, to: { circular: true } },
    { name: 'everything is there', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'types', 'default'] },
  },
}
