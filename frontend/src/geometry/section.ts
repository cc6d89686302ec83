/** A row across: metres to pixels, its outline, and where the sun is drawn. Pure functions. */

export interface Wall {
  height_m: number
  base_width_m: number
  top_width_m: number
  skirt_m: number
}

export interface SectionScale {
  /** Pixels per metre, the same across and up. */
  k: number
  x0: number
  y0: number
  /** Height of the drawing [m]. */
  top: number
}

/** Scale that fits three rows so far apart and so tall into a box [px]. */
export function scaleOf(
  width: number,
  height: number,
  spacing: number,
  tallest: number,
  across = 3,
): SectionScale {
  const top = Math.ceil((tallest + 0.5) * 2) / 2
  const k = Math.min((height - 56) / top, (width - 90) / (across * spacing))
  // some sky above the rows, so that there is room for the sun
  return { k, x0: 70 + (width - 80) / 2, y0: Math.min(height - 30, k * top + 70), top }
}

/** Outline of a wall about a middle [m], closed. */
export function sectionPath(
  wall: Wall,
  middle: number,
  x: (m: number) => number,
  y: (m: number) => number,
): string {
  const [b, t] = [wall.base_width_m / 2, wall.top_width_m / 2]
  const points = [
    [middle - b, wall.skirt_m],
    [middle - t, wall.height_m],
    [middle + t, wall.height_m],
    [middle + b, wall.skirt_m],
  ] as const
  return `M${points.map(([px, pz]) => `${x(px).toFixed(1)} ${y(pz).toFixed(1)}`).join('L')}Z`
}

/**
 * Where the sun stands over the middle row, seen along the rows, and the foot of its ray on the
 * ground.
 */
export function sunSpot(
  step: { across: number; rise: number },
  width: number,
  s: SectionScale,
  x: (m: number) => number,
  y: (m: number) => number,
): { x: number; y: number; footX: number; footY: number } {
  const [footX, footY] = [x(0), y(0)]
  const long = Math.hypot(step.across, step.rise) || 1
  const [dx, dy] = [step.across / long, step.rise / long]
  // as far as the drawing reaches in that direction
  const reach = Math.min(
    dx > 0 ? (width - 20 - footX) / dx : dx < 0 ? (footX - 80) / -dx : Infinity,
    dy > 0 ? (footY - 18) / dy : Infinity,
  )
  const far = Math.max(0, Math.min(reach, 3 * s.k * s.top))
  return { x: footX + dx * far, y: footY - dy * far, footX, footY }
}

/** A solar hour as words: 10.25 is 10:15. */
export function hourWords(hour: number): string {
  const minutes = Math.round(hour * 60)
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`
}
