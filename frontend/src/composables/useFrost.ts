/**
 * One hurt tree: what is known, and what is written down of it. What was said is sent at once and
 * the answer shown.
 */
import tell from 'words:app'
import { api, heed, sentence, unanswered, type Schemas } from '@/api/client'
import { newId } from '@/api/ids'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { onSent, put, useOutbox } from '@/field/outbox'
import { keepHurt, keptHurt } from '@/field/store'
import { computed, onBeforeUnmount, ref, type Ref } from 'vue'

export type Hurt = Schemas['TreeFrostOut']

export function useFrost(id: Ref<string>) {
  const queries = useQueryClient()
  const { waiting, waitsFor } = useOutbox()
  const path = () => ({ path: { id: id.value } })
  const query = useQuery({
    queryKey: ['after-frost', id],
    queryFn: async () => {
      try {
        const found = await heed(api.GET('/api/trees/{id}/after-frost', { params: path() }))
        await keepHurt(id.value, found)
        return found
      } catch (problem) {
        // without signal, as it was last seen on this device
        const before = unanswered(problem) ? await keptHurt(id.value) : undefined
        if (!before) throw problem
        return before
      }
    },
  })
  const trouble = ref('')
  const busy = ref(false)
  /** Do something to the tree, show what came of it, and ask the rest anew. */
  async function act(what: () => Promise<Hurt | unknown>): Promise<boolean> {
    trouble.value = ''
    busy.value = true
    try {
      const answer = await what()
      if (answer && typeof answer === 'object' && 'hurt' in answer && 'today' in answer)
        queries.setQueryData(['after-frost', id.value], answer)
      void queries.invalidateQueries()
      return true
    } catch (problem) {
      trouble.value = sentence(problem)
      return false
    } finally {
      busy.value = false
    }
  }
  /**
   * What was said under the tree: taken at once where Billhook answers, else kept on this device
   * and sent later.
   */
  async function report(
    says: string,
    end: string,
    body: { id: string },
    send: () => Promise<unknown>,
  ): Promise<boolean> {
    return act(async () => {
      try {
        return await send()
      } catch (problem) {
        if (!unanswered(problem)) throw problem
        const name = query.data.value?.name ?? tell('the-tree')
        await put({
          says: tell('on', { says, name }),
          tree: id.value,
          method: 'POST',
          path: `/api/trees/${id.value}/${end}`,
          body,
        })
        return undefined
      }
    })
  }
  function scratch(limb: string, at_m: number, green: boolean, bearing_deg: number | null = null) {
    const body = {
      id: newId(),
      limb,
      at_m,
      green,
      day: query.data.value?.today ?? null,
      bearing_deg,
    }
    return report('A scratch', 'scratches', body, () =>
      heed(api.POST('/api/trees/{id}/scratches', { params: path(), body })),
    )
  }
  function look(sign: string, day: string | null) {
    const body = { id: newId(), sign, day: day ?? query.data.value?.today ?? null }
    return report(tell('what-was-seen'), 'looks', body, () =>
      heed(api.POST('/api/trees/{id}/looks', { params: path(), body })),
    )
  }
  function say(frost_class: Schemas['SayClassIn']['class'], night: string | null = null) {
    const body = { id: newId(), class: frost_class, night, as_of: query.data.value?.as_of ?? null }
    return report(tell('what-is-dead'), 'frost-class', body, () =>
      heed(api.POST('/api/trees/{id}/frost-class', { params: path(), body })),
    )
  }
  function saw(kind: 'frost_above' | 'frost_below', value: 'yes' | 'no') {
    const body = {
      id: newId(),
      kind,
      value,
      date: query.data.value!.today,
      as_of: query.data.value!.as_of,
    }
    return report(tell('what-was-seen'), 'observations', body, () =>
      heed(api.POST('/api/trees/{id}/observations', { params: path(), body })),
    )
  }
  // Billhook's word comes as soon as what was kept here is sent
  onBeforeUnmount(
    onSent(
      (item) => item.tree === id.value && !waitsFor(id.value) && void queries.invalidateQueries(),
    ),
  )
  /** Scratches that wait on this device, by limb and place. */
  const kept = computed(() =>
    waiting.value
      .filter((i) => i.tree === id.value && i.path.endsWith('/scratches'))
      .map((i) => i.body as { limb: string; at_m: number; green: boolean }),
  )
  return { ...query, trouble, busy, kept, act, scratch, look, say, saw }
}
