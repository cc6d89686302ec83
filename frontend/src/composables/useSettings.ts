/**
 * Units and theme: one choice for the whole application. Units belong to the holding; the theme to
 * this device.
 */
import { api, heed } from '@/api/client'
import type { Units } from '@/geometry/measure'
import { useQueryClient } from '@tanstack/vue-query'
import { useLocalStorage } from '@vueuse/core'
import { ref, watchEffect } from 'vue'

export type Theme = 'day' | 'sun' | 'night'
export const THEMES: { id: Theme; name: string }[] = [
  { id: 'day', name: 'Day' },
  { id: 'sun', name: 'Full sun' },
  { id: 'night', name: 'Night' },
]

const theme = useLocalStorage<Theme>('theme', 'day')
/** What this device chose; null where it goes by the holding. */
const chosen = useLocalStorage<Units | null>('units', null)
const units = ref<Units>(chosen.value ?? 'metric')

watchEffect(() => (document.documentElement.dataset.theme = theme.value))

export function useSettings() {
  const queries = useQueryClient()
  /** What the holding says when it is loaded. */
  function heedUnits(held: Units) {
    units.value = chosen.value ?? held
  }
  async function switchUnits() {
    units.value = chosen.value = units.value === 'metric' ? 'us' : 'metric'
    void queries.invalidateQueries()
    await heed(api.PUT('/api/units', { body: { units: units.value } })).catch(() => undefined)
  }
  return { units, theme, switchUnits, heedUnits }
}
