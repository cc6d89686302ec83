/**
 * A list of trees: which columns it shows, how it is sorted, what it is narrowed to; kept as named
 * views on this device.
 */
import { compare, csvOf, orderOf, turned, type Sorted } from '../lists'
import type { GroveTree } from '@/api/client'
import { lengthWords, volumeWords, type Units } from '@/geometry/measure'
import { nameMatches } from '@/geometry/plan'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, type Ref } from 'vue'

export interface Column {
  id: string
  name: string
  /** What it is sorted by. */
  of: (t: GroveTree) => string | number
  /** What is read; as sorted where nothing else is said. */
  says?: (t: GroveTree, units: Units) => string
  num?: boolean
  /** Left out where there is little room. */
  wide?: boolean
}

const metres = (m: number | null, units: Units) => (m === null ? '' : lengthWords(m, units))
export const COLUMNS: readonly Column[] = [
  { id: 'tree', name: 'Tree', of: (t) => t.name },
  { id: 'kind', name: 'Kind', of: (t) => t.kind_name, wide: true },
  { id: 'planted', name: 'Planted', of: (t) => t.planted_year, num: true, wide: true },
  {
    id: 'tall',
    name: 'Tall',
    of: (t) => t.height_m ?? -1,
    says: (t, units) => metres(t.height_m, units),
    num: true,
  },
  {
    id: 'across',
    name: 'Across',
    of: (t) => t.spread_m ?? -1,
    says: (t, units) => metres(t.spread_m, units),
    num: true,
    wide: true,
  },
  {
    id: 'pot',
    name: 'Pot',
    of: (t) => t.pot_l ?? -1,
    says: (t, units) => (t.pot_l === null ? '' : volumeWords(t.pot_l, units)),
    num: true,
    wide: true,
  },
  {
    id: 'drawn',
    name: 'Measured',
    of: (t) => Number(t.measured),
    says: (t) => (t.measured ? 'yes' : ''),
    wide: true,
  },
  { id: 'need', name: 'Needs next', of: (t) => t.need },
]
const FIRST = ['tree', 'kind', 'planted', 'tall', 'need']
/** Always there. */
const FIXED = ['tree']

export interface Listed {
  only: string
  columns: string[]
  by: Sorted | null
}
interface Named extends Listed {
  name: string
}

export function useTreeList(trees: () => GroveTree[], units: Ref<Units>) {
  const now = ref<Listed>({ only: '', columns: [...FIRST], by: null })
  const views = useLocalStorage<Named[]>('billhook-tree-views', [])
  const columns = computed(() => COLUMNS.filter((c) => now.value.columns.includes(c.id)))
  const shown = computed(() => {
    const asked = now.value.only.trim()
    const found = trees().filter(
      (t) => !asked || nameMatches(asked, `${t.name} ${t.kind_name} ${t.need}`),
    )
    const sorted = now.value.by
    const column = COLUMNS.find((c) => c.id === sorted?.id)
    if (!sorted || !column) return found
    const sign = sorted.down ? -1 : 1
    return [...found].sort((a, b) => sign * compare(column.of(a), column.of(b)))
  })
  const sort = (id: string) => (now.value.by = turned(now.value.by, id))
  const order = (id: string) => orderOf(now.value.by, id)
  function column(id: string, on: boolean) {
    if (FIXED.includes(id)) return
    const rest = now.value.columns.filter((c) => c !== id)
    now.value.columns = on ? [...rest, id] : rest
  }
  const read = (c: Column, t: GroveTree) => c.says?.(t, units.value) ?? String(c.of(t))
  function keep(name: string) {
    const view: Named = {
      ...structuredClone({ ...now.value, columns: [...now.value.columns] }),
      name,
    }
    views.value = [...views.value.filter((v) => v.name !== name), view]
  }
  const show = ({ only, columns, by }: Named) =>
    (now.value = { only, columns: [...columns], by: by ? { ...by } : null })
  const forget = (name: string) => (views.value = views.value.filter((v) => v.name !== name))
  /** What is shown, as CSV. */
  const csv = () =>
    csvOf([
      columns.value.map((c) => c.name),
      ...shown.value.map((t) => columns.value.map((c) => read(c, t))),
    ])
  return { now, columns, shown, sort, order, column, read, views, keep, show, forget, csv }
}
