/// <reference types="vitest/config" />
import vue from '@vitejs/plugin-vue'
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { brotliCompressSync, constants, gzipSync } from 'node:zlib'
import { defineConfig, type Plugin } from 'vite'
import { controlStyles } from './controlStyles.ts'
import { firstFiles } from './firstFiles.ts'

/** Where it is to be said which packages are in what is built: for scripts/licences.mjs. */
const bundled = process.env.RALLY_BUNDLED
const sayBundled = async (file: string) =>
  (await import('rollup-plugin-license')).default({
    thirdParty: (packages) => writeFileSync(file, JSON.stringify(packages.map((p) => p.name))),
  })

/** Two hundredths larger than the smallest, in a third of the time. */
const quick = { params: { [constants.BROTLI_PARAM_QUALITY]: 10 } }

/** Lays beside each built text the same as Brotli and as gzip: the server hands out what a browser takes. */
const compressed = (): Plugin => ({
  name: 'compressed',
  apply: 'build',
  writeBundle({ dir }) {
    const assets = `${dir}/assets`
    for (const name of readdirSync(assets).filter((n) => /\.(js|css|svg)$/.test(n))) {
      const text = readFileSync(`${assets}/${name}`)
      if (text.length < 1_000) continue
      writeFileSync(`${assets}/${name}.br`, brotliCompressSync(text, quick))
      writeFileSync(`${assets}/${name}.gz`, gzipSync(text, { level: 9 }))
    }
  },
})

/** What the controls of all pages rest on, and those that every page has. */
const everywhere = [
  /@primevue\/core|@primeuix\/(utils|styled)/,
  /primevue\/(button|inputtext|portal|overlayeventbus|focustrap)\//,
  /@primevue\/icons\/(baseicon|spinner|times)\//,
]

/**
 * Few files a page: what all pages take stands together, and what several stations share is not split finer than it is
 * worth a request of its own. The controls that only some pages have come with those.
 */
const groups = [
  { name: 'vue', test: /node_modules\/(@?vue|@vueuse|vue-router)\b|plugin-vue:export-helper/, priority: 5 },
  { name: 'controls', test: (id: string) => everywhere.some((e) => e.test(id)), priority: 4 },
  { name: 'select', test: /primevue\/(select|virtualscroller)\/|ChooseOnce/, priority: 3 },
  { name: 'dialog', test: /primevue\/dialog\/|AskRemoval/, priority: 3 },
  { name: 'common', test: /^(?!.*(plot|d3-|datatable|paginator))/i, minShareCount: 5, priority: 1 },
]

const src = fileURLToPath(new URL('src', import.meta.url))

export default defineConfig({
  plugins: [vue(), controlStyles(), compressed(), firstFiles(src), ...(bundled ? [sayBundled(bundled)] : [])],
  resolve: {
    alias: [
      { find: '@', replacement: src },
      { find: /^primevue\/ripple$/, replacement: `${src}/look/noRipple.ts` },
      {
        find: /^@primeuix\/(styled|styles\/\w+)$|^@primevue\/core\/base\/style$/,
        replacement: `${src}/look/builtStyle.ts`,
      },
    ],
  },
  // One style sheet for all pages: it is small, and a page that is opened without a connection is never left without
  // it.
  build: {
    outDir: '../src/PluckyRally.Web/wwwroot',
    emptyOutDir: true,
    manifest: true,
    cssCodeSplit: false,
    rolldownOptions: { output: { codeSplitting: { groups } } },
  },
  test: {
    environment: 'happy-dom',
    projects: [
      // Files share an environment and what they load: one for each would take ten times as long as the units' tests,
      // and a tenth more for pages. None of them leaves anything behind.
      { extends: true, test: { name: 'units', include: ['src/**/*.test.ts'], isolate: false } },
      {
        extends: true,
        test: {
          name: 'pages',
          include: ['tests/**/*.test.ts'],
          globalSetup: 'tests/server.ts',
          setupFiles: 'tests/eachFile.ts',
          maxWorkers: 2,
          isolate: false,
          testTimeout: 180_000,
        },
      },
    ],
  },
  // The guide is written in docs/guide and comes along from there.
  server: {
    fs: { allow: ['.', '../docs'] },
    proxy: { '/api': 'http://127.0.0.1:5080', '/live': { target: 'http://127.0.0.1:5080', ws: true } },
  },
})
