/** What a plan is asked for, kept while the page is away; the API decides everything. */
import type { Schemas } from '@/api/client'
import { useSessionStorage } from '@vueuse/core'

export interface Wish {
  goal: string
  day: string | null
  pinsIn: string[]
  pinsOut: string[]
  limit: number | null
  /** Points by finding, where they differ from the catalogue's. */
  weights: Record<string, number>
  /** School by topic, where it differs from the tree's. */
  stance: Record<string, string>
  by: Schemas['PlanIn']['by']
  top: number | null
  half: number | null
  /** A shape laid over the tree, drawn in on one side. */
  shape: Schemas['PlanIn']['shape']
  draw: number
  side: number
}

const NEW: Wish = {
  goal: 'tidy',
  day: null,
  pinsIn: [],
  pinsOut: [],
  limit: null,
  weights: {},
  stance: {},
  by: 'hand',
  top: null,
  half: null,
  shape: null,
  draw: 0,
  side: 0,
}

export function useWish(tree: string) {
  const key = `billhook-plan-${tree}`
  const wish = useSessionStorage<Wish>(key, { ...NEW }, { mergeDefaults: true }).value
  return { wish, forget: () => sessionStorage.removeItem(key) }
}

export const asked = (wish: Wish, walk: string | null): Schemas['PlanIn'] => ({
  goal: wish.goal,
  day: wish.day,
  walk_id: walk,
  pins_in: wish.pinsIn,
  pins_out: wish.pinsOut,
  limit: wish.limit,
  weights: wish.weights,
  stance: wish.stance,
  by: wish.by,
  top_m: wish.top,
  half_m: wish.half,
  shape: wish.by === 'shape' ? wish.shape : null,
  draw_in_m: wish.by === 'shape' ? wish.draw : 0,
  draw_in_deg: wish.side,
})
