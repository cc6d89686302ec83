/**
 * Units and theme: one choice for the whole application. Units belong to the holding; the theme to
 * this device.
 */
import { api, heed } from '@/api/client'
import type { Units } from '@/geometry/measure'
import { useQueryClient } from '@tanstack/vue-query'
import { ref, watchEffect } from 'vue'

export type Theme = 'day' | 'sun' | 'night'
export const THEMES: { id: Theme; name: string }[] = [
  { id: 'day', name: 'Day' },
  { id: 'sun', name: 'Full sun' },
  { id: 'night', name: 'Night' },
]

const units = ref<Units>((localStorage.getItem('units') as Units) || 'metric')
const theme = ref<Theme>((localStorage.getItem('theme') as Theme) || 'day')

watchEffect(() => {
  document.documentElement.dataset.theme = theme.value
  localStorage.setItem('theme', theme.value)
})

export function useSettings() {
  const queries = useQueryClient()
  /** What the holding says when it is loaded. */
  function heedUnits(held: Units) {
    if (!localStorage.getItem('units')) units.value = held
  }
  async function switchUnits() {
    units.value = units.value === 'metric' ? 'us' : 'metric'
    localStorage.setItem('units', units.value)
    void queries.invalidateQueries()
    await heed(api.PUT('/api/units', { body: { units: units.value } })).catch(() => undefined)
  }
  return { units, theme, switchUnits, heedUnits }
}
