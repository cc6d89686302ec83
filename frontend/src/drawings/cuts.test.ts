import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import CutDrawing from './CutDrawing.vue'
import RowSection from './RowSection.vue'

type Drawing = Schemas['CutDrawingOut']
const drawing: Drawing = {
  wrong: [],
  not_so: [],
  bar_m: 0.1,
  pieces: [
    { role: 'parent', x0: -0.1, y0: -0.2, x1: -0.1, y1: 0.2, start_w: 0.2, end_w: 0.2 },
    { role: 'limb', x0: 0, y0: 0, x1: 0.6, y1: 0.3, start_w: 0.09, end_w: 0.08 },
  ],
  strokes: [
    { n: 1, kind: 'under', x0: 0.27, y0: 0.08, x1: 0.26, y1: 0.1, deep: 0.3 },
    { n: 2, kind: 'top', x0: 0.28, y0: 0.2, x1: 0.32, y1: 0.1, deep: 1 },
    { n: 3, kind: 'last', x0: 0.02, y0: 0.06, x1: 0.06, y1: -0.03, deep: 1 },
  ],
}
const cutProps = { drawing, units: 'metric' as const, says: 'the east limb, seen from the side' }
const points = (html: string) =>
  [...html.matchAll(/points="([^"]+)"/g)].map((m) =>
    m[1]!.split(' ').map((p) => p.split(',').map(Number)),
  )

describe('a cut drawn to scale', () => {
  it('says in words what it draws, and numbers the strokes in their order', () => {
    const svg = mount(CutDrawing, { props: cutProps })
    expect(svg.attributes('aria-label')).toBe('the east limb, seen from the side')
    expect(svg.findAll('.n').map((t) => t.text())).toEqual(['1', '2', '3'])
    expect(svg.text()).toContain('100 mm')
  })
  it('keeps one scale across and up, the bar with it', () => {
    const svg = mount(CutDrawing, { props: cutProps })
    const [parent] = points(svg.html())
    const xs = parent!.map((p) => p[0]!)
    const ys = parent!.map((p) => p[1]!)
    const perMetre = (Math.max(...xs) - Math.min(...xs)) / 0.2
    expect((Math.max(...ys) - Math.min(...ys)) / 0.4).toBeCloseTo(perMetre, 5)
    const bar = svg.find('.bar')
    expect(Number(bar.attributes('x2')) - Number(bar.attributes('x1'))).toBeCloseTo(
      perMetre * 0.1,
      5,
    )
  })
  it('stays within its picture', () => {
    for (const corner of points(mount(CutDrawing, { props: cutProps }).html()).flat()) {
      expect(corner[0]).toBeGreaterThanOrEqual(0)
      expect(corner[0]).toBeLessThanOrEqual(210)
      expect(corner[1]).toBeGreaterThanOrEqual(0)
      expect(corner[1]).toBeLessThanOrEqual(150)
    }
  })
  it('leaves the number away where there is one stroke', () => {
    const one = { ...drawing, strokes: [drawing.strokes[2]!] }
    expect(mount(CutDrawing, { props: { ...cutProps, drawing: one } }).findAll('.n')).toHaveLength(
      0,
    )
  })
})

const wall = { height_m: 3, base_width_m: 2.4, top_width_m: 1.6, skirt_m: 0.6 }
const sectionProps = {
  now: { ...wall, height_m: 3.6 },
  cut: wall,
  spacing: 4.5,
  units: 'metric' as const,
  view: null,
  step: null,
  rows: [1, 2, 3],
  facings: ['faces S', 'faces N'],
}

describe('rows in section', () => {
  it('names rows, spacing and alley in the units of the day', () => {
    const text = mount(RowSection, { props: sectionProps }).text()
    for (const words of ['row 1', 'row 2', 'row 3', '4.50 m', 'alley 2.10 m', 'faces S', 'faces N'])
      expect(text).toContain(words)
    expect(mount(RowSection, { props: { ...sectionProps, units: 'us' } }).text()).toContain(
      '14\'9"',
    )
  })
  it('moves its wall by keyboard: the roof down, the foot out, never past each other', async () => {
    const section = mount(RowSection, { props: sectionProps })
    await section.find('[data-handle="roof"]').trigger('keydown', { key: 'ArrowDown' })
    await section.find('[data-handle="foot"]').trigger('keydown', { key: 'ArrowRight' })
    await section.find('[data-handle="shoulder"]').trigger('keydown', { key: 'ArrowLeft' })
    const moved = section.emitted('drag')!.map((e) => e[0] as Partial<typeof wall>)
    expect(moved[0]).toEqual({ height_m: 2.95 })
    expect(moved[1]!.base_width_m).toBeCloseTo(2.5, 5)
    expect(moved[2]!.top_width_m).toBeCloseTo(1.5, 5)
  })
  it('never lets the roof under the skirt nor the foot over the alley', async () => {
    const low = mount(RowSection, { props: { ...sectionProps, cut: { ...wall, height_m: 0.9 } } })
    await low.find('[data-handle="roof"]').trigger('keydown', { key: 'ArrowDown' })
    expect((low.emitted('drag')![0]![0] as { height_m: number }).height_m).toBeCloseTo(0.9, 5)
    const wide = mount(RowSection, {
      props: { ...sectionProps, cut: { ...wall, base_width_m: 4.2 } },
    })
    await wide.find('[data-handle="foot"]').trigger('keydown', { key: 'ArrowRight' })
    expect(
      (wide.emitted('drag')![0]![0] as { base_width_m: number }).base_width_m,
    ).toBeLessThanOrEqual(4.2)
  })
  it('tells a screen reader what each handle holds', () => {
    const roof = mount(RowSection, { props: sectionProps }).find('[data-handle="roof"]')
    expect(roof.attributes('aria-valuetext')).toBe('Roof, 3.00 m')
    expect(roof.attributes('role')).toBe('slider')
  })
})
