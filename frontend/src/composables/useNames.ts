/** Names of kinds, cultivars and stocks, from the catalogue. */
import { api, heed } from '@/api/client'
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'

export function useNames() {
  const { data } = useQuery({
    queryKey: ['catalogue', ''],
    queryFn: () => heed(api.GET('/api/catalogue', { params: { query: {} } })),
    staleTime: Infinity,
  })
  const values = computed(() => data.value?.values ?? [])
  /** Rows of a catalogue table with their names. */
  function rows(table: string) {
    return values.value
      .filter((v) => v.id.startsWith(`${table}/`) && v.id.endsWith('/name'))
      .map((v) => ({ id: v.id.split('/')[1]!, name: String(v.value) }))
  }
  /** Cultivars of a kind. */
  function cultivars(species: string) {
    const of = new Set(
      values.value
        .filter(
          (v) => v.id.startsWith('cultivars/') && v.id.endsWith('/species') && v.value === species,
        )
        .map((v) => v.id.split('/')[1]),
    )
    return rows('cultivars').filter((c) => of.has(c.id))
  }
  /** A number of the catalogue. */
  function number(id: string): number | null {
    const value = values.value.find((v) => v.id === id)?.value
    return typeof value === 'number' ? value : null
  }
  return { rows, cultivars, number }
}
