/** The grove as it comes, column by column, and as pages read it, tree by tree. */
import type { components } from './types'

type Answer = components['schemas']['GroveOut']
type Kind = components['schemas']['GroveKindOut']
type Need = components['schemas']['GroveNeedOut']

/** One tree in plan; x east and y north of the site's corner, m. */
export interface GroveTree extends Kind, Need {
  id: string
  name: string
  row_id: string
  x: number
  y: number
  pot_l: number | null
  planted_year: number
  height_m: number | null
  spread_m: number | null
  measured: boolean
}

export type Grove = Omit<Answer, 'trees' | 'gone' | 'since'> & {
  /** In walking order; never changed, so that nothing watches ten thousand trees one by one. */
  trees: readonly GroveTree[]
}

function treesOf({ trees: t, rows, kinds, needs }: Answer): GroveTree[] {
  return t.id.map((id, n) => ({
    id,
    name: t.name[n]!,
    row_id: rows[t.row[n]!]!.id,
    x: t.x[n]!,
    y: t.y[n]!,
    pot_l: t.pot_l[n]!,
    planted_year: t.planted_year[n]!,
    height_m: t.height_m[n]!,
    spread_m: t.spread_m[n]!,
    measured: t.measured[n]!,
    ...kinds[t.kind[n]!]!,
    ...needs[t.needs[n]!]!,
  }))
}

/** The grove of an answer; one that tells only what differs is put into the grove it differs from. */
export function groveOf(answer: Answer, before: Grove | null): Grove {
  const { gone, since, ...rest } = answer
  const told = treesOf(answer)
  if (since === null || since !== before?.mark) return { ...rest, trees: Object.freeze(told) }
  const fresh = new Map(told.map((tree) => [tree.id, tree]))
  const left = new Set(gone)
  const kept = before.trees.filter((tree) => !left.has(tree.id))
  return { ...rest, trees: Object.freeze(kept.map((tree) => fresh.get(tree.id) ?? tree)) }
}
