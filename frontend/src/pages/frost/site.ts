/** What is known of frost over a site: its hurt trees, and its cold nights. */
import { api, heed } from '@/api/client'
import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'

const at = (id: Ref<string>) => ({ params: { path: { id: id.value } } })

export const useHurt = (site: Ref<string>) =>
  useQuery({
    queryKey: ['hurt', site],
    queryFn: () => heed(api.GET('/api/sites/{id}/hurt', at(site))),
    enabled: computed(() => !!site.value),
  })

export const useColdNights = (site: Ref<string>) =>
  useQuery({
    queryKey: ['cold-nights', site],
    queryFn: () => heed(api.GET('/api/sites/{id}/cold-nights', at(site))),
    enabled: computed(() => !!site.value),
  })
