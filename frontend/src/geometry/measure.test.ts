import { describe, expect, it } from 'vitest'
import {
  diameterWords,
  heapWords,
  inUnits,
  parseWeight,
  volumeWords,
  lengthToTip,
  lengthWords,
  parseDirection,
  parseLength,
  parseSlope,
  shareWords,
} from './measure'

describe('lengths as people speak them', () => {
  it.each([
    ["7'6", 'm', 2.286],
    ['7\'6"', 'm', 2.286],
    ['6 ft 2', 'm', 1.8796],
    ['6 ft 2 in', 'm', 1.8796],
    ['2.3m', 'ft', 2.3],
    ['2,3 m', 'ft', 2.3],
    ['1m40', 'ft', 1.4],
    ['3/4"', 'mm', 0.01905],
    ['1 3/4 in', 'mm', 0.04445],
    ['19 mm', 'm', 0.019],
    ['19', 'mm', 0.019],
    ['2.1', 'm', 2.1],
    ['7', 'ft', 2.1336],
    ['.5', 'm', 0.5],
  ] as const)('reads %s in a field of %s', (typed, bare, metres) => {
    expect(parseLength(typed, bare)).toBeCloseTo(metres, 5)
  })
  it.each(['', 'tall', '7"6\'', '2 m 3 m', '3/0"', '1 2 3', '5 stone', '-2'])(
    'does not read %s',
    (typed) => {
      expect(parseLength(typed, 'm')).toBeNull()
    },
  )
  it('says them back', () => {
    expect(lengthWords(2.286, 'us')).toBe('7\'6"')
    expect(lengthWords(2.286, 'metric')).toBe('2.29 m')
    expect(diameterWords(19.05, 'us')).toBe('3/4"')
    expect(diameterWords(41.3, 'us')).toBe('1 5/8"')
    expect(shareWords(0.0612)).toBe('6.1 %')
  })
})

describe('directions', () => {
  it('reads winds, degrees and the clock', () => {
    expect(parseDirection('NE', 180)).toBe(45)
    expect(parseDirection('south-west', 180)).toBe(225)
    expect(parseDirection('240°', 180)).toBe(240)
    expect(parseDirection('240', 180)).toBe(240)
    // from the south, three o'clock is to the right: east
    expect(parseDirection('3', 180)).toBe(90)
    expect(parseDirection("12 o'clock", 180)).toBe(0)
    expect(parseDirection('3', 90)).toBe(0)
    expect(parseDirection('up there', 180)).toBeNull()
    expect(parseDirection('400°', 180)).toBeNull()
  })
  it('reads slopes', () => {
    expect(parseSlope('steep')).toBe(60)
    expect(parseSlope('35°')).toBe(35)
    expect(parseSlope('-20')).toBe(-20)
    expect(parseSlope('95')).toBeNull()
    expect(parseSlope('wild')).toBeNull()
  })
  it('finds the length from the height of the tip', () => {
    expect(lengthToTip(0.5, 2, 30)).toBeCloseTo(3)
    expect(lengthToTip(0.5, 2, 0)).toBeNull()
    expect(lengthToTip(2, 1, 40)).toBeNull()
  })
})

describe('weights, heaps and tanks', () => {
  it('reads a weight in the units of the reader, or in those it bears', () => {
    expect(parseWeight('38,5', 'metric')).toBe(38.5)
    expect(parseWeight('100', 'us')).toBeCloseTo(45.36, 2)
    expect(parseWeight('20 kg', 'us')).toBe(20)
    expect(parseWeight('10 lb', 'metric')).toBeCloseTo(4.536, 3)
    expect(parseWeight('much', 'us')).toBeNull()
  })
  it('says them back', () => {
    expect(heapWords(0.5, 'us')).toBe('17.7 cu ft')
    expect(volumeWords(38, 'us')).toBe('10 gallons')
    expect(inUnits(0.9, 'm', 'us')).toEqual([2.95, 'ft'])
    expect(inUnits(0.2, 'share of canopy', 'us')).toEqual([0.2, 'share of canopy'])
  })
})
