/**
 * Cuts being marked on a tree: undo and redo, and the API's answer to them, the newest only and
 * without flicker.
 */
import { api, heed, sentence, type Marked, type Preview, type Work } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'

const DRAFTS = 'billhook-draft-'

/** Puts cuts on a drawing as marks, as if they had been made by hand there. */
export const draft = (frameId: string, cuts: Marked[]) =>
  sessionStorage.setItem(DRAFTS + frameId, JSON.stringify(cuts))

export function useMarking(
  treeId: Ref<string>,
  frameId: Ref<string | undefined>,
  work: Ref<Work>,
  day: Ref<string | undefined>,
) {
  const { units } = useSettings()
  const steps = ref<Marked[][]>([[]])
  const at = ref(0)
  const live = ref<Marked[] | null>(null)
  const answer = shallowRef<Preview>()
  const problem = ref('')
  const cuts = computed(() => live.value ?? steps.value[at.value]!)

  function commit(next: Marked[]) {
    live.value = null
    steps.value = [...steps.value.slice(0, at.value + 1), next]
    at.value = steps.value.length - 1
  }
  const put = (limb: string, keep: number) => {
    const kept = Math.round(keep * 1000) / 1000
    return cuts.value.some((c) => c.limb === limb)
      ? cuts.value.map((c) => (c.limb === limb ? { ...c, keep_m: kept } : c))
      : [...cuts.value, { limb, keep_m: kept, sick: false }]
  }
  /** Marks or moves a cut, as one step. */
  const mark = (limb: string, keep: number) => commit(put(limb, keep))
  /** Moves a cut while it is dragged; `settle` makes it a step. */
  const slide = (limb: string, keep: number) => (live.value = put(limb, keep))
  const settle = () => live.value && commit(live.value)
  const remove = (limb: string) => commit(cuts.value.filter((c) => c.limb !== limb))
  /** Says whether a marked limb is dead, broken or sick, whatever the drawing says. */
  const setSick = (limb: string, sick: boolean) =>
    commit(cuts.value.map((c) => (c.limb === limb ? { ...c, sick } : c)))
  const clear = () => commit([])
  const undo = () => (at.value = Math.max(0, at.value - 1))
  const redo = () => (at.value = Math.min(steps.value.length - 1, at.value + 1))

  // One question at a time: while one is under way only the newest of the rest waits.
  let busy = false
  let again = false
  async function ask() {
    if (!frameId.value) return
    if (busy) {
      again = true
      return
    }
    busy = true
    try {
      const body = {
        cuts: cuts.value,
        work: work.value,
        frame_id: frameId.value,
        units: units.value,
        ...(day.value ? { day: day.value } : {}),
      }
      answer.value = await heed(
        api.POST('/api/trees/{id}/preview', { params: { path: { id: treeId.value } }, body }),
      )
      problem.value = ''
    } catch (error) {
      problem.value = sentence(error)
    } finally {
      busy = false
      if (again) {
        again = false
        void ask()
      }
    }
  }
  watch([cuts, work, day, units, frameId], ask, { immediate: true })

  // Marks survive a reload until they become a sheet or the tree changes.
  watch(
    frameId,
    (id) => {
      const kept = id ? sessionStorage.getItem(DRAFTS + id) : null
      steps.value = [kept ? (JSON.parse(kept) as Marked[]) : []]
      at.value = 0
      live.value = null
    },
    { immediate: true },
  )
  watch([steps, at], () => {
    if (!frameId.value) return
    const now = steps.value[at.value]!
    if (now.length) sessionStorage.setItem(DRAFTS + frameId.value, JSON.stringify(now))
    else sessionStorage.removeItem(DRAFTS + frameId.value)
  })
  return {
    cuts,
    answer,
    problem,
    mark,
    slide,
    settle,
    remove,
    setSick,
    clear,
    undo,
    redo,
    canUndo: computed(() => at.value > 0),
    canRedo: computed(() => at.value < steps.value.length - 1),
  }
}

export type Marking = ReturnType<typeof useMarking>
