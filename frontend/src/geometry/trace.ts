/**
 * Tracing a tree on a picture: which touch is due, what each touch means, and the part of the
 * picture that is shown. Places are pixels of the picture; nothing here is measured.
 */
import tell from 'words:parts'
export type Touch = [number, number]
export interface Thick {
  across?: [Touch, Touch]
  class?: string
  mm?: number
}
export interface LimbTouch {
  id: string
  fork: Touch
  tip: Touch | null
  thick: Thick
  bearing_deg: number | null
}
export interface Touched {
  foot: Touch | null
  top: Touch | null
  low: Touch | null
  high: Touch | null
  trunk: Thick
  /** The first of two touches across the wood in hand. */
  half: Touch | null
  limbs: LimbTouch[]
}
/** What the next touch means. */
export type Step = 'foot' | 'top' | 'low' | 'high' | 'trunk' | 'fork' | 'tip' | 'across'

export const untouched = (): Touched => ({
  foot: null,
  top: null,
  low: null,
  high: null,
  trunk: {},
  half: null,
  limbs: [],
})
const known = (thick: Thick) => !!(thick.across || thick.class || thick.mm)

/**
 * What is due. byTree: the tree's own height is the scale; across: the limb in hand is to be
 * touched across.
 */
export function due(t: Touched, byTree: boolean, across: boolean): Step {
  if (!t.foot) return 'foot'
  if (!t.top) return 'top'
  if (!byTree && !t.low) return 'low'
  if (!byTree && !t.high) return 'high'
  if (!known(t.trunk)) return 'trunk'
  const last = t.limbs.at(-1)
  if (last && !last.tip) return 'tip'
  if (last && across) return 'across'
  return 'fork'
}

/** The first name that no limb has yet. */
const free = (limbs: LimbTouch[]) => {
  const used = new Set(limbs.map((l) => l.id))
  let n = 1
  while (used.has(`m${n}`)) n += 1
  return `m${n}`
}
const withLast = (t: Touched, change: Partial<LimbTouch>): Touched => ({
  ...t,
  limbs: t.limbs.map((l, i) => (i === t.limbs.length - 1 ? { ...l, ...change } : l)),
})

/** What is known after a touch; the touches before it stay as they were. limb: touched across. */
export function touched(t: Touched, step: Step, at: Touch, limb?: string): Touched {
  switch (step) {
    case 'trunk':
      return t.half ? { ...t, half: null, trunk: { across: [t.half, at] } } : { ...t, half: at }
    case 'fork':
      return {
        ...t,
        limbs: [
          ...t.limbs,
          { id: free(t.limbs), fork: at, tip: null, thick: {}, bearing_deg: null },
        ],
      }
    case 'tip':
      return withLast(t, { tip: at })
    case 'across':
      return t.half
        ? { ...changed(t, limb ?? '', { thick: { across: [t.half, at] } }), half: null }
        : { ...t, half: at }
    default:
      return { ...t, [step]: at }
  }
}

/** A limb changed: how thick, which way it runs. */
export const changed = (t: Touched, id: string, change: Partial<LimbTouch>): Touched => ({
  ...t,
  limbs: t.limbs.map((l) => (l.id === id ? { ...l, ...change } : l)),
})

/** A second picture, from another side: its own scale, then the tip of each limb. */
export interface SecondTouch {
  what: string
  at: Touch
}
/** What is due on a second picture: its scale, then limbs whose tip was neither touched nor left. */
export function dueSecond(
  touches: SecondTouch[],
  limbs: LimbTouch[],
  left: string[],
): string | null {
  const done = new Set([...touches.map((t) => t.what), ...left])
  const asked = ['foot', 'low', 'high', ...limbs.filter((l) => l.tip).map((l) => l.id)]
  return asked.find((what) => !done.has(what)) ?? null
}

/**
 * Which way a limb runs as it is seen: level with the picture, or turned toward or away, a little or
 * much [degrees].
 */
export const turns = (little: number, much: number) => [
  { id: 'toward', says: tell('toward-you'), deg: -much },
  { id: 'little-toward', says: tell('a-little-toward'), deg: -little },
  { id: 'level', says: tell('level-with-the-picture'), deg: 0 },
  { id: 'little-away', says: tell('a-little-away'), deg: little },
  { id: 'away', says: tell('away-from-you'), deg: much },
]

/**
 * Degrees from north of a limb that is turned so far out of the picture. from: where its taker
 * stood; away is positive.
 */
export function bearingOf(limb: LimbTouch, from: number, deg: number): number {
  const right = limb.tip ? limb.tip[0] >= limb.fork[0] : true
  return ((right ? from - 90 - deg : from + 90 + deg) + 720) % 360
}

/** How far out of the picture a bearing is turned, away positive [degrees]. */
export function turnOf(limb: LimbTouch, from: number): number {
  if (limb.bearing_deg === null) return 0
  const right = limb.tip ? limb.tip[0] >= limb.fork[0] : true
  const off = right ? from - 90 - limb.bearing_deg : limb.bearing_deg - from - 90
  return ((off + 540) % 360) - 180
}

export interface Part {
  x: number
  y: number
  w: number
  h: number
}

/** Part of the picture after a zoom around a place that stays where it is; never past its edges. */
export function zoomed(part: Part, by: number, around: Touch, width: number, height: number): Part {
  const w = Math.min(width, Math.max(width / 12, part.w / by))
  const h = (w * height) / width
  const [u, v] = [(around[0] - part.x) / part.w, (around[1] - part.y) / part.h]
  return within({ x: around[0] - u * w, y: around[1] - v * h, w, h }, width, height)
}
/** The part moved so that it stays on the picture. */
export function within(part: Part, width: number, height: number): Part {
  return {
    ...part,
    x: Math.min(Math.max(0, part.x), width - part.w),
    y: Math.min(Math.max(0, part.y), height - part.h),
  }
}
