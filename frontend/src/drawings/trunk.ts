/** The trunk and the band at its union: plain numbers in, paths out. */
import type { Frame } from '@/api/client'
import type { View } from '@/geometry/elevation'

/** Outline of the trunk, flared at its foot, and half its width [px]. keep: metres that stay. */
export function trunkOf(frame: Frame, keep: number | undefined, view: View) {
  const w = (frame.trunk_mm / 1000) * view.scale * 0.5
  const h = (keep ?? frame.trunk_m) * view.scale
  const [foot, bend, top] = [view.y0, view.y0 - h * 0.25, view.y0 - h]
  const [left, right] = [view.x0 - w, view.x0 + w]
  const d = [
    `M${view.x0 - w * 1.3} ${foot}Q${left} ${bend} ${left} ${top}`,
    `L${right} ${top}Q${right} ${bend} ${view.x0 + w * 1.3} ${foot}Z`,
  ].join('')
  return { d, w: Math.max(w, 2) }
}

/** The slanted band over the union, at its height on the screen. */
export function unionBand(view: View, w: number, y: number): string {
  const rise = w * 0.28
  return `M${view.x0 - w * 1.15} ${y + rise}L${view.x0 + w * 1.15} ${y - rise}`
}
