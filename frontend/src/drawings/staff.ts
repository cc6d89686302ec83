/** Heights marked on the measuring staff. */
import { spreadLabels, type View } from '@/geometry/elevation'
import { lengthWords, type Units } from '@/geometry/measure'

export interface Mark {
  /** Height above where heights start [m]; none is not shown. */
  at: number | null | undefined
  name: string
  tone: string
  dash: string
}

const LOWEST_M = 0.03
const APART_PX = 17

/** Marks with where they lie [px] and their labels, kept from lying on each other. */
export function onStaff(marks: Mark[], view: View, units: Units) {
  const list = marks.flatMap(({ at, name, ...looks }) =>
    at != null && at > LOWEST_M
      ? [{ ...looks, text: `${name} ${lengthWords(at, units)}`, y: view.y0 - at * view.scale }]
      : [],
  )
  const labels = spreadLabels(
    list.map((p) => p.y - 5),
    APART_PX,
  )
  return list.map((p, i) => ({ ...p, labelY: labels[i]! }))
}
