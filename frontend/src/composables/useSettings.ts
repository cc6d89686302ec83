/**
 * Units and theme: one choice for the whole application. Units belong to the holding; the theme to
 * this device.
 */
import tell from 'words:app'
import { api, heed } from '@/api/client'
import type { Units } from '@/geometry/measure'
import { useQueryClient } from '@tanstack/vue-query'
import { useLocalStorage } from '@vueuse/core'
import { watchEffect } from 'vue'

export type Theme = 'day' | 'sun' | 'night'
export const THEMES: { id: Theme; name: string }[] = [
  {
    id: 'day',
    get name() {
      return tell('day')
    },
  },
  {
    id: 'sun',
    get name() {
      return tell('full-sun')
    },
  },
  {
    id: 'night',
    get name() {
      return tell('night')
    },
  },
]

const theme = useLocalStorage<Theme>('theme', 'day')
/** The holding's, as this device saw it last; by the browser's region before there is one. */
const INCHES = ['US', 'LR', 'MM']
const region = new Intl.Locale(navigator.language).region ?? ''
const units = useLocalStorage<Units>('units', INCHES.includes(region) ? 'us' : 'metric')

watchEffect(() => (document.documentElement.dataset.theme = theme.value))

export function useSettings() {
  const queries = useQueryClient()
  /** What the holding says when it is loaded. */
  function heedUnits(held: Units) {
    units.value = held
  }
  const switchUnits = () => setUnits(units.value === 'metric' ? 'us' : 'metric')
  async function setUnits(to: Units) {
    if (units.value === to) return
    units.value = to
    await heed(api.PUT('/api/units', { body: { units: to } })).catch(() => undefined)
    void queries.invalidateQueries()
  }
  return { units, theme, switchUnits, setUnits, heedUnits }
}
