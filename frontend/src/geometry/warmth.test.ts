import { describe, expect, it } from 'vitest'
import { parseWarmth, spreadWords, warmthWords } from './warmth'

describe('temperatures', () => {
  it('are read as people type them', () => {
    expect(parseWarmth('-4,5', 'metric')).toBe(-4.5)
    expect(parseWarmth('−4.5 °C', 'us')).toBe(-4.5)
    expect(parseWarmth('24', 'us')).toBeCloseTo(-4.44)
    expect(parseWarmth('24f', 'metric')).toBeCloseTo(-4.44)
  })
  it('are refused where they cannot be read', () => {
    for (const typed of ['', 'cold', '-4-5', '4 5']) expect(parseWarmth(typed, 'metric')).toBeNull()
  })
  it('are said in the reader’s degrees', () => {
    expect(warmthWords(-4.44, 'us')).toBe('24.0 °F')
    expect(warmthWords(-4.5, 'metric')).toBe('−4.5 °C')
    expect([spreadWords(1.5, 'metric'), spreadWords(1.5, 'us')]).toEqual(['1.5 °C', '2.7 °F'])
  })
})
