/** Counted cuts of a tree against its trunk and the day; nothing is saved. */
import { api, heed, type Schemas, type Work } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'

export type CountedCut = Schemas['CountedIn']

/** ready: whether the trunk is known. */
export function useCount(
  tree: () => string,
  cuts: Ref<CountedCut[]>,
  work: Ref<Work>,
  ready: Ref<boolean>,
  day: () => string | undefined = () => undefined,
) {
  const { units } = useSettings()
  const { data, error } = useQuery({
    queryKey: ['count', tree, cuts, work, day, units],
    queryFn: () =>
      heed(
        api.POST('/api/trees/{id}/count', {
          params: { path: { id: tree() } },
          body: { work: work.value, cuts: cuts.value, ...(day() ? { day: day() } : {}) },
        }),
      ),
    enabled: ready,
    placeholderData: keepPreviousData,
    retry: false,
  })
  return { count: data, wrong: computed(() => !!error.value) }
}
