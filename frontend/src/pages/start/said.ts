/** Groups that were said, as drafts that the grower puts right before they are planted. */
import tell from 'words:start'
import type { Schemas } from '@/api/client'

export type Said = Schemas['GroupOut']
export interface Draft {
  count: number | null
  species: string
  cultivar: string
  rootstock: string
  block: string
  row: string
  rows: number
  spacing_m: number | null
  row_spacing_m: number | null
  in_pot: boolean
  pot_l: number | null
  under_cover: boolean
  planted_year: number | null
  height_m: number | null
  spread_m: number | null
  trunk_mm: number | null
  origin: string
  medium: 'water' | null
  form: 'whip' | null
  together: boolean
}

/** A draft of what was said; what was not said stays empty. */
export function draftOf(said: Said): Draft {
  return {
    count: said.count,
    species: said.species ?? '',
    cultivar: said.cultivar ?? '',
    rootstock: said.rootstock ?? '',
    block: said.block ?? (said.in_pot ? tell('pots') : tell('garden')),
    row: said.row ?? '',
    rows: said.rows ?? 1,
    spacing_m: said.spacing_m ?? null,
    row_spacing_m: said.row_spacing_m ?? null,
    in_pot: said.in_pot ?? false,
    pot_l: said.pot_l ?? null,
    under_cover: said.under_cover ?? false,
    planted_year: said.planted_year ?? null,
    height_m: said.height_m ?? null,
    spread_m: said.spread_m ?? null,
    trunk_mm: said.trunk_mm ?? null,
    origin: said.origin ?? '',
    medium: said.medium ?? null,
    form: said.form ?? null,
    together: said.together ?? false,
  }
}

/** What is still open of a draft, of the fields that are asked. */
export function openOf(draft: Draft): string[] {
  const lacks: [string, boolean][] = [
    ['count', !draft.count],
    ['species', !draft.species],
    ['planted_year', !draft.planted_year],
    ['pot_l', draft.in_pot && !draft.pot_l],
  ]
  return lacks.filter(([, open]) => open).map(([field]) => field)
}

/** A sentence in parts, those that were not used marked. */
export function partsOf(text: string, unread: string[]): { text: string; unread: boolean }[] {
  const parts: { text: string; unread: boolean }[] = []
  let at = 0
  for (const run of unread) {
    const found = text.indexOf(run, at)
    if (found < 0) continue
    if (found > at) parts.push({ text: text.slice(at, found), unread: false })
    parts.push({ text: run, unread: true })
    at = found + run.length
  }
  if (at < text.length) parts.push({ text: text.slice(at), unread: false })
  return parts
}
