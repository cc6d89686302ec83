/** What a list of trees can show. */
import tell from 'words:parts'
import type { Column } from '../list/useList'
import type { GroveTree } from '@/api/client'
import { lengthWords, volumeWords, type Units } from '@/geometry/measure'

export function treeColumns(units: () => Units): readonly Column<GroveTree>[] {
  const length = (m: number | null) => (m === null ? '' : lengthWords(m, units()))
  return [
    { id: 'tree', name: tell('tree'), of: (t) => t.name },
    { id: 'kind', name: tell('kind'), of: (t) => t.kind_name, wide: true },
    { id: 'planted', name: tell('planted'), of: (t) => t.planted_year, num: true, wide: true },
    {
      ...{ id: 'tall', name: tell('tall'), num: true },
      of: (t) => t.height_m ?? -1,
      says: (t) => length(t.height_m),
    },
    {
      ...{ id: 'across', name: tell('across-2'), num: true, wide: true, asked: true },
      of: (t) => t.spread_m ?? -1,
      says: (t) => length(t.spread_m),
    },
    {
      ...{ id: 'pot', name: tell('pot'), num: true, wide: true, asked: true },
      of: (t) => t.pot_l ?? -1,
      says: (t) => (t.pot_l === null ? '' : volumeWords(t.pot_l, units())),
    },
    {
      ...{ id: 'drawn', name: tell('measured'), wide: true, asked: true },
      of: (t) => Number(t.measured),
      says: (t) => (t.measured ? tell('yes-2') : ''),
    },
    { id: 'need', name: tell('needs-next'), of: (t) => t.need },
  ]
}
