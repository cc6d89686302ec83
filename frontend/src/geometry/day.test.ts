import { beforeEach, describe, expect, it } from 'vitest'
import { addDays, dayWords, monthSheet, parseDay, today } from './day'

beforeEach(() => (today.value = '2027-03-24'))

describe('a day as people write it', () => {
  it.each([
    ['30 may', '2027-05-30'],
    ['May 30', '2027-05-30'],
    ['30th of may', null],
    ['30. Mai', null],
    ['1 dec', '2026-12-01'],
    ['dec 1, 2027', '2027-12-01'],
    ['30/5', '2027-05-30'],
    ['30.5.', '2027-05-30'],
    ['5/30', '2027-05-30'],
    ['2027-05-30', '2027-05-30'],
    ['31 feb', null],
    ['29 feb', '2028-02-29'],
    ['29 feb 2028', '2028-02-29'],
    ['tomorrow', '2027-03-25'],
    ['in 3 weeks', '2027-04-14'],
    ['10 days ago', '2027-03-14'],
    ['soon', null],
    ['ma 3', null],
  ])('%s', (typed, day) => expect(parseDay(typed)).toBe(day))

  it('reads figures as the reader writes them', () => {
    expect(parseDay('4/5', { monthFirst: true })).toBe('2027-04-05')
    expect(parseDay('4/5')).toBe('2027-05-04')
  })

  it('takes the year that fits', () => {
    expect(parseDay('20 april', { max: '2027-03-24' })).toBe('2026-04-20')
    expect(parseDay('20 february', { min: '2027-03-25' })).toBe('2028-02-20')
  })
})

it('says the year only where it is not plain', () => {
  expect(dayWords('2027-05-30')).toBe('30 May')
  expect(dayWords('2026-06-01')).toBe('1 Jun')
  expect(dayWords('2028-03-24')).toBe('24 Mar 2028')
  expect(dayWords('2026-03-24')).toBe('24 Mar 2026')
})

it('lays a month out by weekdays', () => {
  const sheet = monthSheet('2027-03', false)
  expect(sheet.indexOf('2027-03-24') % 7).toBe(2)
  expect(monthSheet('2027-03', true).indexOf('2027-03-24') % 7).toBe(3)
  expect(sheet.at(-1)).toBe('2027-03-31')
  expect(addDays('2027-03-31', 1)).toBe('2027-04-01')
})
