import { describe, expect, it } from 'vitest'
import { piecesOf, type Term } from './useTerms'

const term = (id: string, word: string, ...also: string[]): Term => ({ id, word, also, says: '' })
const TERMS = [term('union', 'graft union', 'union'), term('sprout', 'water sprout', 'sprouts')]
const marked = (text: string, free: (term: Term) => boolean = () => true) =>
  piecesOf(text, TERMS, free).flatMap((p) => (p.term ? [`${p.term.id}:${p.text}`] : []))

describe('terms in a sentence', () => {
  it('marks each once, the longest form first', () =>
    expect(marked('Below the graft union; the union, and Sprouts.')).toEqual([
      'union:graft union',
      'sprout:Sprouts',
    ]))
  it('leaves parts of other words alone', () => expect(marked('reunions, sproutsome')).toEqual([]))
  it('leaves alone what is explained elsewhere', () =>
    expect(marked('the union', () => false)).toEqual([]))
  it('loses no letter', () =>
    expect(
      piecesOf('a union b', TERMS, () => true)
        .map((p) => p.text)
        .join(''),
    ).toBe('a union b'))
})
