import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { compression } from 'vite-plugin-compression2'
import vuetify from 'vite-plugin-vuetify'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [
    vue(),
    vuetify({ autoImport: true }),
    compression({ algorithms: ['gzip', 'brotliCompress'], threshold: 1024 }),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: { target: 'es2022', assetsInlineLimit: 0 },
  server: { host: '127.0.0.1', proxy: { '/api': 'http://127.0.0.1:8787' } },
  test: {
    environment: 'jsdom',
    include: ['src/**/*.spec.ts'],
    setupFiles: ['src/words/specs.ts'],
    // One document for all specs of a worker: making it anew for each was most of the time.
    isolate: false,
    // Speed is measured by the bench; a busy machine fails no test.
    testTimeout: 120_000,
    hookTimeout: 120_000,
    server: { deps: { inline: ['vuetify'] } },
  },
})
