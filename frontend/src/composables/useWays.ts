/** The ways of renewal there are, as Billhook knows them. */
import { api, heed } from '@/api/client'
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'

export function useWays() {
  const { data } = useQuery({
    queryKey: ['ways'],
    queryFn: () => heed(api.GET('/api/ways')),
    staleTime: Infinity,
  })
  const ways = computed(() => data.value?.ways ?? [])
  return { ways, wayOf: (id: string) => ways.value.find((w) => w.id === id) }
}
