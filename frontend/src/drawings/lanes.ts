/** The lanes of work under the months: runs, labels that fit, and the curve of what a cut costs. */
import tell from 'words:drawings'
import type { Schemas } from '@/api/client'
import { shareWords } from '@/geometry/measure'
import { addDays } from '@/geometry/day'
import { TONE_WORDS } from './tones'
import { dayNumber, runs, type Piece } from '@/geometry/ribbon'

/** The curve under a lane: so many pixels for so many crops. */
const CURVE = { height: 15, crops: 2, below: 41 }

export interface Run extends Piece {
  x: number
  w: number
  label: string
}
export interface Lane {
  work: string
  name: string
  y: number
  runs: Run[]
  curve: string
  open: string[]
}
/** Days on paper: where one begins and ends. */
export interface Days {
  x: (iso: string) => number
  end: (iso: string) => number
}

/** What a cut costs day by day, upwards from a floor. */
function pricePath(prices: number[], from: string, floor: number, days: Days): string {
  const y = (p: number) =>
    (floor - (Math.min(p, CURVE.crops) / CURVE.crops) * CURVE.height).toFixed(1)
  return prices
    .map((p, i) => `${i ? 'L' : 'M'}${days.x(addDays(from, i)).toFixed(1)} ${y(p)}`)
    .join('')
}

/** What stands on a run: its share, or its tone. */
export function labelOf(run: Piece): string {
  if (run.status !== 'go' && run.status !== 'light') return TONE_WORDS[run.status]
  return run.max_share === null ? tell('open-any-day') : shareWords(run.max_share)
}

/** Each lane of an almanac, the first at ``top``, ``step`` apart. */
export function lanesOf(
  almanac: Schemas['AlmanacOut'],
  days: Days,
  top: number,
  step: number,
): Lane[] {
  const nth = (iso: string) => dayNumber(iso) - dayNumber(almanac.from)
  return almanac.lanes.map((lane, i) => {
    const [y, found, prices] = [top + i * step, runs(lane.segments), lane.prices]
    const path = (from: string, list: number[]) => pricePath(list, from, y + CURVE.below, days)
    return {
      work: lane.work,
      name: lane.name,
      y,
      curve: prices ? path(almanac.from, prices) : '',
      open: prices
        ? found
            .filter((r) => r.status === 'go')
            .map((r) => path(r.from, prices.slice(nth(r.from), nth(r.to) + 1)))
        : [],
      runs: found.map((r) => {
        const [x, label] = [days.x(r.from), labelOf(r)]
        const w = days.end(r.to) - x
        return { ...r, x, w, label: w > label.length * 7 + 12 ? label : '' }
      }),
    }
  })
}
