/** The four tones of permission as SVG fills: solid go, hatched light, dotted wait, empty stop. */
import type { Status } from '@/api/client'

export const TONES: Record<Status, string> = {
  go: 'var(--leaf)',
  light: 'url(#tone-light)',
  wait: 'url(#tone-wait)',
  stop: 'var(--sheet)',
}
