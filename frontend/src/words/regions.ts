/**
 * Words that change from region to region, as this device was told to say them. Only what pages say
 * of themselves is changed; notes and names stay as they were typed.
 */
import { useLocalStorage } from '@vueuse/core'

/** By name of a word which of its forms is said, as `chupon.1_patron.1`. */
export const region = useLocalStorage('words', '')

type Regions = Record<string, string[][]>
const numbers = () =>
  new Map(region.value.split('_').map((part) => part.split('.') as [string, string]))

/** Which form of a word is said. */
export const formOf = (name: string) => Number(numbers().get(name) ?? 0)

/** This form of a word is said from now on. */
export function sayForm(name: string, nth: number): void {
  const all = numbers()
  all.delete('')
  if (nth) all.set(name, `${nth}`)
  else all.delete(name)
  region.value = [...all].map(([word, form]) => `${word}.${form}`).join('_')
}

const escaped = (word: string) => word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')

/** A text in the words that were chosen. */
export function regional(text: string, regions: Regions): string {
  const instead = new Map<string, string>()
  for (const [name, forms] of Object.entries(regions)) {
    const said = forms[formOf(name)] ?? forms[0]!
    if (said === forms[0]) continue
    for (const form of forms)
      if (form !== said) form.forEach((word, n) => instead.set(word, said[n]!))
  }
  if (!instead.size) return text
  const words = [...instead.keys()].sort((a, b) => b.length - a.length).map(escaped)
  return text.replace(
    new RegExp(`(?<![\\p{L}\\p{N}_])(?:${words.join('|')})(?![\\p{L}\\p{N}_])`, 'giu'),
    (found) => {
      const said = instead.get(found.toLowerCase())!
      return found[0] === found[0]!.toUpperCase() ? said[0]!.toUpperCase() + said.slice(1) : said
    },
  )
}
