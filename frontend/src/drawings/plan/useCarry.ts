/** What a pointer carries on the plan: a tree to its place, a line round trees, a block or one of
 * its corners. */
import type { GroveTree } from '@/api/client'
import type { Spot } from '@/geometry/plan'
import { shallowRef } from 'vue'

export type Carried =
  | { what: 'tree'; tree: GroveTree; at: Spot }
  | { what: 'line'; spots: Spot[] }
  | { what: 'corner'; nth: number; at: Spot; from: Spot }
  | { what: 'block'; at: Spot; from: Spot }

/** How far a pointer goes before it carries what it touched, px. */
const STILL = 4

/**
 * at: where a pointer is on the plan, px. takes: what it takes up there. down: what is done with it
 * where it is let go; along: as it goes.
 */
export function useCarry(
  frame: () => HTMLElement | undefined,
  at: (event: MouseEvent) => Spot,
  takes: (event: PointerEvent) => Carried | null,
  along: (now: Carried, before: Carried) => void,
  down: (carried: Carried) => void,
) {
  const carried = shallowRef<Carried | null>(null)
  let went = false
  const far = (a: Spot, b: Spot) => Math.hypot(a.x - b.x, a.y - b.y) > STILL
  function press(event: PointerEvent) {
    went = false
    carried.value = takes(event)
    if (carried.value) frame()!.setPointerCapture?.(event.pointerId)
  }
  function slide(event: PointerEvent) {
    const now = carried.value
    if (!now) return
    const spot = at(event)
    if (now.what === 'line') carried.value = { ...now, spots: [...now.spots, spot] }
    else {
      if ('from' in now && !went && !far(spot, now.from)) return
      carried.value = { ...now, at: spot }
    }
    went = true
    along(carried.value, now)
  }
  function lift() {
    const now = carried.value
    carried.value = null
    if (now && (went || now.what === 'tree')) down(now)
  }
  const drop = () => (carried.value = null)
  /** Whether the touch that ends now carried something. */
  const moved = () => went
  return { carried, press, slide, lift, drop, moved }
}
