import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [vue()],
  // One style sheet for all pages: it is small, and a page that is opened without a connection is never left without it.
  build: { outDir: '../src/PluckyRally.Web/wwwroot', emptyOutDir: true, manifest: true, cssCodeSplit: false },
  server: { proxy: { '/api': 'http://127.0.0.1:5080', '/live': { target: 'http://127.0.0.1:5080', ws: true } } },
})
