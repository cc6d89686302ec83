import { describe, expect, it } from 'vitest'
import {
  alongShare,
  between,
  fit,
  nearness,
  project,
  spreadLabels,
  staffFields,
  staffMarks,
  taper,
  potOf,
} from './elevation'

const view = { from: 180, scale: 100, x0: 400, y0: 600 }

describe('elevation', () => {
  it('puts east to the right of someone who stands in the south, and north behind', () => {
    expect(project([1, 0, 0], view)[0]).toBeCloseTo(500)
    expect(project([0, 1, 2], view)).toEqual([expect.closeTo(400), 400])
    expect(nearness([0, -1, 0], 180)).toBeCloseTo(1)
    expect(project([0, 1, 0], { ...view, from: 90 })[0]).toBeCloseTo(500)
  })
  it('is to scale: a metre up is as long as a metre across', () => {
    const v = fit({ left: 100, right: 700, top: 50, bottom: 650 }, 3, 2, 180)
    expect(v.scale).toBe(150)
    expect(project([1, 0, 0], v)[0] - v.x0).toBeCloseTo(v.y0 - project([0, 0, 1], v)[1])
  })
  it('finds the place on a limb under the pointer', () => {
    expect(alongShare([5, 9], [0, 0], [10, 0])).toBe(0.5)
    expect(alongShare([-5, 0], [0, 0], [10, 0])).toBe(0)
    expect(alongShare([5, 5], [1, 1], [1, 1])).toBe(0)
    expect(between([0, 0, 0], [2, 4, 6], 0.5)).toEqual([1, 2, 3])
  })
  it('tapers a limb to a pen line', () => {
    expect(taper([0, 0], [10, 0], 4, 2)).toBe('M0.0 2.0L10.0 1.1L10.0 -1.1L0.0 -2.0Z')
  })
  it('numbers the staff each half metre or each foot', () => {
    expect(staffMarks(2.2, 'metric').map((m) => m.label)).toEqual([
      '0.0',
      '0.5',
      '1.0',
      '1.5',
      '2.0',
    ])
    expect(staffMarks(0.95, 'us').map((m) => m.label)).toEqual(["0'", "1'", "2'", "3'"])
    expect(staffFields(1, 'metric').map((f) => f.left)).toEqual([true, true, true, false, false])
  })
  it('keeps labels apart', () => {
    expect(spreadLabels([10, 12, 40], 16)).toEqual([10, 26, 42])
  })
})

it('a pot of 40 litres holds 40 litres', () => {
  const { wide, deep } = potOf(40)
  const [top, foot] = [wide / 2, wide * 0.38]
  const holds = ((Math.PI * deep) / 3) * (top * top + top * foot + foot * foot) * 1000
  expect(holds).toBeCloseTo(40, 6)
  expect(wide).toBeGreaterThan(0.3)
  expect(wide).toBeLessThan(0.5)
})
