import { describe, expect, it } from 'vitest'
import { fitPlan, nameMatches, rowPath, scaleBar, toPlan } from './plan'

describe('plan', () => {
  it('fits the holding, north up, to one scale', () => {
    const view = fitPlan(
      [
        { x: 0, y: 0 },
        { x: 100, y: 50 },
      ],
      600,
      400,
      10,
    )
    expect(view.scale).toBe(5)
    const [a, b] = [toPlan({ x: 0, y: 0 }, view), toPlan({ x: 100, y: 50 }, view)]
    expect(b.x - a.x).toBe(500)
    expect(a.y - b.y).toBe(250)
    expect(a.x).toBe(50)
  })
  it('has a view before anything is planted', () => {
    expect(fitPlan([], 600, 400, 10).scale).toBeGreaterThan(0)
    expect(rowPath([])).toBe('')
  })
  it('shows a round length on the scale bar', () => {
    expect(scaleBar({ scale: 5, dx: 0, dy: 0 }, 120)).toBe(20)
    expect(scaleBar({ scale: 30, dx: 0, dy: 0 }, 120)).toBe(2)
  })
  it('finds trees by name or row however it is typed', () => {
    for (const typed of ['baixo 4 11', '4.11', 'Baixo 4·11', 'ba 4', 'patio 1']) {
      expect(
        ['Baixo 4·11 Clementine', 'Pátio 1·3 Meyer lemon'].some((name) => nameMatches(typed, name)),
      ).toBe(true)
    }
    expect(nameMatches('4.1', 'Baixo 4·11')).toBe(false)
    expect(nameMatches('alto', 'Baixo 4·11')).toBe(false)
  })
})
