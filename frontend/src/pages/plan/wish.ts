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
})
