/** The holding in plan: metres to pixels, and outlines of blocks. Pure functions. */

export interface Spot {
  x: number
  y: number
}

export interface PlanView {
  scale: number
  dx: number
  dy: number
}

/** The view that fits all spots [m] into a box [px] with a margin [m] around; north is up. */
export function fitPlan(
  spots: readonly Spot[],
  width: number,
  height: number,
  margin: number,
): PlanView {
  if (spots.length === 0) return { scale: 10, dx: width / 2, dy: height / 2 }
  const xs = spots.map((s) => s.x)
  const ys = spots.map((s) => s.y)
  const [left, right, low, high] = [
    Math.min(...xs) - margin,
    Math.max(...xs) + margin,
    Math.min(...ys) - margin,
    Math.max(...ys) + margin,
  ]
  const scale = Math.min(width / (right - left), height / (high - low))
  return {
    scale,
    dx: (width - (right + left) * scale) / 2,
    dy: (height + (high + low) * scale) / 2,
  }
}

/** Metres to pixels. */
export function toPlan(spot: Spot, view: PlanView): { x: number; y: number } {
  return { x: spot.x * view.scale + view.dx, y: view.dy - spot.y * view.scale }
}

/** Pixels back to metres. */
export function fromPlan(at: { x: number; y: number }, view: PlanView): Spot {
  return { x: (at.x - view.dx) / view.scale, y: (view.dy - at.y) / view.scale }
}

/** A round length for the scale bar, at most `most` pixels long [m]. */
export function scaleBar(view: PlanView, most: number): number {
  const room = most / view.scale
  const power = Math.pow(10, Math.floor(Math.log10(room)))
  return [5, 2, 1].map((n) => n * power).find((n) => n <= room) ?? power
}

/** A line through a row's trees, for hedgerows drawn as one band. */
export function rowPath(points: { x: number; y: number }[]): string {
  return points.map((p, i) => `${i ? 'L' : 'M'}${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join('')
}

/**
 * What someone typed and a name, both without marks, so that `baixo 4 11`, `4.11` and `Baixo 4·11`
 * meet.
 */
export function plainName(text: string): string {
  return text
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim()
}

/** The words of a name, as they are looked for. */
export const nameWords = (name: string) => plainName(name).split(' ')

/** True if every word typed begins a word of the name, in the same order; numbers are meant whole. */
export function nameMatches(typed: string, name: string | string[]): boolean {
  const words = typeof name === 'string' ? nameWords(name) : name
  let at = 0
  for (const part of nameWords(typed)) {
    const number = /^\d+$/.test(part)
    const found = words.findIndex((w, i) => i >= at && (number ? w === part : w.startsWith(part)))
    if (found < 0) return false
    at = found + 1
  }
  return true
}
