/** What the standing drawing shows of each limb: plain numbers in, paths and places out. */
import type { Cut, Frame, Limb } from '@/api/client'
import {
  between,
  fruitPlaces,
  leafPath,
  nearness,
  project,
  spreadLabels,
  taper,
  type Point2,
  type Point3,
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
  leavesInk: string
  leavesGhost: string
  fruit: { at: Point2; ghost: boolean }[]
  tipAt: Point2
}

/** Where on a limb the leaves begin: suckers and sprouts are leafy all along, others outside. */
const leafFrom = (limb: Limb) =>
  limb.sucker || limb.kind === 'sprout' ? 0.15 : limb.on === 'trunk' ? 0.5 : 0.3
const leavesOf = (limb: Limb) =>
  limb.state === 'dead'
    ? 0
    : Math.round((limb.sucker ? 14 : 34) * limb.foliage * Math.min(1.6, 0.5 + limb.base_mm / 40))
const leafSpread = (limb: Limb) =>
  limb.sucker ? 0.08 : limb.kind === 'sprout' ? 0.11 : Math.min(0.3, 0.12 + limb.length_m * 0.12)

/** keep: so many metres of it stay; undefined where it is not cut. */
function drawn(limb: Limb, keep: number | undefined, view: View): Omit<Drawn, 'near' | 'joint'> {
  const [a, b] = [limb.start, limb.end]
  const share = keep === undefined ? 1 : keep / limb.length_m
  const [pa, pb] = [project(a, view), project(b, view)]
  const pc = project(between(a, b, share), view)
  const mm = (s: number) => ((limb.base_mm + (limb.tip_mm - limb.base_mm) * s) / 1000) * view.scale
  const leaves = leavesOf(limb)
  const path = (from: number, to: number) =>
    leaves && to > from ? leafPath(limb.id, a, b, from, to, leaves * 2, leafSpread(limb), view) : ''
  return {
    limb,
    ink: share > 0.001 ? taper(pa, pc, mm(0), mm(share)) : null,
    ghost: share < 0.999 ? taper(pc, pb, mm(share), mm(1)) : null,
    hit: `M${pa[0]} ${pa[1]}L${pb[0]} ${pb[1]}`,
    leavesInk: path(leafFrom(limb), share),
    leavesGhost: share < 0.999 ? path(Math.max(share, leafFrom(limb)), 1) : '',
    fruit: fruitPlaces(limb.id, a, b, limb.fruit, view).map((at) => ({ at, ghost: share < 0.999 })),
    tipAt: pb,
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
    return taper(up(Math.max(0, from)), up(Math.min(to, frame.trunk_m - 0.01)), w, w)
  }
  if (!parent || parent.state === 'dead') return ''
  const at = (m: number) => Math.min(0.99, Math.max(0.01, m / parent.length_m))
  const mm = (s: number) => parent.base_mm + (parent.tip_mm - parent.base_mm) * s
  const place = (s: number) => project(between(parent.start, parent.end, s), view)
  return taper(place(at(from)), place(at(to)), width(mm(at(from))), width(mm(at(to))))
}

/** Every limb as it is drawn, the far ones first. from: where one stands, degrees from north. */
export function drawnLimbs(
  frame: Frame,
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
      ...drawn(limb, keeps.get(limb.id), view),
      joint: keeps.get(limb.on) === undefined ? jointOf(limb, by.get(limb.on), frame, view) : '',
      near: nearness(between(limb.start, limb.end, 0.5), from),
    }))
    .sort((x, y) => x.near - y.near)
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
        const [x, y] = project(between(l.start, l.end, main ? 0.42 : 0.5), view)
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
    const p: Point3 = limb
      ? between(limb.start, limb.end, Math.min(1, (cut.keep_m || 0.02) / limb.length_m))
      : [0, 0, cut.keep_m]
    const [x, y] = project(p, view)
    return { cut, n: i + 1, x, y, left: x < view.x0, free: free.includes(cut.limb) }
  })
  const spread = spreadLabels(
    list.map((f) => f.y),
    25,
  )
  return list.map((f, i) => ({ ...f, y: Math.min(spread[i]!, view.y0 - 4) }))
}
