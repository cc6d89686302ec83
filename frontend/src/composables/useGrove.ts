/** The holding in plan, and the tree search that stands on it. */
import { api, heed } from '@/api/client'
import { groveOf, type Grove } from '@/api/grove'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'

/** What was told last: after that only what differs is asked for. */
let told: Grove | null = null

async function ask(): Promise<Grove> {
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
