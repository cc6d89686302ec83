import { expect, it } from 'vitest'
import { rowsWords } from './rows'

it('says neighbouring rows as a span', () => {
  expect(rowsWords([1, 2, 3, 4, 7])).toBe('1 to 4, 7')
  expect(rowsWords([1, 2, 5])).toBe('1, 2, 5')
  expect(rowsWords([6])).toBe('6')
})
