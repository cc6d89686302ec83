/** People who work on the holding, asked for once. */
import { api, heed } from '@/api/client'
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'

export function usePeople() {
  const { data, isFetched: fetched } = useQuery({
    queryKey: ['people'],
    queryFn: () => heed(api.GET('/api/people')),
    staleTime: 60_000,
  })
  return {
    fetched,
    people: computed(() => data.value?.people ?? []),
    /** What not everybody may do, as one says it. */
    skills: computed(() => data.value?.skills ?? []),
    /** How quickly somebody works, as one says it. */
    paces: computed(() => data.value?.paces ?? []),
  }
}
