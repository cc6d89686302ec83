import { describe, expect, it } from 'vitest'
import {
  dayWords,
  diameterWords,
  lengthToTip,
  lengthWords,
  monthDayWords,
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
    expect(dayWords('2026-11-05')).toBe('5 Nov 2026')
    expect(monthDayWords('03-05')).toBe('5 Mar')
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
