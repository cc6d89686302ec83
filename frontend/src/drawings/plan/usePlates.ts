/** What is written over the plan: names of blocks, and where cold air lies. */
import { decimals } from '@/words/numbers'
import tell from 'words:drawings'
import { toPlan, type PlanView } from '@/geometry/plan'
import { apart, type Scene } from '@/geometry/scene'
import { computed, type ComputedRef } from 'vue'

const LETTER_PX = 9.4
/** How far a line of cold air rises into its block, px; over a small one by its width. */
const RISE = 60
const RISE_OF_WIDTH = 0.35
/** A block drawn narrower bears the line alone, px. */
const SAID_FROM = 110
/** Height of what is written, px. */
export const LETTER_HIGH = 15

export function usePlates(
  scene: ComputedRef<Scene>,
  view: ComputedRef<PlanView>,
  size: () => readonly [number, number],
  units: () => 'metric' | 'us',
) {
  /** A name plate over each block, as far as they do not stand on one another. */
  const plates = computed(() => {
    const [width, height] = size()
    const seen = scene.value.blocks.filter(({ box: [west, south, east, north] }) => {
      const a = toPlan({ x: west, y: north }, view.value)
      const b = toPlan({ x: east, y: south }, view.value)
      return a.x < width && a.y < height && b.x > 0 && b.y > 0
    })
    return apart(
      seen.map(({ block, rows, box }) => {
        const first = rows.flatMap((row) => row.at.slice(0, 1)).map((n) => scene.value.trees[n]!)
        const high = first.reduce((a, b) => (b.y > a.y ? b : a), first[0]!)
        const at = toPlan({ x: high.x, y: box[3] }, view.value)
        const w = block.name.length * LETTER_PX + 34
        const x = Math.min(Math.max(6, at.x - 26), Math.max(6, width - w - 6))
        return { block, x, y: Math.max(2, at.y - 34), w, h: 27 }
      }),
    )
  })
  const cold = computed(() =>
    scene.value.blocks
      .filter(({ block }) => block.frost_pocket)
      .map(({ block, box }) => {
        const [width, height] = size()
        const a = toPlan({ x: box[0], y: box[1] }, view.value)
        const b = toPlan({ x: box[2], y: box[1] }, view.value)
        const low = a.y - 2
        const rise = Math.min(RISE, RISE_OF_WIDTH * (b.x - a.x))
        const off = Math.abs(block.offset_c)
        const says =
          units() === 'metric' ? `${decimals(off, 1)} °C` : `${decimals(off * 1.8, 1)} °F`
        return {
          id: block.id,
          from: a.x,
          to: b.x,
          d: `M${a.x - 18} ${low}Q${(a.x + b.x) / 2} ${low - rise} ${b.x + 18} ${low - 4}`,
          x: Math.max(8, Math.min(a.x + 20, width - 300)),
          y: low > height ? -1 : Math.min(low + 30, height - 44) - LETTER_HIGH,
          w: 290,
          h: 18,
          says: tell('cold-air-lies-here', { colder: says }),
        }
      }),
  )
  /** Said where its line is seen. */
  const coldSaid = computed(() =>
    apart(
      cold.value.filter(
        ({ y, from, to }) => to - from >= SAID_FROM && y > 55 && from < size()[0] - 90 && to > 90,
      ),
      plates.value,
    ),
  )
  return { plates, cold, coldSaid }
}
