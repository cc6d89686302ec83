/**
 * A stem seen from above: bearings to places on its round, and spans as wedges. North is up, angles
 * run clockwise.
 */

export type Spot = readonly [number, number]

/** Where a bearing [degrees] lies on a round of a radius [px]. */
export function onRound(bearing: number, radius: number): Spot {
  const a = (bearing * Math.PI) / 180
  return [radius * Math.sin(a), -radius * Math.cos(a)]
}

/** The wedge of a ring between two bearings, clockwise; the whole ring from 0 to 360. */
export function wedge(from: number, to: number, inner: number, outer: number): string {
  const span = (to - from + 360) % 360 || 360
  const end = span === 360 ? from + 359.99 : from + span
  const far = span > 180 ? 1 : 0
  const p = (bearing: number, radius: number) =>
    onRound(bearing, radius)
      .map((v) => v.toFixed(2))
      .join(' ')
  const out = `M${p(from, outer)}A${outer} ${outer} 0 ${far} 1 ${p(end, outer)}`
  return `${out}L${p(end, inner)}A${inner} ${inner} 0 ${far} 0 ${p(from, inner)}Z`
}
