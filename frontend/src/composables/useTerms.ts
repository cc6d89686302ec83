/** Words of the trade that are explained where they first stand on a page. */
import { api, heed, type Schemas } from '@/api/client'
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'

export type Term = Schemas['TermOut']
export interface Piece {
  text: string
  term?: Term
}

const escaped = (word: string) => word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')

/** A text in pieces, each term that `free` lets through marked once. */
export function piecesOf(text: string, terms: Term[], free: (term: Term) => boolean): Piece[] {
  const byForm = new Map(terms.flatMap((t) => [t.word, ...t.also].map((f) => [f, t] as const)))
  if (!byForm.size) return [{ text }]
  const forms = [...byForm.keys()].sort((a, b) => b.length - a.length).map(escaped)
  const pieces: Piece[] = []
  const marked = new Set<string>()
  let at = 0
  for (const match of text.matchAll(
    new RegExp(`(?<!\\p{L})(?:${forms.join('|')})(?!\\p{L})`, 'giu'),
  )) {
    const term = byForm.get(match[0].toLowerCase())
    if (!term || marked.has(term.id) || !free(term)) continue
    marked.add(term.id)
    if (match.index > at) pieces.push({ text: text.slice(at, match.index) })
    pieces.push({ text: match[0], term })
    at = match.index + match[0].length
  }
  if (at < text.length) pieces.push({ text: text.slice(at) })
  return pieces
}

/** Who on the page explains a term: the first that says it. */
const explained = new Map<string, symbol>()

export function useTerms() {
  const { data, isFetched: fetched } = useQuery({
    queryKey: ['glossary'],
    queryFn: () => heed(api.GET('/api/glossary')),
    staleTime: Infinity,
  })
  const terms = computed(() => data.value?.terms ?? [])
  /** Take the explaining of a term, unless somebody has it already. */
  const take = (me: symbol) => (term: Term) => {
    const who = explained.get(term.id)
    if (who === undefined) explained.set(term.id, me)
    return who === undefined || who === me
  }
  const leave = (me: symbol) => {
    for (const [id, who] of explained) if (who === me) explained.delete(id)
  }
  return { terms, fetched, take, leave }
}
