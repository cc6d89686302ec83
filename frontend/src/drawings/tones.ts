/** The four tones of permission as SVG fills: solid go, hatched light, dotted wait, empty stop. */
import tell from 'words:app'
import type { Status } from '@/api/client'

export const TONES: Record<Status, string> = {
  go: 'var(--leaf)',
  light: 'url(#tone-light)',
  wait: 'url(#tone-wait)',
  stop: 'var(--sheet)',
}

/** The four tones in words. */
export const TONE_WORDS: Record<Status, string> = {
  get go() {
    return tell('go')
  },
  get light() {
    return tell('light')
  },
  get wait() {
    return tell('wait-2')
  },
  get stop() {
    return tell('stop')
  },
}
