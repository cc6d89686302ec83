/** One tree on a day. */
import { api, heed } from '@/api/client'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'

export function useTree(id: Ref<string>, day: Ref<string | undefined>) {
  return useQuery({
    queryKey: ['tree', id, day],
    queryFn: () =>
      heed(
        api.GET('/api/trees/{id}', {
          params: { path: { id: id.value }, query: day.value ? { day: day.value } : {} },
        }),
      ),
    placeholderData: keepPreviousData,
    staleTime: 5_000,
    enabled: computed(() => !!id.value),
  })
}
