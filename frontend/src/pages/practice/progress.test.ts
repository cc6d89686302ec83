import { expect, test } from 'vitest'
import { daysOn, nextOf, taken } from './progress'

test('what went wrong comes back, later each time, and what was right does not', () => {
  const once = taken({}, 'a', false, '2027-03-30', [1, 3, 7])
  expect(once.a).toEqual({ right: false, times: 1, again: '2027-03-31' })
  const twice = taken(once, 'a', false, '2027-03-31', [1, 3, 7])
  expect(twice.a!.again).toBe('2027-04-03')
  const right = taken(twice, 'a', true, '2027-04-03', [1, 3, 7])
  expect(right.a).toEqual({ right: true, times: 3, again: null })
  expect(daysOn('2028-02-28', 1)).toBe('2028-02-29')
})

test('what is due again comes before what is new', () => {
  const wrong = taken({}, 'b', false, '2027-03-30', [1, 3, 7])
  expect(nextOf(['a', 'b', 'c'], wrong, '2027-03-30')).toBe('a')
  expect(nextOf(['a', 'b', 'c'], wrong, '2027-03-31')).toBe('b')
  const all = ['a', 'b', 'c'].reduce((p, id) => taken(p, id, true, '2027-03-30', [1, 3, 7]), {})
  expect(nextOf(['a', 'b', 'c'], all, '2027-04-30')).toBe(null)
})
