import { beforeEach, describe, expect, it } from 'vitest'
import { expectAnother, heedHome, homeOf, homeSays } from './home'

beforeEach(() => {
  localStorage.clear()
  homeSays.value = null
})

describe('another holding at the address', () => {
  it('is told, but for the one that was asked for here', () => {
    heedHome('one', 'Almirelo', null)
    expectAnother(true)
    heedHome('one', 'Almirelo', null)
    heedHome('two', 'Almirelo', null)
    expect([homeOf(), homeSays.value]).toEqual(['two', null])
    heedHome('three', 'Quinta', null)
    expect([homeOf(), homeSays.value]).toEqual(['three', { other: 'Quinta' }])
  })
})
