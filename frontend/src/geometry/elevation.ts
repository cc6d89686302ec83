/**
 * A tree seen from the side: world metres to screen pixels, tapered limbs, the staff. Pure functions.
 */

import { decimals } from '@/words/numbers'

export type Point3 = readonly [number, number, number]
export type Point2 = readonly [number, number]

export interface View {
  /** Bearing at which the viewer stands [degrees]; 180 looks north. */
  from: number
  /** Pixels per metre, the same across and up: the drawing is to scale. */
  scale: number
  /** Where the foot of the trunk lies [px]. */
  x0: number
  y0: number
}

const rad = (degrees: number) => (degrees * Math.PI) / 180

/** World [m; x east, y north, z up] to screen [px]. */
export function project(p: Point3, view: View): Point2 {
  const right = rad(view.from - 90)
  return [
    view.x0 + (p[0] * Math.sin(right) + p[1] * Math.cos(right)) * view.scale,
    view.y0 - p[2] * view.scale,
  ]
}

/** How near a point is to the viewer [m]; greater is nearer. */
export function nearness(p: Point3, from: number): number {
  return p[0] * Math.sin(rad(from)) + p[1] * Math.cos(rad(from))
}

/** The point `share` of the way from a to b. */
export function between(a: Point3, b: Point3, share: number): Point3 {
  return [a[0] + (b[0] - a[0]) * share, a[1] + (b[1] - a[1]) * share, a[2] + (b[2] - a[2]) * share]
}

/** Scale and origin that fit a tree of these sizes [m] into a box [px]. */
export function fit(
  box: { left: number; right: number; top: number; bottom: number },
  height: number,
  radius: number,
  from: number,
): View {
  const scale = Math.min((box.bottom - box.top) / height, (box.right - box.left) / (2 * radius))
  return { from, scale, x0: (box.left + box.right) / 2, y0: box.bottom }
}

/**
 * Width at the rim and depth of a usual pot of so many litres [m]: a cone cut off, as deep as nine
 * tenths of its width, its foot three quarters of it.
 */
export function potOf(litres: number): { wide: number; deep: number } {
  const wide = Math.cbrt(litres / 1000 / (0.9 * (Math.PI / 12) * (1 + 0.76 + 0.76 ** 2)))
  return { wide, deep: 0.9 * wide }
}

/**
 * Outline of a tapered limb between two screen points, with widths [px]; never thinner than a pen
 * line.
 */
export function taper(a: Point2, b: Point2, widthA: number, widthB: number): string {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]]
  const length = Math.hypot(dx, dy) || 1
  const [nx, ny] = [-dy / length, dx / length]
  const [wa, wb] = [Math.max(1.4, widthA / 2), Math.max(1.1, widthB / 2)]
  const at = (p: Point2, w: number) => `${(p[0] + nx * w).toFixed(1)} ${(p[1] + ny * w).toFixed(1)}`
  return `M${at(a, wa)}L${at(b, wb)}L${at(b, -wb)}L${at(a, -wa)}Z`
}

/** How far along a-b [0..1] the point nearest to p lies. */
export function alongShare(p: Point2, a: Point2, b: Point2): number {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]]
  const square = dx * dx + dy * dy
  return square === 0
    ? 0
    : Math.max(0, Math.min(1, ((p[0] - a[0]) * dx + (p[1] - a[1]) * dy) / square))
}

/** A small repeatable source of chance, by name. */
export function chance(name: string): () => number {
  let seed = 2166136261
  for (const letter of name) seed = Math.imul(seed ^ letter.charCodeAt(0), 16777619)
  return () => {
    seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0
    return seed / 4294967296
  }
}

/** Marks of the staff: every half metre, or every foot, up to the top [m]. */
export function staffMarks(top: number, units: 'metric' | 'us'): { at: number; label: string }[] {
  const step = units === 'metric' ? 0.5 : 0.3048
  const count = Math.floor(top / step + 1e-9)
  const every = units === 'us' && count > 12 ? 2 : 1
  return Array.from({ length: count + 1 }, (_, i) => ({
    at: i * step,
    label: units === 'metric' ? decimals(i * step, 1) : `${i}'`,
  })).filter((_, i) => i % every === 0)
}

/** Fields of the staff: tenths of a metre, or quarter feet, alternately black. */
export function staffFields(
  top: number,
  units: 'metric' | 'us',
): { from: number; to: number; left: boolean }[] {
  const step = units === 'metric' ? 0.1 : 0.3048 / 4
  const perHalf = units === 'metric' ? 5 : 4
  return Array.from({ length: Math.ceil(top / step) }, (_, i) => ({
    from: i * step,
    to: Math.min(top, (i + 1) * step),
    left: Math.floor(i / perHalf) % 2 === 0,
  })).filter((_, i) => i % 2 === 0)
}

/**
 * Keeps labels from lying on each other: pushes each down to clear those before it. Returns the y
 * of each.
 */
export function spreadLabels(wanted: number[], gap: number): number[] {
  const order = wanted.map((y, i) => ({ y, i })).sort((a, b) => a.y - b.y)
  let last = -Infinity
  const out = [...wanted]
  for (const one of order) {
    last = Math.max(one.y, last + gap)
    out[one.i] = last
  }
  return out
}
