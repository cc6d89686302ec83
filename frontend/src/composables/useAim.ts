/** How high a tree is wanted, by the nearest that says so. */
import { api, heed } from '@/api/client'
import { useQuery } from '@tanstack/vue-query'
import type { Ref } from 'vue'
import { useSettings } from './useSettings'

export const useAim = (id: Ref<string>) =>
  useQuery({
    queryKey: ['aim', id, useSettings().units],
    queryFn: () => heed(api.GET('/api/trees/{id}/aim', { params: { path: { id: id.value } } })),
  })
