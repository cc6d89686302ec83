/** A block that is being drawn or moved on the plan. Pure. */
import type { Spot } from '@/geometry/plan'
import { inside } from '@/geometry/scene'

export interface Draft {
  /** Its corners are drawn by hand; else it is moved as it is. */
  drawn: boolean
  corners: Spot[]
  /** Trees it would hold, row by row, m. */
  spots: Spot[]
  /** Numbers of spots that stay empty. */
  empty: Set<number>
}

const far = (a: Spot, b: Spot) => Math.hypot(a.x - b.x, a.y - b.y)

function farFromSide(p: Spot, a: Spot, b: Spot): number {
  const long = far(a, b) ** 2
  const t = long ? ((p.x - a.x) * (b.x - a.x) + (p.y - a.y) * (b.y - a.y)) / long : 0
  const on = Math.min(1, Math.max(0, t))
  return far(p, { x: a.x + on * (b.x - a.x), y: a.y + on * (b.y - a.y) })
}

/** With one corner more, between the ends of the side it lies nearest to. */
export function withCorner(corners: Spot[], spot: Spot): Spot[] {
  if (corners.length < 3) return [...corners, spot]
  const off = corners.map((a, i) => farFromSide(spot, a, corners[(i + 1) % corners.length]!))
  const at = off.indexOf(Math.min(...off)) + 1
  return [...corners.slice(0, at), spot, ...corners.slice(at)]
}

/** The number of the spot within reach [m] of a touch inside the outline; -1 for none. */
export function spotAt({ corners, spots }: Draft, touch: Spot, reach: number): number {
  if (!inside(touch, corners)) return -1
  let best = -1
  spots.forEach((spot, n) => {
    const off = far(spot, touch)
    if (off <= reach && (best < 0 || off < far(spots[best]!, touch))) best = n
  })
  return best
}

export const shifted = (spots: Spot[], east: number, north: number): Spot[] =>
  spots.map(({ x, y }) => ({ x: x + east, y: y + north }))

/** A rectangle so long toward a bearing [degrees] and so wide to its right, from its first corner. */
export function rectangle(from: Spot, long: number, wide: number, bearing: number): Spot[] {
  const turn = (bearing * Math.PI) / 180
  const [along, aside] = [
    { x: Math.sin(turn) * long, y: Math.cos(turn) * long },
    { x: Math.cos(turn) * wide, y: -Math.sin(turn) * wide },
  ]
  return [
    from,
    { x: from.x + along.x, y: from.y + along.y },
    { x: from.x + along.x + aside.x, y: from.y + along.y + aside.y },
    { x: from.x + aside.x, y: from.y + aside.y },
  ]
}
