/** One hurt tree: what is known, and what is written down of it. What was said is sent at once and the answer shown. */
import { api, heed, sentence, type Schemas } from '@/api/client'
import { newId } from '@/api/ids'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref, type Ref } from 'vue'

export type Hurt = Schemas['TreeFrostOut']

export function useFrost(id: Ref<string>) {
  const queries = useQueryClient()
  const path = () => ({ path: { id: id.value } })
  const query = useQuery({
    queryKey: ['after-frost', id],
    queryFn: () => heed(api.GET('/api/trees/{id}/after-frost', { params: path() })),
  })
  const trouble = ref('')
  const busy = ref(false)
  /** Do something to the tree, show what came of it, and ask the rest anew. */
  async function act(what: () => Promise<Hurt | unknown>): Promise<boolean> {
    trouble.value = ''
    busy.value = true
    try {
      const answer = await what()
      if (answer && typeof answer === 'object' && 'hurt' in answer && 'today' in answer) queries.setQueryData(['after-frost', id.value], answer)
      void queries.invalidateQueries()
      return true
    } catch (problem) {
      trouble.value = sentence(problem)
      return false
    } finally {
      busy.value = false
    }
  }
  const scratch = (limb: string, at_m: number, green: boolean, bearing_deg: number | null = null) =>
    act(() => heed(api.POST('/api/trees/{id}/scratches', { params: path(), body: { id: newId(), limb, at_m, green, day: null, bearing_deg } })))
  const look = (sign: string, day: string | null) =>
    act(() => heed(api.POST('/api/trees/{id}/looks', { params: path(), body: { id: newId(), sign, day } })))
  const say = (frost_class: Schemas['SayClassIn']['class'], night: string | null = null) =>
    act(() => heed(api.POST('/api/trees/{id}/frost-class', { params: path(), body: { class: frost_class, night } })))
  const saw = (kind: 'frost_above' | 'frost_below', value: 'yes' | 'no') =>
    act(() => heed(api.POST('/api/trees/{id}/observations', { params: path(), body: { kind, value, date: query.data.value!.today } })))
  return { ...query, trouble, busy, act, scratch, look, say, saw }
}
