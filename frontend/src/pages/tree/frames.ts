/** A measured frame and what is put down as a new one: each save is a frame, the old one stays. */
import tell from 'words:tree'
import { api, heed, Refused, sentence, type Frame, type Limb, type Schemas } from '@/api/client'
import { newId } from '@/api/ids'
import { useQueryClient } from '@tanstack/vue-query'
import { ref, type Ref } from 'vue'

export type LimbIn = Schemas['LimbIn']
export interface TrunkIn {
  union_m: number | null
  diameter_mm: number
  height_m: number
}

/** A limb as it is sent back, without what was worked out from it. */
export const asLimb = (l: Limb): LimbIn => ({
  id: l.id,
  on: l.on,
  at_m: l.at_m,
  base_mm: l.base_mm,
  tip_mm: l.tip_mm,
  length_m: l.length_m,
  rise_deg: l.rise_deg,
  bearing_deg: l.bearing_deg,
  state: l.state as LimbIn['state'],
  foliage: l.foliage,
  fruit: l.fruit,
  headed_mm: l.headed_mm,
  kind: l.kind,
  bloom: l.bloom,
  flush: l.flush,
})
export const measuredIn = (frame: Frame) => frame.limbs.filter((l) => l.measured).map((l) => l.id)

/** What stays once a limb goes with all it bears. */
export function without(frame: Frame, limb: string): Limb[] {
  const gone = new Set([limb])
  for (let grew = true; grew;) {
    grew = false
    for (const l of frame.limbs) if (gone.has(l.on) && !gone.has(l.id)) grew = !!gone.add(l.id)
  }
  return frame.limbs.filter((l) => !gone.has(l.id))
}

/** The first id of a limb measured by hand that no limb has yet. */
export function freeId(frame: Frame): string {
  const used = new Set(frame.limbs.map((l) => l.id))
  let n = 1
  while (used.has(`m${n}`)) n += 1
  return `m${n}`
}

export interface NewFrame {
  limbs?: LimbIn[]
  measured?: string[]
  trunk?: TrunkIn
}

/**
 * Saves a frame of a tree. crowded: somebody else was faster, what was typed is kept and the newer
 * frame fetched. at: the place of the limb in hand, whose own field says what is wrong with it.
 */
export function useFrames(tree: () => { id: string; frame: Frame }, at: Ref<number>) {
  const queries = useQueryClient()
  const fields = ref<Record<string, string>>({})
  const trouble = ref('')
  const saving = ref(false)
  const crowded = ref(false)
  let id = newId()
  function refused(error: Refused) {
    fields.value = error.fields
    if (error.status === 409) {
      crowded.value = true
      void queries.invalidateQueries({ queryKey: ['tree'] })
      return tell('what-you-typed-is-kept', { title: error.title })
    }
    const own = Object.keys(error.fields)
    const atFields = own.length && own.every((p) => p.startsWith(`/frame/limbs/${at.value}/`))
    return atFields ? error.title : sentence(error)
  }
  async function send(change: NewFrame): Promise<boolean> {
    const { id: treeId, frame } = tree()
    const { union_m, ...trunk } = change.trunk ?? {
      union_m: frame.union_m,
      diameter_mm: frame.trunk_mm,
      height_m: frame.trunk_m,
    }
    const limbs = change.limbs ?? frame.limbs.map(asLimb)
    clear()
    saving.value = true
    try {
      const body = {
        id,
        previous_id: frame.id,
        frame: { union_m, trunk, limbs },
        measured: change.measured ?? measuredIn(frame),
      }
      const saved = await heed(
        api.POST('/api/trees/{id}/frames', { params: { path: { id: treeId } }, body }),
      )
      id = newId()
      crowded.value = false
      queries.setQueryData(['tree', treeId, undefined], saved)
      void queries.invalidateQueries()
      return true
    } catch (error) {
      trouble.value = error instanceof Refused ? refused(error) : sentence(error)
      return false
    } finally {
      saving.value = false
    }
  }
  function clear() {
    fields.value = {}
    trouble.value = ''
  }
  return { send, clear, fields, trouble, saving, crowded }
}
