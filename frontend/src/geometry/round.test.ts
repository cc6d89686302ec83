import { describe, expect, it } from 'vitest'
import { onRound, wedge } from './round'

describe('a stem from above', () => {
  it('has north up and east to the right', () => {
    expect(onRound(0, 10)[1]).toBeCloseTo(-10)
    expect(onRound(90, 10)[0]).toBeCloseTo(10)
    expect(onRound(180, 10)[1]).toBeCloseTo(10)
  })
  it('takes the long way round for a span over half', () => {
    expect(wedge(0, 90, 5, 10)).toContain('A10 10 0 0 1 10.00')
    expect(wedge(90, 0, 5, 10)).toContain('A10 10 0 1 1')
    expect(wedge(350, 10, 5, 10)).toContain('A10 10 0 0 1')
  })
  it('closes a whole ring without vanishing', () => {
    expect(wedge(0, 360, 5, 10)).toContain('A10 10 0 1 1')
  })
})
