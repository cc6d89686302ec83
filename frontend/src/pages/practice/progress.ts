/** How far the course is, on this device: what went wrong comes back some days later. Pure but for the store. */
import { useLocalStorage } from '@vueuse/core'

export interface Taken {
  right: boolean
  /** How often it was taken. */
  times: number
  /** The day from which it comes back, as YYYY-MM-DD; none where it was right. */
  again: string | null
}
export type Progress = Record<string, Taken>

/** A day so many days on, as YYYY-MM-DD. */
export function daysOn(today: string, days: number): string {
  const day = new Date(`${today}T12:00:00Z`)
  day.setUTCDate(day.getUTCDate() + days)
  return day.toISOString().slice(0, 10)
}

/**
 * The progress after a lesson was taken: wrong ones come back, later each time.
 * @param days After how many days: once, twice, and from then on.
 */
export function taken(
  before: Progress,
  id: string,
  right: boolean,
  today: string,
  days: number[],
): Progress {
  const times = (before[id]?.times ?? 0) + 1
  const wait = days[Math.min(times, days.length) - 1] ?? 1
  return { ...before, [id]: { right, times, again: right ? null : daysOn(today, wait) } }
}

/** The lesson to take now: one that is due again, else the first that was not taken. */
export function nextOf(ids: string[], progress: Progress, today: string): string | null {
  const due = ids.find((id) => progress[id]?.again && progress[id].again <= today)
  return due ?? ids.find((id) => !progress[id]) ?? null
}

export const useProgress = () => useLocalStorage<Progress>('billhook-course', {})
export const today = () => new Date().toLocaleDateString('sv-SE')
