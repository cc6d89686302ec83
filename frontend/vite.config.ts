import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import { fileURLToPath, URL } from 'node:url'
import { defineConfig } from 'vitest/config'
import { compress } from './compress'
import { fonts } from './fonts'
import { prose } from './prose'
import { words } from './words'

const OUT = process.env.BILLHOOK_STATIC ?? '../billhook/web/static'

export default defineConfig({
  plugins: [
    prose(),
    words(!!process.env.VITEST),
    vue({ include: [/\.vue$/, /\.md$/] }),
    tailwindcss(),
    fonts(),
    compress(OUT),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  // the composition API alone is used
  define: { __VUE_OPTIONS_API__: 'false' },
  build: {
    outDir: OUT,
    emptyOutDir: true,
    manifest: 'assets.json',
    target: 'es2022',
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8420' } },
  test: { environment: 'happy-dom', include: ['src/**/*.test.ts'] },
})
