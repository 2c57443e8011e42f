import vue from '@vitejs/plugin-vue'
import { writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import license from 'rollup-plugin-license'
import { defineConfig } from 'vitest/config'

/** Where it is to be said which packages are in what is built: for scripts/licences.mjs. */
const bundled = process.env.RALLY_BUNDLED
const sayBundled = (file: string) =>
  license({
    thirdParty: (packages) => writeFileSync(file, JSON.stringify(packages.map((p) => p.name))),
  })

export default defineConfig({
  plugins: [vue(), ...(bundled ? [sayBundled(bundled)] : [])],
  resolve: { alias: { '@': fileURLToPath(new URL('src', import.meta.url)) } },
  // One style sheet for all pages: it is small, and a page that is opened without a connection is never left without
  // it.
  build: { outDir: '../src/PluckyRally.Web/wwwroot', emptyOutDir: true, manifest: true, cssCodeSplit: false },
  test: {
    environment: 'happy-dom',
    projects: [
      { extends: true, test: { name: 'units', include: ['src/**/*.test.ts'] } },
      {
        extends: true,
        test: {
          name: 'pages',
          include: ['tests/**/*.test.ts'],
          globalSetup: 'tests/server.ts',
          maxWorkers: 2,
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
