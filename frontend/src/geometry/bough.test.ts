import { describe, expect, it } from 'vitest'
import { axisPath, bough, boughPath, twigs } from './bough'
import { between, type Point3 } from './elevation'

const view = { from: 180, scale: 100, x0: 400, y0: 600 }
const [start, end]: [Point3, Point3] = [
  [0, 0, 0.5],
  [0.9, 0.3, 2],
]
const apart = (a: Point3, b: Point3) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])
const long = apart(start, end)

describe('a bough', () => {
  it('keeps its ends and forks where they were measured', () => {
    const axis = bough('a', start, end, [0.3, 0.7])
    for (const s of [0, 0.3, 0.7, 1])
      expect(apart(axis(s), between(start, end, s))).toBeCloseTo(0, 9)
  })
  it('bows a little between them, never further than a twentieth of its length or so', () => {
    const axis = bough('a', start, end, [])
    const off = Array.from({ length: 21 }, (_, i) =>
      apart(axis(i / 20), between(start, end, i / 20)),
    )
    expect(Math.max(...off)).toBeGreaterThan(0.02 * long)
    expect(Math.max(...off)).toBeLessThan(0.06 * long)
  })
  it('bows a steep limb outwards and lets a flat one arch', () => {
    const steep = bough('a', start, end, [])(0.5)
    expect(Math.hypot(steep[0], steep[1])).toBeGreaterThan(Math.hypot(0.45, 0.15))
    const flat = bough('a', [0, 0, 1], [2, 0, 1.1], [])(0.5)
    expect(flat[2]).toBeGreaterThan(1.05)
  })
  it('is as thick at its ends as was measured', () => {
    const path = boughPath(bough('a', start, end, []), [0, 1], [20, 8], view)
    const points = path
      .slice(1, -1)
      .split('L')
      .map((p) => p.split(' ').map(Number) as [number, number])
    const width = (a: number) => {
      const [p, q] = [points[a]!, points[points.length - 1 - a]!]
      return Math.hypot(p[0] - q[0], p[1] - q[1])
    }
    expect(width(0)).toBeCloseTo(20, 0)
    expect(width(points.length / 2 - 1)).toBeCloseTo(8, 0)
    expect(axisPath(bough('a', start, end, []), 0, 1, view).startsWith('M400.0 550.0L')).toBe(true)
  })
  it('bears the same twigs every time, all beyond where its leaf begins', () => {
    const axis = bough('a', start, end, [])
    const some = twigs('a', axis, 0.5, 8, 9, 0.2, view)
    expect(twigs('a', axis, 0.5, 8, 9, 0.2, view)).toEqual(some)
    expect(some.every((t) => t.at >= 0.5 && t.at < 1)).toBe(true)
    expect((some[0]!.leaves + some[0]!.near).match(/M/g)).toHaveLength(9)
  })
})
