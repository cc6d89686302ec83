/**
 * What was written last, in words, and taking it back. One line for the whole application; the Book
 * takes back at any time.
 */
import tell from 'words:app'
import { api, heed, Refused, sentence, type Schemas } from '@/api/client'
import { wrote } from '@/api/acts'
import { put } from '@/field/outbox'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, shallowRef, watch } from 'vue'

type ActSaid = Schemas['ActSaidOut']

/** What stands on what is to be taken back, when that was refused. */
const stands = shallowRef<ActSaid[]>([])
const asked = ref('')
const trouble = ref('')
const busy = ref(false)
watch(wrote, () => {
  stands.value = []
  trouble.value = ''
})

/** Runs after something was taken back or put back, for what is not fetched by a query. */
export const onUndone = (run: () => unknown) => watch(wrote, (w) => w?.back && void run())

export function useUndo() {
  const queries = useQueryClient()
  async function undo(act: string, also = false): Promise<boolean> {
    busy.value = true
    trouble.value = ''
    asked.value = act
    try {
      const params = { path: { id: act } }
      const done = await heed(api.POST('/api/acts/{id}/undo', { params, body: { also } }))
      const said = done.acts.map((a) => a.said).join('; ')
      wrote.value = { act: done.act, said, back: true }
      void queries.invalidateQueries()
      return true
    } catch (error) {
      if (error instanceof Refused && error.status === 0) return await keepFor(act, also)
      stands.value = error instanceof Refused ? (error.more.stands_on as ActSaid[]) || [] : []
      if (!stands.value.length) trouble.value = sentence(error)
      return false
    } finally {
      busy.value = false
    }
  }
  /** Without signal it is taken back once Billhook answers. */
  async function keepFor(act: string, also: boolean): Promise<boolean> {
    const of = wrote.value?.act === act ? wrote.value.said : tell('an-entry-of-the-book')
    const says = tell('taking-back', { of })
    const path = `/api/acts/${act}/undo`
    await put({ says, tree: '', method: 'POST', path, body: { also } })
    wrote.value = null
    return true
  }
  function leave() {
    wrote.value = null
    stands.value = []
    trouble.value = ''
  }
  return {
    line: computed(() => wrote.value),
    stands,
    trouble,
    busy,
    undo,
    /** Takes back what was asked for with all that stands on it. */
    undoAll: () => undo(asked.value, true),
    leave,
  }
}
