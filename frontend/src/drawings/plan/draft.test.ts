import { describe, expect, it } from 'vitest'
import { rectangle, shifted, spotAt, withCorner, type Draft } from './draft'

const FIELD = [
  { x: 0, y: 0 },
  { x: 10, y: 0 },
  { x: 10, y: 6 },
  { x: 0, y: 6 },
]
const draft = (spots: Draft['spots']): Draft => ({
  drawn: true,
  corners: FIELD,
  spots,
  empty: new Set(),
})

describe('a block that is drawn', () => {
  it('takes a new corner between the ends of the side it lies nearest to', () => {
    expect(withCorner(FIELD, { x: 5, y: -1 })[1]).toEqual({ x: 5, y: -1 })
    expect(withCorner(FIELD, { x: -1, y: 3 })[4]).toEqual({ x: -1, y: 3 })
    expect(withCorner(FIELD.slice(0, 2), { x: 5, y: 5 })).toHaveLength(3)
    expect(withCorner(FIELD, { x: 11, y: 3 })[2]).toEqual({ x: 11, y: 3 })
  })

  it('leaves the nearest place empty only within its outline and near the touch', () => {
    const spots = [
      { x: 2, y: 2 },
      { x: 4, y: 2 },
    ]
    expect(spotAt(draft(spots), { x: 3.4, y: 2 }, 1)).toBe(1)
    expect(spotAt(draft(spots), { x: 8, y: 2 }, 1)).toBe(-1)
    expect(spotAt(draft([{ x: 2, y: 0.2 }]), { x: 2, y: -0.2 }, 1)).toBe(-1)
  })

  it('is a rectangle so long toward a bearing, and so wide to its right', () => {
    const [a, b, c, d] = rectangle({ x: 1, y: 1 }, 20, 8, 90)
    expect(a).toEqual({ x: 1, y: 1 })
    expect(b!.x).toBeCloseTo(21)
    expect(c!.y).toBeCloseTo(-7)
    expect(d!.x).toBeCloseTo(1)
    expect(shifted([a!], 2, -3)).toEqual([{ x: 3, y: -2 }])
  })
})
