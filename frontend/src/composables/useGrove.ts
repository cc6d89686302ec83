/** The holding in plan, and the tree search that stands on it. */
import { api, heed } from '@/api/client'
import { groveOf, type Grove } from '@/api/grove'
import { language } from '@/words'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'

/** What was told last, and in which language: after that only what differs is asked for. */
let told: Grove | null = null
let toldIn = ''

async function ask(): Promise<Grove> {
  if (toldIn !== language.value) told = null
  toldIn = language.value
  const query = told ? { since: told.mark } : {}
  told = groveOf(await heed(api.GET('/api/grove', { params: { query } })), told)
  return told
}

export function useGrove() {
  return useQuery({
    queryKey: ['grove'],
    queryFn: ask,
    placeholderData: keepPreviousData,
    staleTime: 10_000,
    structuralSharing: false,
  })
}
