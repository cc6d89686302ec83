/**
 * How a measured limb is drawn: bowed between its ends and forks, which stay where they were
 * measured, with twigs and leaf about its outer part. The bow and the twigs are typical; pure
 * functions.
 */
import { between, chance, project, type Point2, type Point3, type View } from './elevation'

/** The place on a limb's axis at a share of its length [0..1]. */
export type Axis = (share: number) => Point3

const SAG = 0.055
const SWAY = 0.03

/** Square to a limb, in the upright plane through it; for one that stands upright, any way. */
function aside(start: Point3, end: Point3, name: string): Point3 {
  const d = [end[0] - start[0], end[1] - start[1], end[2] - start[2]] as const
  const long = Math.hypot(...d) || 1
  const rise = d[2] / long
  const flat = Math.hypot(d[0], d[1])
  const turn = chance(name)() * 2 * Math.PI
  const [x, y] = flat < 1e-6 ? [Math.cos(turn), Math.sin(turn)] : [d[0] / flat, d[1] / flat]
  const lean = Math.sqrt(Math.max(0, 1 - rise * rise))
  return [-rise * x, -rise * y, lean]
}

/**
 * The axis of a limb through its ends and its forks (shares of its length). Steep limbs bow
 * outwards and turn up at the tip, flat ones arch over.
 */
export function bough(name: string, start: Point3, end: Point3, forks: number[]): Axis {
  const nodes = [0, ...forks.filter((s) => s > 0.02 && s < 0.98).sort((a, b) => a - b), 1]
  const long = Math.hypot(end[0] - start[0], end[1] - start[1], end[2] - start[2])
  const side = aside(start, end, name)
  const last = end[2] - start[2] < 0.35 * long ? 1 : -1
  return (share) => {
    const p = between(start, end, share)
    const i = Math.max(0, nodes.findIndex((n) => n >= share - 1e-9) - 1)
    const [a, b] = [nodes[i]!, nodes[i + 1]!]
    if (b - a < 1e-6) return p
    const fromEnd = nodes.length - 2 - i
    const by = (fromEnd ? SWAY * (fromEnd % 2 ? -last : last) : SAG * last) * (b - a) * long
    const k = by * Math.sin((Math.PI * (share - a)) / (b - a))
    return [p[0] + side[0] * k, p[1] + side[1] * k, p[2] + side[2] * k]
  }
}

const n = (v: number) => v.toFixed(1)

/** Points of an axis on the screen, from one share to another. */
function along(axis: Axis, from: number, to: number, view: View): Point2[] {
  const steps = Math.max(2, Math.min(14, Math.round((to - from) * 14)))
  return Array.from({ length: steps + 1 }, (_, i) =>
    project(axis(from + ((to - from) * i) / steps), view),
  )
}

/** The axis as a line. */
export function axisPath(axis: Axis, from: number, to: number, view: View): string {
  return `M${along(axis, from, to, view)
    .map(([x, y]) => `${n(x)} ${n(y)}`)
    .join('L')}`
}

/**
 * Outline of a limb along its axis, with its width [px] at each end of the stretch; never thinner
 * than a pen line.
 */
export function boughPath(
  axis: Axis,
  [from, to]: readonly [number, number],
  [widthA, widthB]: readonly [number, number],
  view: View,
): string {
  const points = along(axis, from, to, view)
  const [wa, wb] = [Math.max(1.4, widthA / 2), Math.max(1.1, widthB / 2)]
  const [left, right]: [string[], string[]] = [[], []]
  points.forEach(([x, y], i) => {
    const [a, b] = [points[Math.max(0, i - 1)]!, points[Math.min(points.length - 1, i + 1)]!]
    const [dx, dy] = [b[0] - a[0], b[1] - a[1]]
    const long = Math.hypot(dx, dy) || 1
    const w = wa + ((wb - wa) * i) / (points.length - 1)
    const [nx, ny] = [(-dy / long) * w, (dx / long) * w]
    left.push(`${n(x + nx)} ${n(y + ny)}`)
    right.unshift(`${n(x - nx)} ${n(y - ny)}`)
  })
  return `M${[...left, ...right].join('L')}Z`
}

/** A twig as it is drawn: where it leaves the limb, its tip, and its leaves, the near ones apart. */
export interface Twig {
  at: number
  line: string
  leaves: string
  near: string
  tip: Point2
}

function leaf(x: number, y: number, tilt: number, long: number): string {
  const [ux, uy] = [Math.cos(tilt) * long, Math.sin(tilt) * long]
  const [vx, vy] = [-uy * 0.34, ux * 0.34]
  return (
    `M${n(x)} ${n(y)}q${n(ux / 2 + vx)} ${n(uy / 2 + vy)} ${n(ux)} ${n(uy)}` +
    `q${n(-ux / 2 - vx)} ${n(-uy / 2 - vy)} ${n(-ux)} ${n(-uy)}`
  )
}

/**
 * Twigs about a limb from a share of its length on, to both sides by turns, shorter towards its
 * tip; the same every time. reach: their length [m].
 */
export function twigs(
  name: string,
  axis: Axis,
  from: number,
  count: number,
  leavesEach: number,
  reach: number,
  view: View,
): Twig[] {
  const next = chance(name)
  for (let i = 0; i < 5; i++) next()
  return Array.from({ length: count }, (_, i) => {
    const at = from + (0.985 - from) * Math.sqrt((i + 0.5) / count)
    const [p, q] = [project(axis(at), view), project(axis(Math.min(1, at + 0.02)), view)]
    const run = Math.atan2(q[1] - p[1], q[0] - p[0])
    const turn = run + (i % 2 ? 1 : -1) * (0.38 + next() * 0.75)
    const long = reach * (0.55 + 0.6 * next()) * view.scale
    const [cos, sin] = [Math.cos(turn), Math.sin(turn)]
    const tip: Point2 = [p[0] + long * cos, p[1] + long * sin]
    const belly = [(p[0] + tip[0]) / 2, (p[1] + tip[1]) / 2 + long * 0.12] as const
    const line = `M${n(p[0])} ${n(p[1])}Q${n(belly[0])} ${n(belly[1])} ${n(tip[0])} ${n(tip[1])}`
    let [leaves, near] = ['', '']
    for (let k = 0; k < leavesEach; k++) {
      const u = 0.12 + (k + 1) / leavesEach
      const v = (next() - 0.5) * 0.18 * view.scale
      const one = leaf(
        p[0] + (tip[0] - p[0]) * u - v * sin,
        p[1] + (tip[1] - p[1]) * u + v * cos,
        turn + (next() - 0.5) * 2.3,
        (0.045 + next() * 0.04) * view.scale,
      )
      if (k % 3) leaves += one
      else near += one
    }
    return { at, line, leaves, near, tip }
  })
}
