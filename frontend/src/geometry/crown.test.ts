import type { Frame } from '@/api/client'
import { expect, test } from 'vitest'
import { crownLine } from './crown'

const limb = (id: string, end: readonly [number, number, number], more = {}) => ({
  id,
  start: [0, 0, 0.6],
  end,
  state: 'live',
  sucker: false,
  ...more,
})
const view = { from: 180, scale: 100, x0: 200, y0: 300 }
const frame = (limbs: object[]) => ({ limbs }) as unknown as Frame
const around = [limb('a', [1, 0, 1.2]), limb('b', [0, 0, 2.5]), limb('c', [-1, 0, 1.2])]

test('the line keeps outside every end and above the ground', () => {
  const found = crownLine(frame(around), view)
  const numbers = [...found.matchAll(/[MQ ]?(-?\d+\.\d) (-?\d+\.\d)/g)].map((m) => [
    Number(m[1]),
    Number(m[2]),
  ])
  const ys = numbers.map((p) => p[1]!)
  const xs = numbers.map((p) => p[0]!)
  expect(Math.min(...ys)).toBeLessThan(300 - 250)
  expect(Math.max(...ys)).toBeLessThan(300)
  expect(Math.min(...xs)).toBeLessThan(100)
  expect(Math.max(...xs)).toBeGreaterThan(300)
})

test('dead wood and suckers have no part in it', () => {
  const more = [
    ...around,
    limb('dead', [0, 0, 9], { state: 'dead' }),
    limb('sucker', [9, 0, 1], { sucker: true }),
  ]
  expect(crownLine(frame(more), view)).toBe(crownLine(frame(around), view))
  expect(crownLine(frame([around[0]!]), view)).toBe('')
})
