/**
 * One act of the grower: busy while it runs, what went wrong in words and at its field, and what is
 * fetched anew after it. What was typed stays where it is.
 */
import { Refused, sentence } from '@/api/client'
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import { ref, type Ref } from 'vue'

/** Answers that nothing a grower does here changes. */
const FIXED = new Set(['catalogue', 'climates', 'dangers', 'goals', 'languages', 'ways'])

export interface Act {
  /**
   * Runs it; true once it is done, false where it was refused or failed. fresh: what is fetched
   * anew after it, by the first word of its key; everything that may change if left out.
   */
  act: (run: () => Promise<unknown>, fresh?: readonly string[]) => Promise<boolean>
  busy: Ref<boolean>
  trouble: Ref<string>
  fields: Ref<Record<string, string>>
}

export function useAct(): Act {
  const queries = useQueryClient()
  const trouble = ref('')
  const fields = ref<Record<string, string>>({})
  const { mutateAsync, isPending } = useMutation({
    mutationFn: (run: () => Promise<unknown>) => run(),
    networkMode: 'always',
  })
  const stale = (key: string, fresh?: readonly string[]) =>
    fresh ? fresh.includes(key) : !FIXED.has(key)
  async function act(run: () => Promise<unknown>, fresh?: readonly string[]): Promise<boolean> {
    trouble.value = ''
    fields.value = {}
    try {
      await mutateAsync(run)
    } catch (error) {
      if (error instanceof Refused) fields.value = error.fields
      trouble.value = sentence(error)
      return false
    }
    void queries.invalidateQueries({ predicate: (q) => stale(String(q.queryKey[0]), fresh) })
    return true
  }
  return { act, busy: isPending, trouble, fields }
}
