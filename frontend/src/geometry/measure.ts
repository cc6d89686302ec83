/**
 * Lengths and diameters as people type and read them. SI inside: metres for lengths, millimetres
 * for diameters.
 */
import { decimals } from '@/words/numbers'
import tell from 'words:app'

export type Units = 'metric' | 'us'

export const FOOT = 0.3048
const INCH = 0.0254
/** A pound [kg]. */
export const LB = 0.45359237
const WORDS: Record<string, number> = {
  mm: 0.001,
  millimetre: 0.001,
  millimetres: 0.001,
  cm: 0.01,
  centimetre: 0.01,
  centimetres: 0.01,
  m: 1,
  metre: 1,
  metres: 1,
  meter: 1,
  meters: 1,
  "'": FOOT,
  ft: FOOT,
  foot: FOOT,
  feet: FOOT,
  '"': INCH,
  in: INCH,
  inch: INCH,
  inches: INCH,
}

/** `1 3/4`, `3/4`, `7.5`, `2,3` as a number; null if it is none. */
function amount(text: string): number | null {
  const mixed = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(text)
  if (mixed)
    return Number(mixed[3]) === 0
      ? null
      : Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3])
  return /^\d+(?:[.,]\d+)?$|^[.,]\d+$/.test(text) ? Number(text.replace(',', '.')) : null
}

/**
 * A length in metres out of `7'6`, `2.3m`, `3/4"`, `19 mm`, `6 ft 2`, `1m40`; null if it cannot be
 * read.
 * A bare number is taken in `bare`: the unit the field asks for.
 */
export function parseLength(typed: string, bare: 'm' | 'mm' | 'ft' | 'in'): number | null {
  const text = typed
    .trim()
    .toLowerCase()
    .replace(/[′’]/g, "'")
    .replace(/[″”]/g, '"')
    .replace(/''/g, '"')
  if (text === '') return null
  const parts = [
    ...text.matchAll(/(\d+\s+\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?|[.,]\d+)\s*([a-z]+|['"])?/g),
  ]
  if (
    parts.length === 0 ||
    parts
      .map((p) => p[0])
      .join('')
      .replace(/\s/g, '') !== text.replace(/\s/g, '')
  )
    return null
  if (parts.length > 2) return null
  let total = 0
  let last = 0
  for (const [i, part] of parts.entries()) {
    const value = amount(part[1]!)
    let unit = part[2] ? WORDS[part[2]] : undefined
    if (value === null || (part[2] && unit === undefined)) return null
    // the second of two: inches after feet, centimetres after metres
    if (unit === undefined)
      unit = i === 0 ? WORDS[bare]! : last === FOOT ? INCH : last === 1 ? 0.01 : undefined
    if (unit === undefined || (i === 1 && unit >= last)) return null
    total += value * unit
    last = unit
  }
  return total
}

/** Inches to the nearest sixteenth: `1 3/4`, `3/8`, `2`. */
function sixteenths(inches: number): string {
  const ticks = Math.round(inches * 16)
  const whole = Math.floor(ticks / 16)
  let top = ticks % 16
  let bottom = 16
  if (top === 0) return String(whole)
  while (top % 2 === 0) [top, bottom] = [top / 2, bottom / 2]
  return whole ? `${whole} ${top}/${bottom}` : `${top}/${bottom}`
}

/** A length [m] in words: `1.40 m` or `4'7"`. */
export function lengthWords(metres: number, units: Units): string {
  if (units === 'metric') return `${decimals(metres, 2)} m`
  const inches = Math.round(metres / INCH)
  return `${Math.floor(inches / 12)}'${inches % 12}"`
}

/** A diameter [mm] in words: `27 mm` or `1 1/16"`. */
export function diameterWords(mm: number, units: Units): string {
  return units === 'metric' ? `${Math.round(mm)} mm` : `${sixteenths(mm / 25.4)}"`
}

/** A number with its thousands apart, and a decimal where it is small. */
const amountWords = (n: number) =>
  decimals(n, n >= 100 ? 0 : 1).replace(/\B(?=(\d{3})+$)/g, '\u202f')

/** A weight [kg] in words. */
export function weightWords(kg: number, units: Units): string {
  const shown = units === 'metric' ? kg : kg / LB
  return `${amountWords(shown)} ${units === 'metric' ? 'kg' : 'lb'}`
}

export const LITRES_PER_GALLON = 3.785411784

/** A weight in kilograms out of what was typed in the reader's units; null if it is none. */
export function parseWeight(typed: string, units: Units): number | null {
  const found = /^\s*(\d+(?:[.,]\d+)?)\s*(kg|lbs?|pounds?)?\s*$/i.exec(typed)
  if (!found) return null
  const pounds = found[2] ? !/^kg$/i.test(found[2]) : units === 'us'
  return Number(found[1]!.replace(',', '.')) * (pounds ? LB : 1)
}

/** A heap or a crown [m³] in words. */
export function heapWords(m3: number, units: Units): string {
  return units === 'metric'
    ? `${decimals(m3, 2)} m³`
    : tell('cu-ft', { m3: decimals(m3 / FOOT ** 3, 1) })
}

/** What a tank holds [l] in words. */
export function volumeWords(litres: number, units: Units): string {
  const shown = units === 'metric' ? litres : litres / LITRES_PER_GALLON
  return `${decimals(shown, shown < 10 ? 1 : 0)} ${units === 'metric' ? tell('litres') : tell('gallons')}`
}

const OTHERS: Record<string, [number, string]> = {
  m: [1 / FOOT, 'ft'],
  mm: [0.001 / INCH, 'in'],
  cm: [0.01 / INCH, 'in'],
  km: [0.62137119, 'miles'],
  kg: [1 / LB, 'lb'],
  litres: [1 / LITRES_PER_GALLON, 'gallons'],
  litros: [1 / LITRES_PER_GALLON, 'gal'],
  m2: [1 / FOOT ** 2, 'sq ft'],
  'kg/m3': [FOOT ** 3 / LB, 'lb/cu ft'],
  'm/min': [1 / FOOT, 'ft/min'],
}

/** A known value as it is shown: number and unit, which may say of what, in the reader's units. */
export function inUnits(value: number, unit: string, units: Units): [number, string] {
  const [first, ...rest] = unit.split(' ')
  const found = units === 'us' ? OTHERS[first!] : undefined
  return found
    ? [Math.round(value * found[0] * 100) / 100, [found[1], ...rest].join(' ')]
    : [value, unit.replace(/\bm([23])\b/g, (_, power) => (power === '2' ? 'm²' : 'm³'))]
}

/** A share [0..1] in per cent. */
export function shareWords(share: number): string {
  const percent = share * 100
  return Math.abs(percent - Math.round(percent)) < 0.05
    ? `${Math.round(percent)} %`
    : `${decimals(percent, 1)} %`
}

const CLOCK = /^(1[0-2]|[1-9])\s*(?:o'?clock|h)?$/
const COMPASS = [
  'n',
  'nne',
  'ne',
  'ene',
  'e',
  'ese',
  'se',
  'sse',
  's',
  'ssw',
  'sw',
  'wsw',
  'w',
  'wnw',
  'nw',
  'nnw',
]
const COMPASS_WORDS: Record<string, string> = {
  north: 'n',
  'north-east': 'ne',
  northeast: 'ne',
  east: 'e',
  'south-east': 'se',
  southeast: 'se',
  south: 's',
  'south-west': 'sw',
  southwest: 'sw',
  west: 'w',
  'north-west': 'nw',
  northwest: 'nw',
}

/**
 * A bearing in degrees out of `NE`, `south-west`, `240°`, or the clock as seen by someone who
 * stands at `facing` and looks at the trunk:
 * twelve is straight behind it, three to the right. Null if it cannot be read.
 */
export function parseDirection(typed: string, standing: number): number | null {
  const text = typed.trim().toLowerCase()
  const own = [tell('winds'), tell('winds-in-full')]
    .map((all) => all.toLowerCase().split(' ').indexOf(text))
    .find((nth) => nth >= 0)
  if (own !== undefined) return own * 45
  const wind = COMPASS.indexOf(COMPASS_WORDS[text] ?? text)
  if (wind >= 0) return wind * 22.5
  const degrees =
    /^(\d{1,3}(?:\.\d+)?)\s*(?:°|deg|degrees)$/.exec(text) ??
    (/^\d+$/.test(text) && Number(text) > 12 ? [text, text] : null)
  if (degrees) return Number(degrees[1]) <= 360 ? Number(degrees[1]) % 360 : null
  const hour = CLOCK.exec(text)
  if (hour) return (standing + 180 + Number(hour[1]) * 30) % 360
  return null
}

/** The eight winds, from north on. */
export const winds = () => tell('winds').split(' ')

/** The wind of eight that a bearing points to. */
export function windWords(bearing: number): string {
  return winds()[Math.round((((bearing % 360) + 360) % 360) / 45) % 8]!
}

export const SLOPES = [
  {
    word: 'upright',
    rise: 80,
    get says() {
      return tell('upright')
    },
  },
  {
    word: 'steep',
    rise: 60,
    get says() {
      return tell('steep')
    },
  },
  {
    word: 'slanting',
    rise: 40,
    get says() {
      return tell('slanting')
    },
  },
  {
    word: 'flat',
    rise: 8,
    get says() {
      return tell('flat')
    },
  },
  {
    word: 'hanging',
    rise: -25,
    get says() {
      return tell('hanging')
    },
  },
] as const

/** A rise in degrees out of `steep`, `slanting`, `flat` or `35°`; null if it cannot be read. */
export function parseSlope(typed: string): number | null {
  const text = typed.trim().toLowerCase()
  const word = SLOPES.find((s) => s.word === text || s.says.toLowerCase() === text)
  if (word) return word.rise
  const degrees = /^(-?\d{1,2}(?:\.\d+)?)\s*(?:°|deg|degrees)?$/.exec(text)
  return degrees && Math.abs(Number(degrees[1])) <= 90 ? Number(degrees[1]) : null
}

/**
 * Length of a limb whose tip is at `tip` [m above ground], that starts at `start` and rises `rise`
 * degrees; null where it never gets there.
 */
export function lengthToTip(start: number, tip: number, rise: number): number | null {
  const climb = Math.sin((rise * Math.PI) / 180)
  const length = (tip - start) / climb
  return Math.abs(climb) > 0.02 && length > 0 && length < 60 ? length : null
}
