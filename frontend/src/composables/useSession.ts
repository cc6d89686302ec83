/**
 * Who is signed in. On one computer alone nobody has to; what this device knew last holds while
 * Billhook does not answer.
 */
import { api, heed, SIGNED_OUT } from '@/api/client'
import { accountOf } from '@/field/home'
import { forgetTaken } from '@/field/store'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useEventListener } from '@vueuse/core'
import { computed, watch } from 'vue'

export function useSession() {
  const queries = useQueryClient()
  const { data } = useQuery({
    queryKey: ['session'],
    queryFn: () => heed(api.GET('/api/session')),
    staleTime: Infinity,
  })
  // rows of somebody else are not shown to whoever comes next
  watch(data, (s) => s && accountOf.set(s.account?.id ?? '') && forgetTaken())
  return {
    session: data,
    account: computed(() => data.value?.account ?? null),
    /** Whoever is here may plan, correct and take lists out. */
    plans: computed(() => data.value?.plans ?? true),
    /** Nobody is signed in where somebody has to be. */
    out: computed(() => !!data.value?.required && !data.value.account),
    /** Everything is asked anew: somebody came or went. */
    changed: () => queries.resetQueries(),
    /** Hears that an answer was refused for want of somebody. */
    heedOut: () =>
      useEventListener(window, SIGNED_OUT, () =>
        queries.invalidateQueries({ queryKey: ['session'] }),
      ),
  }
}
