/** Writes every text file of the build once more, compressed, so that no request waits for it. */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { brotliCompressSync } from 'node:zlib'
import type { Plugin } from 'vite'

const TEXTS = /\.(js|css|svg|html|webmanifest)$/

export function compress(folder: string): Plugin {
  return {
    name: 'billhook-compress',
    apply: 'build',
    closeBundle() {
      for (const name of readdirSync(folder, { recursive: true, encoding: 'utf8' }))
        if (TEXTS.test(name)) {
          const file = join(folder, name)
          writeFileSync(`${file}.br`, brotliCompressSync(readFileSync(file)))
        }
    },
  }
}
