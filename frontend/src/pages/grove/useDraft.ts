/** A block that is being drawn or moved on the plan of the grove. */
import { shifted, spotAt, withCorner, type Draft } from '@/drawings/plan/draft'
import type { Spot } from '@/geometry/plan'
import { computed, ref, shallowRef } from 'vue'

export function useDraft() {
  const corners = shallowRef<Spot[]>([])
  const spots = shallowRef<Spot[]>([])
  const empty = shallowRef(new Set<number>())
  const what = ref<'drawn' | 'moved' | null>(null)
  /** How far a block was carried, m. */
  const by = shallowRef<Spot>({ x: 0, y: 0 })
  const draft = computed<Draft | null>(() =>
    what.value
      ? {
          drawn: what.value === 'drawn',
          corners: corners.value,
          spots: spots.value,
          empty: empty.value,
        }
      : null,
  )
  function lay(now: Spot[], stand: Spot[]) {
    corners.value = now
    spots.value = stand
  }
  function begin(as: 'drawn' | 'moved' | null) {
    what.value = as
    by.value = { x: 0, y: 0 }
    empty.value = new Set()
    lay([], [])
  }
  /** Another outline: its trees are counted anew. */
  function outlined(now: Spot[]) {
    empty.value = new Set()
    lay(now, now.length < 3 ? [] : spots.value)
  }
  function touch(spot: Spot, reach: number) {
    if (what.value !== 'drawn') return
    const nth = spotAt(draft.value!, spot, reach)
    if (nth < 0) return outlined(withCorner(corners.value, spot))
    const now = new Set(empty.value)
    if (!now.delete(nth)) now.add(nth)
    empty.value = now
  }
  const corner = (nth: number, spot: Spot) =>
    outlined(corners.value.map((c, i) => (i === nth ? spot : c)))
  const takeOut = (nth: number) => outlined(corners.value.filter((_, i) => i !== nth))
  function shift(east: number, north: number) {
    by.value = { x: by.value.x + east, y: by.value.y + north }
    lay(shifted(corners.value, east, north), shifted(spots.value, east, north))
  }
  return {
    draft,
    corners,
    spots,
    empty,
    what,
    by,
    begin,
    lay,
    outlined,
    touch,
    corner,
    takeOut,
    shift,
  }
}
export type Drafting = ReturnType<typeof useDraft>
