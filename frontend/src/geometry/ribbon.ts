/** Time as a ribbon: dates to pixels, months, runs of one tone. Pure functions. */
import { addDays, months } from './day'

const DAY = 86_400_000

/** Days since 1970 of an ISO date. */
export function dayNumber(iso: string): number {
  return Math.round(Date.parse(`${iso}T00:00:00Z`) / DAY)
}

/** Maps dates of a span to pixels between two edges; the last day ends at the right edge. */
export function ribbonScale(from: string, to: string, left: number, right: number) {
  const [first, last] = [dayNumber(from), dayNumber(to) + 1]
  const perDay = (right - left) / (last - first)
  return {
    x: (iso: string) => left + (Math.max(first, Math.min(last, dayNumber(iso))) - first) * perDay,
    end: (iso: string) =>
      left + (Math.max(first, Math.min(last, dayNumber(iso) + 1)) - first) * perDay,
    at: (x: number) =>
      addDays(from, Math.max(0, Math.min(last - first - 1, Math.floor((x - left) / perDay)))),
    perDay,
  }
}

/**
 * The months of a span: where each starts, and its name, with the year at January and at the start.
 */
export function monthsOf(from: string, to: string): { start: string; name: string }[] {
  const out: { start: string; name: string }[] = []
  let [year, month] = from.split('-').map(Number) as [number, number]
  for (
    let start = `${from.slice(0, 7)}-01`;
    start <= to;
    start = `${year}-${String(month).padStart(2, '0')}-01`
  ) {
    out.push({
      start,
      name: months()[month - 1] + (month === 1 || !out.length ? ` ’${String(year).slice(2)}` : ''),
    })
    ;[year, month] = month === 12 ? [year + 1, 1] : [year, month + 1]
  }
  return out
}

export interface Piece {
  from: string
  to: string
  status: 'go' | 'light' | 'wait' | 'stop'
  max_share: number | null
}

/** Neighbours of one tone and share as one run. */
export function runs<T extends Piece>(pieces: T[]): Piece[] {
  const out: Piece[] = []
  for (const piece of pieces) {
    const last = out.at(-1)
    if (last && last.status === piece.status && last.max_share === piece.max_share)
      last.to = piece.to
    else
      out.push({ from: piece.from, to: piece.to, status: piece.status, max_share: piece.max_share })
  }
  return out
}

/** An area under values every seventh day, from a floor upwards. */
export function areaPath(
  values: number[],
  x: (i: number) => number,
  floor: number,
  height: number,
): string {
  const most = Math.max(...values, 1)
  const points = values.map(
    (v, i) => `${x(i).toFixed(1)} ${(floor - (v / most) * height).toFixed(1)}`,
  )
  const last = x(values.length - 1)
  return values.length
    ? `M${x(0).toFixed(1)} ${floor}L${points.join('L')}L${last.toFixed(1)} ${floor}Z`
    : ''
}
