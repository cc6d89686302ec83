/** Days as people type and read them; inside they are ISO dates, `2027-05-30`, or `05-30`. */
import tell from 'words:app'
import { language } from '@/words'
import { ref } from 'vue'

/** Months by their short names, January first, as the language of the pages has them. */
export function months(): string[] {
  const short = new Intl.DateTimeFormat(language.value, { month: 'short', timeZone: 'UTC' })
  return Array.from({ length: 12 }, (_, m) =>
    short
      .format(Date.UTC(2027, m, 15))
      .replace('.', '')
      .slice(0, 3),
  )
}
/** English months are read in every language. */
const ENGLISH = 'jan feb mar apr may jun jul aug sep oct nov dec'.split(' ')
const DAY_MS = 86_400_000

const two = (n: number) => String(n).padStart(2, '0')
const iso = (year: number, month: number, day: number) => `${year}-${two(month)}-${two(day)}`
const at = (day: string) => Date.parse(`${day}T00:00Z`)

/** The holding's day, from which a year is plain or must be said. */
export const today = ref(new Date().toISOString().slice(0, 10))

/** Whole days from one date to another. */
export const daysBetween = (from: string, to: string) => Math.round((at(to) - at(from)) / DAY_MS)

/** The date so many days on. */
export const addDays = (day: string, days: number) =>
  new Date(at(day) + days * DAY_MS).toISOString().slice(0, 10)

/** An ISO date in words: `25 Nov`, with its year where that is not plain. */
export function dayWords(day: string): string {
  return Math.abs(daysBetween(today.value, day)) < 335 ? monthDayWords(day.slice(5)) : fullDay(day)
}

/** An ISO date with its year: `25 Nov 2026`. */
export function fullDay(day: string): string {
  return `${monthDayWords(day.slice(5))} ${Number(day.slice(0, 4))}`
}

/** A month and day, `MM-DD`, in words: `5 Mar`. */
export function monthDayWords(monthDay: string): string {
  const [month, day] = monthDay.split('-').map(Number)
  return `${day} ${months()[month! - 1]}`
}

/** A month of a year in words: `May 2027`. */
export const monthWords = (month: string) =>
  `${months()[Number(month.slice(5, 7)) - 1]} ${Number(month.slice(0, 4))}`

interface Within {
  /** Whether `5/30` is how the reader writes the thirtieth of May. */
  monthFirst?: boolean
  min?: string
  max?: string
}

/** Whether there is such a day. */
function dayOf(year: number, month: number, day: number): string | null {
  const found = new Date(Date.UTC(year, month - 1, day))
  return found.getUTCMonth() === month - 1 && found.getUTCDate() === day
    ? iso(year, month, day)
    : null
}

function monthOf(word: string): number {
  const begins = (m: string) => m.toLowerCase() === word.slice(0, 3)
  return word.length < 3 ? 0 : months().findIndex(begins) + 1 || ENGLISH.findIndex(begins) + 1
}

/** Day, month and year as they were typed; a year of null where none was. */
function parts(text: string, monthFirst: boolean): [number, number, number | null] | null {
  const named =
    /^(\d{1,2})(?:st|nd|rd|th|º|°)?[\s.]*(?:de\s+)?(\p{L}+)\.?,?\s*(?:de\s+)?(\d{2}|\d{4})?$/u.exec(
      text,
    ) ?? /^(\p{L}+)\.?\s*(\d{1,2})(?:st|nd|rd|th)?,?\s*(\d{4})?$/u.exec(text)
  if (named) {
    const [, a, b, year] = named
    const [day, month] = /^\d/.test(a!) ? [Number(a), monthOf(b!)] : [Number(b), monthOf(a!)]
    return month ? [day, month, year ? Number(year) : null] : null
  }
  const bare = /^(\d{1,2})[./\s-]+(\d{1,2})[.\s]*(?:[./\s-]+(\d{2}|\d{4}))?$/.exec(text)
  if (!bare) return null
  const [a, b] = [Number(bare[1]), Number(bare[2])]
  const first = (monthFirst && a <= 12) || b > 12
  return [first ? b : a, first ? a : b, bare[3] ? Number(bare[3]) : null]
}

/** The words of a message, of which any will do. */
const anyOf = (words: string) => words.toLowerCase().split(' | ')

/** Days from today out of `tomorrow`, `in 3 weeks`, `2 days ago`, in the language of the pages. */
function nearDays(text: string): number | null {
  for (const [on, words] of [
    [0, `${tell('today')} | today`],
    [1, tell('word-tomorrow')],
    [-1, tell('word-yesterday')],
  ] as const)
    if (anyOf(words).includes(text)) return on
  const span = /^(.*?)\s*(\d{1,3})\s+(\p{L}+)(.*)$/u.exec(text)
  if (!span) return null
  const [, before, count, unit, after] = span.map((part) => part.trim())
  const days = anyOf(tell('word-weeks')).includes(unit!)
    ? 7
    : anyOf(tell('word-days')).includes(unit!)
      ? 1
      : 0
  const ago = anyOf(tell('word-ago'))
  const past = ago.includes(before!) || ago.includes(after!)
  const ahead = before === '' || anyOf(tell('word-in')).includes(before!)
  if (!days || !(past || (ahead && after === ''))) return null
  return Number(count) * days * (past ? -1 : 1)
}

/**
 * A day out of `30 may`, `May 30, 2027`, `30/5`, `today`, `in 3 weeks`, `2027-05-30`; without its
 * year the nearest that fits between `min` and `max`. Null if it cannot be read.
 */
export function parseDay(typed: string, within: Within = {}): string | null {
  const text = typed.trim().toLowerCase()
  const near = nearDays(text)
  if (near !== null) return addDays(today.value, near)
  if (/^\d{4}-\d{2}-\d{2}$/.test(text)) {
    const [year, month, day] = text.split('-').map(Number)
    return dayOf(year!, month!, day!)
  }
  const said = parts(text, within.monthFirst ?? false)
  if (!said) return null
  const [day, month, year] = said
  if (year !== null) return dayOf(year < 100 ? 2000 + year : year, month, day)
  const now = Number(today.value.slice(0, 4))
  const fits = [now - 1, now, now + 1]
    .map((y) => dayOf(y, month, day))
    .filter((d): d is string => d !== null)
  const open = fits.filter(
    (d) => (!within.min || d >= within.min) && (!within.max || d <= within.max),
  )
  const nearer = (a: string, b: string) =>
    Math.abs(daysBetween(today.value, a)) - Math.abs(daysBetween(today.value, b))
  return [...(open.length ? open : fits)].sort(nearer)[0] ?? null
}

/** The days of a month's sheet, from Monday or from Sunday; null before its first. */
export function monthSheet(month: string, fromSunday: boolean): (string | null)[] {
  const [year, nth] = month.split('-').map(Number)
  const first = new Date(Date.UTC(year!, nth! - 1, 1)).getUTCDay()
  const before = fromSunday ? first : (first + 6) % 7
  const length = new Date(Date.UTC(year!, nth!, 0)).getUTCDate()
  return [
    ...Array<null>(before).fill(null),
    ...Array.from({ length }, (_, d) => iso(year!, nth!, d + 1)),
  ]
}
