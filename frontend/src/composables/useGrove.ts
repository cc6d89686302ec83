/** The holding in plan, and the tree search that stands on it. */
import { api, heed } from '@/api/client'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'

export function useGrove() {
  return useQuery({
    queryKey: ['grove'],
    queryFn: () => heed(api.GET('/api/grove', { params: { query: {} } })),
    placeholderData: keepPreviousData,
    staleTime: 10_000,
  })
}
