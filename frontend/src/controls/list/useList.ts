/**
 * A list: which columns it shows, how it is sorted, what it is narrowed to, which of its rows are
 * chosen; kept as named views on this device.
 */
import { nameMatches } from '@/geometry/plan'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import { csvOf } from './csv'

export interface Column<T> {
  id: string
  name: string
  /** What it is sorted by. */
  of: (row: T) => string | number
  /** What is read; as sorted where nothing else is said. */
  says?: (row: T) => string
  num?: boolean
  /** Left out where there is little room. */
  wide?: boolean
  /** Shown only where it is asked for. */
  asked?: boolean
}
export interface Row {
  id: string
}
export interface ListOf<T extends Row> {
  /** What its views are kept under. */
  name: string
  /** The first names the row, and is always there. */
  columns: readonly Column<T>[]
  rows: () => T[]
  /** Whether a row is among those looked for; by the beginnings of its words where not said. */
  matches?: (asked: string, row: T) => boolean
}

interface Sorted {
  id: string
  down: boolean
}
interface Listed {
  only: string
  columns: string[]
  by: Sorted | null
}
interface Named extends Listed {
  name: string
}

const words = new Intl.Collator(undefined, { numeric: true })
const compare = (a: string | number, b: string | number) =>
  typeof a === 'number' && typeof b === 'number' ? a - b : words.compare(String(a), String(b))
/** Up, down, and as it came. */
const turned = (by: Sorted | null, id: string): Sorted | null =>
  by?.id !== id ? { id, down: false } : by.down ? null : { id, down: true }

export function useList<T extends Row>(of: ListOf<T>) {
  const shownFirst = of.columns.filter((c) => !c.asked).map((c) => c.id)
  const now = ref<Listed>({ only: '', columns: shownFirst, by: null })
  const views = useLocalStorage<Named[]>(`billhook-${of.name}-views`, [])
  const columns = computed(() =>
    of.columns.filter((c, i) => i === 0 || now.value.columns.includes(c.id)),
  )
  const read = (c: Column<T>, row: T) => c.says?.(row) ?? String(c.of(row))
  const allWords = (row: T) => of.columns.map((c) => read(c, row)).join(' ')
  const matches = of.matches ?? ((asked: string, row: T) => nameMatches(asked, allWords(row)))
  const shown = computed(() => {
    const asked = now.value.only.trim()
    const found = of.rows().filter((row) => !asked || matches(asked, row))
    const sorted = now.value.by
    const column = of.columns.find((c) => c.id === sorted?.id)
    if (!sorted || !column) return found
    const sign = sorted.down ? -1 : 1
    return [...found].sort((a, b) => sign * compare(column.of(a), column.of(b)))
  })
  const sort = (id: string) => (now.value.by = turned(now.value.by, id))
  function order(id: string) {
    const by = now.value.by
    return by?.id !== id ? 'none' : by.down ? 'descending' : 'ascending'
  }
  function column(id: string, on: boolean) {
    const rest = now.value.columns.filter((c) => c !== id)
    now.value.columns = on ? [...rest, id] : rest
  }
  const copy = ({ only, columns, by }: Listed): Listed => ({
    only,
    columns: [...columns],
    by: by ? { ...by } : null,
  })
  function keep(name: string) {
    views.value = [...views.value.filter((v) => v.name !== name), { ...copy(now.value), name }]
  }
  const show = (view: Named) => (now.value = copy(view))
  const forget = (name: string) => (views.value = views.value.filter((v) => v.name !== name))

  const marked = ref(new Set<string>())
  /** Only what is shown can be chosen. */
  const chosen = computed(() => shown.value.filter((row) => marked.value.has(row.id)))
  function choose(rows: T[], on: boolean) {
    const next = new Set(marked.value)
    for (const { id } of rows)
      if (on) next.add(id)
      else next.delete(id)
    marked.value = next
  }
  const all = computed(() => shown.value.length > 0 && chosen.value.length === shown.value.length)
  /** What is chosen, or all that is shown, as CSV. */
  const csv = () =>
    csvOf([
      columns.value.map((c) => c.name),
      ...(chosen.value.length ? chosen.value : shown.value).map((row) =>
        columns.value.map((c) => read(c, row)),
      ),
    ])
  return {
    ...{ name: of.name, every: of.columns, now, columns, shown, read, sort, order, column },
    ...{ views, keep, show, forget, chosen, choose, all, csv },
    isChosen: (row: T) => marked.value.has(row.id),
    chooseNone: () => (marked.value = new Set()),
  }
}
export type List<T extends Row> = ReturnType<typeof useList<T>>
