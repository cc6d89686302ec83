import { describe, expect, it } from 'vitest'
import { addDays } from './day'
import { areaPath, monthsOf, ribbonScale, runs } from './ribbon'

describe('the ribbon', () => {
  it('gives every day its place, and the day back from the place', () => {
    const scale = ribbonScale('2027-03-01', '2028-02-29', 100, 466)
    expect(scale.perDay).toBe(1)
    expect(scale.x('2027-03-01')).toBe(100)
    expect(scale.end('2028-02-29')).toBe(466)
    expect(scale.x('2026-01-01')).toBe(100)
    for (const day of ['2027-03-01', '2027-12-31', '2028-02-29'])
      expect(scale.at(scale.x(day) + 0.4)).toBe(day)
    expect(scale.at(9999)).toBe('2028-02-29')
  })
  it('steps over months, years and leap days', () => {
    expect(addDays('2028-02-28', 1)).toBe('2028-02-29')
    expect(addDays('2027-12-31', 1)).toBe('2028-01-01')
    expect(addDays('2027-03-01', -1)).toBe('2027-02-28')
    expect(monthsOf('2027-11-01', '2028-02-29').map((m) => m.name)).toEqual([
      'Nov ’27',
      'Dec',
      'Jan ’28',
      'Feb',
    ])
  })
  it('joins neighbours that look the same, and no others', () => {
    const piece = (from: string, to: string, status: 'go' | 'stop', max_share: number | null) => ({
      from,
      to,
      status,
      max_share,
      reasons: [],
    })
    const joined = runs([
      piece('a', 'b', 'go', 0.2),
      piece('c', 'd', 'go', 0.2),
      piece('e', 'f', 'go', 0.1),
      piece('g', 'h', 'stop', 0),
    ])
    expect(joined.map((r) => [r.from, r.to])).toEqual([
      ['a', 'd'],
      ['e', 'f'],
      ['g', 'h'],
    ])
  })
  it('draws the warmth from the floor up', () => {
    expect(areaPath([0, 2, 1], (i) => i * 10, 100, 50)).toBe(
      'M0.0 100L0.0 100.0L10.0 50.0L20.0 75.0L20.0 100Z',
    )
    expect(areaPath([], (i) => i, 100, 50)).toBe('')
  })
})
