/** Temperatures as people read and type them. */
import { decimals } from '@/words/numbers'
import type { Units } from './measure'

/** A temperature in the reader's degrees. */
export function warmthWords(c: number, units: Units): string {
  const value = units === 'metric' ? c : c * 1.8 + 32
  return `${decimals(value, 1).replace('-', '−')} ${units === 'metric' ? '°C' : '°F'}`
}

/**
 * Degrees Celsius out of what was typed; a letter C or F beats the units, null where it cannot be
 * read.
 */
export function parseWarmth(typed: string, units: Units): number | null {
  const found = /^\s*([-−–]?\d+(?:[.,]\d+)?)\s*°?\s*([cf])?\s*$/i.exec(typed)
  if (!found) return null
  const value = Number(found[1]!.replace(/[−–]/, '-').replace(',', '.'))
  const fahrenheit = found[2] ? found[2].toLowerCase() === 'f' : units === 'us'
  return Math.round((fahrenheit ? (value - 32) / 1.8 : value) * 100) / 100
}

/** A difference of temperatures in the reader's degrees. */
export function spreadWords(kelvin: number, units: Units): string {
  return units === 'metric' ? `${kelvin} °C` : `${decimals(kelvin * 1.8, 1)} °F`
}
