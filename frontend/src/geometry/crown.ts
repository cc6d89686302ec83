/** The outline of a crown: the farthest end in every direction, smoothed, open below. Pure. */
import type { Frame } from '@/api/client'
import { project, type Point2, type View } from './elevation'

const PARTS = 28
/** Leaf beyond the ends of the limbs [m]. */
const LEAF_M = 0.12

const middle = (a: Point2, b: Point2): Point2 => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]
const words = (p: Point2) => `${p[0].toFixed(1)} ${p[1].toFixed(1)}`

/** A line round the living ends of a tree; nothing where it has none. */
export function crownLine(frame: Frame, view: View): string {
  const living = frame.limbs.filter((l) => l.state === 'live' && !l.sucker)
  const ends = living.map((l) => project(l.end, view))
  if (ends.length < 3) return ''
  const top = Math.min(...ends.map((p) => p[1]))
  const low = Math.max(...ends.map((p) => p[1]))
  const at: Point2 = [view.x0, low - (low - top) * 0.35]
  const far = Array.from({ length: PARTS }, () => 0)
  for (const [x, y] of ends) {
    const [dx, dy] = [x - at[0], y - at[1]]
    const part = Math.floor((Math.atan2(dy, dx) / (2 * Math.PI) + 1) * PARTS) % PARTS
    far[part] = Math.max(far[part]!, Math.hypot(dx, dy))
  }
  const by = (i: number) => far[(i + PARTS) % PARTS]!
  // a direction without an end of its own lies between its neighbours
  const filled = far.map((_, i) => {
    const near = [0, 1, 2, 3, 4].map((k) => Math.max(by(i + k), by(i - k)) * (1 - 0.06 * k))
    return Math.max(...near) + LEAF_M * view.scale
  })
  const points = filled.map((_, i): Point2 => {
    const round = [filled[(i + PARTS - 1) % PARTS]!, filled[i]!, filled[(i + 1) % PARTS]!]
    const r = (round[0]! + 2 * round[1]! + round[2]!) / 4
    const turn = ((i + 0.5) / PARTS) * 2 * Math.PI
    return [at[0] + r * Math.cos(turn), Math.min(view.y0 - 6, at[1] + r * Math.sin(turn))]
  })
  // from the lower left over the top to the lower right
  const from = Math.round(PARTS * 0.42)
  const open = Array.from(
    { length: Math.round(PARTS * 0.68) },
    (_, i) => points[(from + i) % PARTS]!,
  )
  const curves = open.slice(1).map((p, i) => `Q${words(open[i]!)} ${words(middle(open[i]!, p))}`)
  return `M${words(open[0]!)}${curves.join('')}`
}
