import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Frame, Grove } from '@/api/client'
import GrovePlan from './GrovePlan.vue'
import ShareMeasure from './ShareMeasure.vue'
import TreeElevation from './TreeElevation.vue'

const limb = {
  foliage: 1,
  headed_mm: 0,
  kind: null,
  bloom: null,
  flush: null,
  tip_mm: 6,
  rise_deg: 90,
  bearing_deg: 0,
}
const frame: Frame = {
  id: 'f',
  date: '2027-03-24',
  origin: 'measured',
  drawn: true,
  seq: 1,
  union_m: 0.2,
  trunk_mm: 100,
  trunk_m: 0.6,
  height_m: 2.6,
  spread_m: 2,
  skirt_m: 0.5,
  fruit: 3,
  limbs: [
    {
      ...limb,
      id: 'a',
      on: 'trunk',
      name: 'north limb',
      start: [0, 0, 0.6],
      end: [0, 0, 2.6],
      at_m: 0.6,
      base_mm: 60,
      length_m: 2,
      state: 'live',
      fruit: 3,
      measured: true,
      sucker: false,
    },
    {
      ...limb,
      id: 'd',
      on: 'a',
      name: 'dead',
      start: [0, 0, 1.6],
      end: [0.5, 0, 1.6],
      at_m: 1,
      base_mm: 20,
      length_m: 0.5,
      state: 'dead',
      fruit: 0,
      measured: true,
      sucker: false,
    },
    {
      ...limb,
      id: 'k',
      on: 'trunk',
      name: 'sucker',
      start: [0, 0, 0.1],
      end: [0, 0, 0.5],
      at_m: 0.1,
      base_mm: 10,
      length_m: 0.4,
      state: 'live',
      fruit: 0,
      measured: false,
      sucker: true,
    },
  ],
}
const view = {
  frame,
  units: 'metric' as const,
  from: 180,
  width: 752,
  height: 700,
  cap: 2.2,
  reach: 2.05,
}

describe('the elevation', () => {
  it('names its pointers in the units of the day', () => {
    const text = mount(TreeElevation, { props: view }).text()
    for (const words of ['wanted 2.20 m', 'reach 2.05 m', 'skirt 0.50 m', 'union 0.20 m', '60 mm'])
      expect(text).toContain(words)
    expect(mount(TreeElevation, { props: { ...view, units: 'us' } }).text()).toContain(
      'wanted 7\'3"',
    )
  })
  it('hatches dead wood and breaks the lines of what was not measured', () => {
    const html = mount(TreeElevation, { props: view }).html()
    expect(html.match(/url\(#dead\)/g)).toHaveLength(1)
    expect(html.match(/stroke-dasharray="7 3"/g)).toHaveLength(1)
  })
  it('draws what goes as a ghost and empties its fruit', () => {
    const before = mount(TreeElevation, { props: view })
    const after = mount(TreeElevation, {
      props: { ...view, cuts: [{ limb: 'a', keep_m: 1 }], gone: ['d'], afterHeight: 1.6 },
    })
    expect(before.html()).not.toContain('stroke-dasharray="4 4"')
    expect(after.html().match(/stroke-dasharray="4 4"/g)).toHaveLength(2)
    expect(after.html().match(/stroke-dasharray="2 2"/g)).toHaveLength(3)
    expect(after.text()).toContain('after 1.60 m')
    expect(after.findAll('[data-flag]')).toHaveLength(1)
  })
  it('lets every limb be picked, and none on a printed sheet', () => {
    expect(mount(TreeElevation, { props: view }).findAll('[data-limb]')).toHaveLength(3)
    expect(
      mount(TreeElevation, { props: { ...view, plain: true } }).findAll('[data-limb]'),
    ).toHaveLength(0)
  })
})

describe('the measure', () => {
  const props = {
    pieces: [
      { n: 1, share: 0.04 },
      { n: 2, share: 0 },
      { n: 3, share: 0.06 },
    ],
    limit: 0.05,
    limitSays: 'today 5 %',
    year: 0.2,
    used: 0.05,
  }
  it('says in words what it draws', () => {
    expect(mount(ShareMeasure, { props }).attributes('aria-label')).toBe(
      '10 % marked, today 5 %, this year 20 %',
    )
  })
  it('turns to tape where the limit is passed, and leaves out what costs nothing', () => {
    const html = mount(ShareMeasure, { props }).html()
    expect(html.match(/fill="var\(--leaf\)"/g)).toHaveLength(1)
    expect(html.match(/fill="var\(--tape\)"/g)).toHaveLength(1)
  })
})

describe('the plan', () => {
  const tree = {
    row_id: 'r',
    species: 'mango',
    cultivar: null,
    kind_name: 'Mango',
    pot_l: null,
    planted_year: 2015,
    height_m: 3,
    spread_m: 3,
    tone: 'go',
    need: '',
    need_alike: '',
    need_kind: 'thin',
    need_by: null,
  } as const
  const grove = {
    holding: 'H',
    units: 'metric',
    day: '2027-03-24',
    sites: [],
    gaps: [{ row_id: 'r', x: 8, y: 0 }],
    blocks: [
      {
        id: 'b',
        site_id: 's',
        name: 'Baixo',
        kind: 'orchard',
        offset_c: -1.5,
        frost_pocket: true,
        cap_m: null,
      },
    ],
    rows: [{ id: 'r', block_id: 'b', n: 4, kind: 'trees' }],
    trees: [
      { ...tree, id: '1', name: 'Baixo 4·1', x: 0, y: 0, measured: true },
      { ...tree, id: '2', name: 'Baixo 4·2', x: 4, y: 0, measured: false },
    ],
  } as unknown as Grove
  it('names its blocks, says the cold air, and takes a touch for the tree under it', async () => {
    const wrapper = mount(GrovePlan, {
      props: { grove, siteId: 's', width: 868, height: 720, selected: '1', units: 'metric' },
    })
    expect(wrapper.text()).toContain('cold air lies here, 1.5 °C under the station')
    expect(wrapper.get('a').attributes('href')).toBe('/block/b')
    const ring = wrapper.get('circle[stroke="var(--tape)"]').attributes()
    const frame = wrapper.element as HTMLElement
    frame.getBoundingClientRect = () => new DOMRect(0, 0, 868, 720)
    await wrapper.trigger('click', { clientX: Number(ring.cx) + 3, clientY: Number(ring.cy) })
    expect(wrapper.emitted('pick')![0]).toMatchObject([{ id: '1' }])
  })
})
