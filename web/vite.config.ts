import vue from '@vitejs/plugin-vue'
import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [vue()],
  resolve: { alias: { '@': fileURLToPath(new URL('src', import.meta.url)) } },
  // One style sheet for all pages: it is small, and a page that is opened without a connection is never left without it.
  build: { outDir: '../src/PluckyRally.Web/wwwroot', emptyOutDir: true, manifest: true, cssCodeSplit: false },
  test: { environment: 'happy-dom', include: ['src/**/*.test.ts'] },
  server: { proxy: { '/api': 'http://127.0.0.1:5080', '/live': { target: 'http://127.0.0.1:5080', ws: true } } },
})
