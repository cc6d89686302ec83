/**
 * The service worker as one plain script beside the pages, so that every browser that has
 * service workers takes it.
 */
import { fileURLToPath, URL } from 'node:url'
import { defineConfig } from 'vite'
import { compress } from './compress'

const OUT = '../billhook/web/static'

export default defineConfig({
  plugins: [compress(OUT)],
  publicDir: false,
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: {
    outDir: OUT,
    emptyOutDir: false,
    target: 'es2022',
    lib: { entry: 'src/sw.ts', formats: ['iife'], name: 'worker', fileName: () => 'sw.js' },
  },
})
