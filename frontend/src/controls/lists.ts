/** Lists that are sorted by a column and saved as they are shown. */
import { computed, ref, type Ref } from 'vue'

export interface Sorted {
  id: string
  down: boolean
}
export interface Column<T> {
  id: string
  name: string
  /** What it is sorted by. */
  of: (row: T) => string | number
  /** What stands in it, where that is not the same. */
  says?: (row: T) => string
}

const words = new Intl.Collator(undefined, { numeric: true })
export const compare = (a: string | number, b: string | number) =>
  typeof a === 'number' && typeof b === 'number' ? a - b : words.compare(String(a), String(b))

const cell = (text: string) => (/[",\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text)
/** Lines of cells as CSV (RFC 4180). */
export const csvOf = (lines: string[][]) =>
  lines.map((line) => line.map(cell).join(',') + '\r\n').join('')

/** Gives a file to whoever asked for it. */
export function saveFile(name: string, text: string, type = 'text/csv'): void {
  const address = URL.createObjectURL(new Blob([text], { type }))
  const link = document.createElement('a')
  link.href = address
  link.download = name
  link.click()
  URL.revokeObjectURL(address)
}

/** Up, down, and as it came. */
export const turned = (by: Sorted | null, id: string): Sorted | null =>
  by?.id !== id ? { id, down: false } : by.down ? null : { id, down: true }
export const orderOf = (by: Sorted | null, id: string) =>
  by?.id !== id ? 'none' : by.down ? 'descending' : 'ascending'

export function useSorting<T>(columns: Column<T>[], rows: Ref<T[]>) {
  const by = ref<Sorted | null>(null)
  const shown = computed(() => {
    const column = columns.find((c) => c.id === by.value?.id)
    if (!column) return rows.value
    const sign = by.value!.down ? -1 : 1
    return [...rows.value].sort((a, b) => sign * compare(column.of(a), column.of(b)))
  })
  const read = (c: Column<T>, row: T) => c.says?.(row) ?? String(c.of(row))
  return {
    shown,
    read,
    sort: (id: string) => (by.value = turned(by.value, id)),
    order: (id: string) => orderOf(by.value, id),
    csv: () =>
      csvOf([
        columns.map((c) => c.name),
        ...shown.value.map((row) => columns.map((c) => read(c, row))),
      ]),
  }
}
