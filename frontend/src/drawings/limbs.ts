/** What the standing drawing shows of each limb: plain numbers in, paths and places out. */
import type { Cut, Frame, Limb } from '@/api/client'
import { axisPath, bough, boughPath, twigs, type Axis, type Twig } from '@/geometry/bough'
import {
  alongShare,
  between,
  chance,
  nearness,
  project,
  spreadLabels,
  taper,
  type Point2,
  type View,
} from '@/geometry/elevation'
import { diameterWords, type Units } from '@/geometry/measure'

export interface Drawn {
  limb: Limb
  near: number
  ink: string | null
  /** The inside of what it grows on, drawn over its base so that the two are one piece of wood. */
  joint: string
  ghost: string | null
  hit: string
  /** Twigs that stay, as typical as the leaf on them. */
  twigs: string
  leavesInk: string
  /** Leaf before the wood. */
  leavesNear: string
  leavesGhost: string
  fruit: { at: Point2; ghost: boolean }[]
}

/** The axis of a limb as it is drawn; an outline's limbs are no one's and stay straight. */
export function axisOf(limb: Limb, frame: Frame): Axis {
  const forks = frame.limbs.filter((l) => l.on === limb.id).map((l) => l.at_m / limb.length_m)
  return frame.drawn
    ? bough(limb.id, limb.start, limb.end, forks)
    : (share) => between(limb.start, limb.end, share)
}

/** Where on a limb the leaves begin: suckers and sprouts are leafy all along, others outside. */
const leafFrom = (limb: Limb) =>
  limb.sucker || limb.kind === 'sprout' ? 0.15 : limb.on === 'trunk' ? 0.5 : 0.3
/** Twigs a metre of leafy limb, leaves on each, and how long a twig is [m]. */
const TWIGS = 12
const LEAVES = 11
const twigReach = (limb: Limb) =>
  limb.sucker ? 0.05 : limb.kind === 'sprout' ? 0.09 : Math.min(0.45, 0.13 + limb.length_m * 0.12)

function leafed(limb: Limb, axis: Axis, view: View) {
  const from = leafFrom(limb)
  const leafy = limb.state === 'dead' ? 0 : limb.foliage * limb.length_m * (1 - from)
  const count = leafy ? Math.max(3, Math.round(TWIGS * leafy)) : 0
  return twigs(limb.id, axis, from, count, limb.sucker ? 3 : LEAVES, twigReach(limb), view)
}

function fruitOf(limb: Limb, on: { at: number; tip: Point2 }[], axis: Axis, view: View): Point2[] {
  const next = chance(`${limb.id}-fruit`)
  const count = Math.min(limb.fruit, 9)
  return Array.from({ length: count }, (_, i) => {
    const [x, y] = on[Math.floor(((i + 0.5) * on.length) / count)]?.tip ?? project(axis(0.8), view)
    return [x + (next() - 0.5) * 0.08 * view.scale, y + next() * 0.1 * view.scale] as const
  })
}

/** What of a limb does not change while its cut is moved. */
interface Standing {
  axis: Axis
  twigs: Twig[]
}

/** Axes and twigs of every limb, by its id. */
export const standing = (frame: Frame, view: View): Map<string, Standing> =>
  new Map(
    frame.limbs.map((limb) => {
      const axis = axisOf(limb, frame)
      return [limb.id, { axis, twigs: leafed(limb, axis, view) }]
    }),
  )

/** keep: so many metres of it stay; undefined where it is not cut. */
function drawn(limb: Limb, of: Standing, frame: Frame, keep: number | undefined, view: View) {
  const { axis, twigs: all } = of
  const share = keep === undefined ? 1 : keep / limb.length_m
  const mm = (s: number) => ((limb.base_mm + (limb.tip_mm - limb.base_mm) * s) / 1000) * view.scale
  const [stay, go] = [all.filter((t) => t.at <= share), all.filter((t) => t.at > share)]
  const wood = (a: number, b: number) => boughPath(axis, [a, b], [mm(a), mm(b)], view)
  return {
    limb,
    ink: share > 0.001 ? wood(0, share) : null,
    ghost: share < 0.999 ? wood(share, 1) : null,
    hit: axisPath(axis, 0, 1, view),
    twigs: frame.drawn && !limb.sucker ? stay.map((t) => t.line).join('') : '',
    leavesInk: stay.map((t) => (frame.drawn ? t.leaves : t.leaves + t.near)).join(''),
    leavesNear: frame.drawn ? stay.map((t) => t.near).join('') : '',
    leavesGhost: go.map((t) => t.leaves + t.near).join(''),
    fruit: fruitOf(limb, all, axis, view).map((at) => ({ at, ghost: share < 0.999 })),
  }
}

const PEN = 0.9
/** The inside of a limb or of the trunk about a fork, a pen line narrower than its outline. */
function jointOf(limb: Limb, parent: Limb | undefined, frame: Frame, view: View): string {
  const [from, to] = [limb.at_m - 0.09, limb.at_m + 0.06]
  const width = (mm: number) => Math.max(0.5, (mm / 1000) * view.scale - 2 * PEN)
  if (limb.on === 'trunk') {
    const up = (m: number): Point2 => [view.x0, view.y0 - m * view.scale]
    const w = width(frame.trunk_mm)
    return taper(up(Math.max(0, from)), up(frame.trunk_m - 0.01), w, w)
  }
  if (!parent || parent.state === 'dead') return ''
  const at = (m: number) => Math.min(0.99, Math.max(0.01, m / parent.length_m))
  const mm = (s: number) => parent.base_mm + (parent.tip_mm - parent.base_mm) * s
  const [a, b] = [at(from), at(to)]
  return boughPath(axisOf(parent, frame), [a, b], [width(mm(a)), width(mm(b))], view)
}

/** Every limb as it is drawn, the far ones first. from: where one stands, degrees from north. */
export function drawnLimbs(
  frame: Frame,
  boughs: Map<string, Standing>,
  view: View,
  from: number,
  cuts: Cut[],
  gone: string[],
): Drawn[] {
  const keeps = new Map(cuts.map((c) => [c.limb, c.keep_m]))
  gone.forEach((id) => keeps.set(id, 0))
  const by = new Map(frame.limbs.map((l) => [l.id, l]))
  return frame.limbs
    .map((limb) => ({
      ...drawn(limb, boughs.get(limb.id)!, frame, keeps.get(limb.id), view),
      joint: keeps.get(limb.on) === undefined ? jointOf(limb, by.get(limb.on), frame, view) : '',
      near: nearness(between(limb.start, limb.end, 0.5), from),
    }))
    .sort((x, y) => x.near - y.near)
}

const TO_FORK_M = 0.04
const STUMP_M = 0.06

/** How much of a limb is kept by a cut where it was touched [m]; a fork that is near draws it. */
export function keepOf(frame: Frame, limb: Limb, at: Point2, view: View): number {
  if (limb.sucker) return 0
  const keep = alongShare(at, project(limb.start, view), project(limb.end, view)) * limb.length_m
  if (keep < STUMP_M) return 0
  // the cut falls just above the side branch
  const fork = frame.limbs.find((l) => l.on === limb.id && Math.abs(l.at_m - keep) < TO_FORK_M)
  return Math.min(fork ? fork.at_m : keep, limb.length_m * 0.995)
}

export interface Girth {
  id: string
  x: number
  y: number
  main: boolean
  w: number
  text: string
}

/**
 * Diameters of measured limbs, main limbs first, left out where they would lie on each other. The
 * limb in hand always shows its own.
 */
export function girths(
  frame: Frame,
  limbs: Drawn[],
  view: View,
  units: Units,
  gone: string[],
  selected: string | null | undefined,
  wide: boolean,
): Girth[] {
  const taken: Girth[] = []
  const inHand = (l: Limb) => l.id === selected
  const rank = (l: Limb) => (inHand(l) ? 0 : l.on === 'trunk' ? 1 : 2)
  return (
    limbs
      .map((d) => d.limb)
      .filter((l) => !gone.includes(l.id) && !l.sucker && (l.measured || inHand(l)))
      // a small drawing has room for the main limbs and the one in hand
      .filter((l) => wide || l.on === 'trunk' || inHand(l))
      .sort((a, b) => rank(a) - rank(b) || b.base_mm - a.base_mm)
      .map((l) => {
        const main = l.on === 'trunk' || inHand(l)
        const [x, y] = project(axisOf(l, frame)(main ? 0.42 : 0.5), view)
        return { id: l.id, x, y, main, w: main ? 54 : 44, text: diameterWords(l.base_mm, units) }
      })
      .filter((l) => {
        if (taken.some((t) => Math.abs(t.x - l.x) < (t.w + l.w) / 2 && Math.abs(t.y - l.y) < 19))
          return false
        taken.push(l)
        return true
      })
  )
}

export interface Flag {
  cut: Cut
  n: number
  x: number
  y: number
  left: boolean
  free: boolean
}

/** The numbered flags of cuts, kept from lying on each other. */
export function flagsOf(frame: Frame, cuts: Cut[], free: string[], view: View): Flag[] {
  const list = cuts.map((cut, i) => {
    const limb = frame.limbs.find((l) => l.id === cut.limb)
    const share = limb ? Math.min(1, (cut.keep_m || 0.02) / limb.length_m) : 0
    const [x, y] = project(limb ? axisOf(limb, frame)(share) : [0, 0, cut.keep_m], view)
    return { cut, n: i + 1, x, y, left: x < view.x0, free: free.includes(cut.limb) }
  })
  const spread = spreadLabels(
    list.map((f) => f.y),
    25,
  )
  return list.map((f, i) => ({ ...f, y: Math.min(spread[i]!, view.y0 - 4) }))
}
