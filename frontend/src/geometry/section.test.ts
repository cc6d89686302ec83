import { describe, expect, it } from 'vitest'
import { hourWords, scaleOf, sectionPath, sunSpot } from './section'

describe('a row in section', () => {
  const s = scaleOf(1180, 430, 4.5, 3.6)
  const x = (m: number) => s.x0 + m * s.k
  const y = (m: number) => s.y0 - m * s.k
  it('fits three rows and their height, to one scale', () => {
    expect(x(-4.5 * 1.4)).toBeGreaterThan(60)
    expect(x(4.5 * 1.4)).toBeLessThan(1180)
    expect(y(3.6)).toBeGreaterThan(0)
  })
  it('is as wide at its foot and top as it says', () => {
    const path = sectionPath(
      { height_m: 3, base_width_m: 2, top_width_m: 1, skirt_m: 0.5 },
      0,
      x,
      y,
    )
    const xs = path.match(/[\d.]+(?= )/g)!.map(Number)
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(2 * s.k, 0)
    expect(xs[2]! - xs[1]!).toBeCloseTo(1 * s.k, 0)
  })
  it('draws the sun on the side it stands, within the picture', () => {
    const right = sunSpot({ across: 0.6, rise: 0.5 }, 1180, s, x, y)
    const left = sunSpot({ across: -0.6, rise: 0.5 }, 1180, s, x, y)
    expect(right.x).toBeGreaterThan(x(0))
    expect(left.x).toBeLessThan(x(0))
    for (const spot of [right, left]) {
      expect(spot.y).toBeGreaterThanOrEqual(17)
      expect(spot.x).toBeGreaterThanOrEqual(79)
      expect(spot.x).toBeLessThanOrEqual(1161)
    }
    expect((right.footY - right.y) / (right.x - right.footX)).toBeCloseTo(0.5 / 0.6, 5)
  })
  it('says the hour', () => {
    expect(hourWords(10.25)).toBe('10:15')
    expect(hourWords(9.999)).toBe('10:00')
  })
})
