/**
 * Long work that is going on here: how far it is, on whatever page one is. A page that begins some
 * says so; it may be left, and what it came to waits.
 */
import { api, heed, type Schemas } from '@/api/client'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useSessionStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'

export type Long = Schemas['LongOut']
const OFTEN_MS = 700
/** How much of it was begun on this page and is not answered yet. */
const begun = ref(0)
/** What came to its end, and somebody has seen. */
const seen = useSessionStorage<string[]>('billhook-long-seen', [])

/** Runs it while its way is shown. */
export async function longWork<T>(run: () => Promise<T>): Promise<T> {
  begun.value++
  try {
    return await run()
  } finally {
    begun.value--
  }
}

export function useLong() {
  const queries = useQueryClient()
  const { data } = useQuery({
    queryKey: ['progress'],
    queryFn: () => heed(api.GET('/api/progress')),
    // asked once, and again and again while something goes on
    refetchInterval: (query) =>
      begun.value || query.state.data?.works.some((w) => w.state === 'going') ? OFTEN_MS : false,
  })
  watch(begun, () => void queries.invalidateQueries({ queryKey: ['progress'] }))
  const going = computed(() => (data.value?.works ?? []).filter((w) => w.state === 'going'))
  const ended = computed(() =>
    (data.value?.works ?? []).filter((w) => w.state === 'done' && !seen.value.includes(w.id)),
  )
  const heard = (id: string) => (seen.value = [...seen.value.slice(-20), id])
  return { going, ended, heard }
}
