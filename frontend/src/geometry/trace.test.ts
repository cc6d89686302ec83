import { expect, test } from 'vitest'
import {
  bearingOf,
  changed,
  due,
  dueSecond,
  touched,
  turnOf,
  untouched,
  within,
  zoomed,
  type Step,
  type Touch,
} from './trace'

function touch(times: [Step, Touch][], byTree = false) {
  let t = untouched()
  for (const [step, at] of times) {
    expect(due(t, byTree, step === 'across')).toBe(step)
    t = touched(t, step, at, 'm1')
  }
  return t
}

test('touches come in order: foot, top, scale, trunk, then limb by limb', () => {
  const t = touch([
    ['foot', [500, 800]],
    ['top', [510, 100]],
    ['low', [600, 800]],
    ['high', [600, 500]],
    ['trunk', [490, 750]],
    ['trunk', [512, 750]],
    ['fork', [500, 600]],
    ['tip', [300, 300]],
    ['across', [495, 590]],
    ['across', [505, 600]],
    ['fork', [400, 450]],
  ])
  expect(t.trunk.across).toEqual([
    [490, 750],
    [512, 750],
  ])
  expect(t.limbs.map((l) => [l.id, l.tip])).toEqual([
    ['m1', [300, 300]],
    ['m2', null],
  ])
  expect(t.limbs[0]!.thick.across![1]).toEqual([505, 600])
})

test('with the tree itself as the scale its ends are not asked', () => {
  const t = touch(
    [
      ['foot', [500, 800]],
      ['top', [510, 100]],
    ],
    true,
  )
  expect(due(t, true, false)).toBe('trunk')
})

test('a limb that was taken out leaves its name free', () => {
  let t = touched(touched(untouched(), 'fork', [1, 1]), 'tip', [2, 2])
  t = touched(touched(t, 'fork', [3, 3]), 'tip', [4, 4])
  t = { ...t, limbs: t.limbs.filter((l) => l.id !== 'm1') }
  expect(touched(t, 'fork', [5, 5]).limbs.map((l) => l.id)).toEqual(['m2', 'm1'])
  expect(changed(t, 'm2', { thick: { class: 'thumb' } }).limbs[0]!.thick.class).toBe('thumb')
})

test('a second picture asks for its scale, then for every tip that was not left out', () => {
  const t = touched(touched(untouched(), 'fork', [1, 1]), 'tip', [2, 2])
  const two = touched(touched(t, 'fork', [3, 3]), 'tip', [4, 4]).limbs
  const scale = ['foot', 'low', 'high'].map((what) => ({ what, at: [0, 0] as Touch }))
  expect(dueSecond([], two, [])).toBe('foot')
  expect(dueSecond(scale, two, [])).toBe('m1')
  expect(dueSecond(scale, two, ['m1'])).toBe('m2')
  expect(dueSecond([...scale, { what: 'm2', at: [5, 5] }], two, ['m1'])).toBeNull()
})

test('seen from the south, right is east and away is north', () => {
  const limb = { id: 'a', fork: [0, 0], tip: [9, 0], thick: {}, bearing_deg: null } as const
  const right = { ...limb, fork: [0, 0] as Touch, tip: [9, 0] as Touch }
  const left = { ...right, tip: [-9, 0] as Touch }
  expect(bearingOf(right, 180, 0)).toBe(90)
  expect(bearingOf(right, 180, 50)).toBe(40)
  expect(bearingOf(left, 180, 0)).toBe(270)
  expect(bearingOf(left, 180, 50)).toBe(320)
  for (const from of [0, 75, 180, 300])
    for (const deg of [-50, -25, 0, 25, 50])
      for (const side of [right, left]) {
        const said = { ...side, bearing_deg: bearingOf(side, from, deg) }
        expect(turnOf(said, from)).toBeCloseTo(deg)
      }
})

test('a zoom keeps the place under the finger and never leaves the picture', () => {
  const whole = { x: 0, y: 0, w: 1200, h: 900 }
  const near = zoomed(whole, 2, [300, 300], 1200, 900)
  expect(near).toEqual({ x: 150, y: 150, w: 600, h: 450 })
  expect(zoomed(near, 0.1, [300, 300], 1200, 900)).toEqual(whole)
  expect(within({ x: -50, y: 800, w: 600, h: 450 }, 1200, 900)).toEqual({
    x: 0,
    y: 450,
    w: 600,
    h: 450,
  })
})
