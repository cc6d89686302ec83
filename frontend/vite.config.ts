import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import { fileURLToPath, URL } from 'node:url'
import { defineConfig } from 'vitest/config'
import { compress } from './compress'

const OUT = '../billhook/web/static'

export default defineConfig({
  plugins: [vue(), tailwindcss(), compress(OUT)],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: {
    outDir: OUT,
    emptyOutDir: true,
    manifest: 'assets.json',
    target: 'es2022',
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8420' } },
  test: { environment: 'happy-dom', include: ['src/**/*.test.ts'] },
})
