import type { Grove } from '@/api/grove'
import { groveOf } from '@/api/grove'
import { describe, expect, it } from 'vitest'
import { apart, inside, lassoed, layerAt, runsOf, sceneOf } from './scene'

const columns = (tones: string[], ids: string[]) =>
  ({
    mark: 'b',
    since: null,
    gone: [],
    sites: [],
    blocks: [{ id: 'b', site_id: 's', name: 'Baixo', frost_pocket: false }],
    rows: [
      { id: 'r1', block_id: 'b', n: 1, kind: 'trees' },
      { id: 'r2', block_id: 'b', n: 2, kind: 'hedgerow' },
    ],
    gaps: [],
    kinds: [{ species: 'mango', cultivar: null, kind_name: 'mango' }],
    needs: ['go', 'wait'].map((tone) => ({ tone, need: tone, need_alike: tone })),
    trees: {
      id: ids,
      name: ids,
      row: ids.map((_, i) => (i < 3 ? 0 : 1)),
      x: ids.map((_, i) => (i % 3) * 4),
      y: ids.map((_, i) => (i < 3 ? 0 : -6)),
      kind: ids.map(() => 0),
      pot_l: ids.map(() => null),
      planted_year: ids.map(() => 2015),
      height_m: ids.map(() => 3),
      spread_m: ids.map(() => 3),
      measured: ids.map(() => false),
      needs: tones.map((t) => (t === 'go' ? 0 : 1)),
    },
  }) as unknown as Parameters<typeof groveOf>[0]
const IDS = ['1', '2', '3', '4', '5', '6']
const whole = groveOf(columns(['go', 'go', 'wait', 'wait', 'go', 'go'], IDS), null)

describe('the grove as it comes', () => {
  it('is read tree by tree', () => {
    expect(whole.trees[2]).toMatchObject({ id: '3', row_id: 'r1', tone: 'wait', x: 8 })
    expect(whole.trees[3]!.row_id).toBe('r2')
  })
  it('takes in what differs, and leaves out what is gone', () => {
    const told = { ...columns(['wait'], ['5']), since: 'b', mark: 'c', gone: ['1'] }
    const now = groveOf(told as Parameters<typeof groveOf>[0], whole)
    expect(now.trees.map((t) => t.id)).toEqual(['2', '3', '4', '5', '6'])
    expect(now.trees.find((t) => t.id === '5')!.tone).toBe('wait')
    expect(now.trees.find((t) => t.id === '6')).toBe(whole.trees[5])
  })
  it('is taken whole where it differs from what this page never had', () => {
    const told = { ...columns(['go'], ['9']), since: 'a', mark: 'c' }
    const now: Grove = groveOf(told as Parameters<typeof groveOf>[0], whole)
    expect(now.trees.map((t) => t.id)).toEqual(['9'])
  })
})

describe('the scene', () => {
  const scene = sceneOf(whole, 's')
  it('finds the nearest tree within reach, and those in a box', () => {
    expect(scene.nearest(4.5, 0.2, 3)?.id).toBe('2')
    expect(scene.nearest(40, 0, 3)).toBeUndefined()
    expect(scene.within(-1, -1, 5, 1).sort()).toEqual([0, 1])
    expect(scene.hedged).toEqual(new Set(['r2']))
  })
  it('shows trees near by, then rows, then blocks', () => {
    const at = (scale: number) => layerAt(scene, { scale, dx: 0, dy: 0 })
    expect([at(10), at(1), at(0.1)]).toEqual(['tree', 'row', 'block'])
  })
  it('chooses what a line goes round', () => {
    const round = [
      { x: -1, y: 1 },
      { x: 5, y: 1 },
      { x: 5, y: -7 },
      { x: 3, y: -7 },
      { x: 3, y: -2 },
      { x: -1, y: -2 },
    ]
    expect(lassoed(scene, round).map((t) => t.id)).toEqual(['1', '2', '5'])
    expect(inside({ x: 0, y: -6 }, round)).toBe(false)
  })
  it('gathers runs along a row', () => {
    expect(runsOf([0, 1, 2], (n) => whole.trees[n]!.tone)).toEqual([
      { of: 'go', from: 0, to: 1 },
      { of: 'wait', from: 2, to: 2 },
    ])
  })
  it('never writes one label on another', () => {
    const label = (x: number, y: number) => ({ x, y, w: 20, h: 10 })
    const many = Array.from({ length: 200 }, (_, i) => label((i * 37) % 300, (i * 53) % 200))
    const shown = apart(many, [label(0, 0)])
    expect(shown.length).toBeGreaterThan(20)
    for (const a of [label(0, 0), ...shown])
      for (const b of shown)
        if (a !== b)
          expect(a.x >= b.x + 20 || b.x >= a.x + 20 || a.y >= b.y + 10 || b.y >= a.y + 10).toBe(
            true,
          )
  })
})
