import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Frame, Schemas } from '@/api/client'
import { warmthWords } from '@/geometry/warmth'
import CropYears from './CropYears.vue'
import FrostMarks from './FrostMarks.vue'
import StemRound from './StemRound.vue'

const limb = {
  foliage: 1,
  headed_mm: 0,
  bloom: null,
  flush: null,
  kind: null,
  rise_deg: 90,
  bearing_deg: 0,
  state: 'live' as const,
  fruit: 0,
  measured: true,
  sucker: false,
}
const frame: Frame = {
  id: 'f',
  date: '2027-03-24',
  origin: 'measured',
  drawn: true,
  seq: 1,
  union_m: 0.2,
  trunk_mm: 100,
  trunk_m: 0.5,
  height_m: 2.5,
  spread_m: 2,
  skirt_m: 0.5,
  fruit: 0,
  limbs: [
    {
      ...limb,
      id: 'a',
      on: 'trunk',
      name: 'north limb',
      start: [0, 0, 0.5],
      end: [0, 0, 2.5],
      at_m: 0.5,
      base_mm: 60,
      tip_mm: 20,
      length_m: 2,
    },
    {
      ...limb,
      id: 'b',
      on: 'trunk',
      name: 'east limb',
      start: [0, 0, 0.5],
      end: [1, 0, 0.5],
      at_m: 0.5,
      base_mm: 40,
      tip_mm: 10,
      length_m: 1,
    },
  ],
}
const view = { from: 180, scale: 100, x0: 300, y0: 400 }
const scratch = (over: Partial<Schemas['LimbTestOut']>): Schemas['LimbTestOut'] => ({
  limb: 'a',
  name: 'north limb',
  length_m: 2,
  moved_m: null,
  tested_on: '2027-03-01',
  again_at_m: null,
  readings: [
    { at_m: 0.5, green: true },
    { at_m: 1.5, green: false },
  ],
  found: {
    next_at_m: 1,
    boundary: [0.5, 1.5],
    cut_at_m: null,
    patchy: false,
    scratches_left: 4,
    says: '',
  },
  ...over,
})
const marks = (over: object) =>
  mount(FrostMarks, { props: { frame, view, tests: [scratch({})], selected: 'a', at: 1, ...over } })

describe('scratches on the drawing', () => {
  it('stand where they were made, to scale', () => {
    const spots = marks({}).findAll('circle')
    // half a metre along a limb that starts half a metre up
    expect(spots[0]!.attributes('cy')).toBe('300')
    expect(spots[1]!.attributes('cy')).toBe('200')
    // a limb is drawn bowed by at most a twentieth or so of its length
    for (const spot of spots) expect(Math.abs(Number(spot.attributes('cx')) - 300)).toBeLessThan(12)
  })
  it('tell green from brown without colour', () => {
    const crossed = marks({})
      .findAll('path')
      .filter((p) => p.attributes('d')!.includes('m0 -7'))
    expect(crossed).toHaveLength(1)
  })
  it('hatch dead wood from its edge on, and nothing while all is green', () => {
    const dead = marks({}).find('path[fill="url(#dead)"]').attributes('d')!
    const heights = [...dead.matchAll(/[ML][\d.]+ ([\d.]+)/g)].map((m) => Number(m[1]))
    expect(Math.max(...heights)).toBeCloseTo(200, 0)
    expect(Math.min(...heights)).toBeCloseTo(150, 0)
    const green = scratch({
      readings: [{ at_m: 0.5, green: true }],
      found: { ...scratch({}).found, boundary: [0.5, null] },
    })
    expect(
      marks({ tests: [green] })
        .find('path[fill="url(#dead)"]')
        .exists(),
    ).toBe(false)
  })
  it('ring the next place of the limb in hand only', () => {
    expect(marks({}).findAll('circle[r="13"]')).toHaveLength(2)
    expect(marks({ selected: 'b' }).findAll('circle[r="13"]')).toHaveLength(0)
    expect(marks({ at: null }).findAll('circle[r="13"]')).toHaveLength(0)
  })
  it('leave out a limb that is on no drawing any more', () => {
    expect(marks({ tests: [scratch({ limb: 'gone' })] }).findAll('circle')).toHaveLength(0)
  })
})

describe('a stem from above', () => {
  const test: Schemas['StemTestOut'] = {
    at_m: 0.35,
    readings: [
      { bearing_deg: 0, green: true },
      { bearing_deg: 180, green: false },
    ],
    found: {
      next_bearing_deg: 90,
      live_share: 0.5,
      dead: [{ from_deg: 90, to_deg: 270 }],
      one_sided: true,
      says: 'Dead from east to west.',
    },
    decides: { code: 'bark-decides', text: '', used: {}, catalogue_ids: [] },
  }
  it('says what it draws, and shows the side to scratch next', () => {
    const stem = mount(StemRound, { props: { test, trunk: '101 mm' } })
    expect(stem.attributes('aria-label')).toBe(
      'The trunk from above, 101 mm thick. Dead from east to west.',
    )
    expect(Number(stem.find('circle[r="13"]').attributes('cx'))).toBeCloseTo(62)
    expect(stem.findAll('path[fill="url(#dead)"]')).toHaveLength(1)
  })
  it('is done when nothing is left to scratch', () => {
    const done = { ...test, found: { ...test.found, next_bearing_deg: null } }
    expect(
      mount(StemRound, { props: { test: done, trunk: '101 mm' } })
        .find('circle[r="13"]')
        .exists(),
    ).toBe(false)
  })
})

describe('crops by year', () => {
  const bars = mount(CropYears, { props: { heal: [0, 0.5, 1], replant: [0, 0.25, 1] } })
  it('are columns on one scale', () => {
    const heights = bars.findAll('rect').map((r) => Number(r.attributes('height')))
    expect(heights[4]! / heights[2]!).toBeCloseTo(2)
    expect(heights[2]! / heights[3]!).toBeCloseTo(2)
    expect(heights[0]).toBe(1) // nothing is still drawn
  })
  it('are said in words', () => {
    expect(bars.find('svg').attributes('aria-label')).toContain(
      'brought back: year 1 0 %, year 2 50 %, year 3 100 %',
    )
    expect(warmthWords(0, 'us')).toBe('32.0 °F')
  })
})
