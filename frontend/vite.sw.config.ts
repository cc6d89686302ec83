/**
 * The service worker as one plain script beside the pages, so that every browser that has
 * service workers takes it.
 */
import { fileURLToPath, URL } from 'node:url'
import { defineConfig } from 'vite'

export default defineConfig({
  publicDir: false,
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: {
    outDir: '../billhook/web/static',
    emptyOutDir: false,
    target: 'es2022',
    lib: { entry: 'src/sw.ts', formats: ['iife'], name: 'worker', fileName: () => 'sw.js' },
  },
})
