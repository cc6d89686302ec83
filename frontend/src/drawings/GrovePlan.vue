<script setup lang="ts">
/**
 * The holding in plan, to scale: crowns as rings, the heart filled with the tone; gaps where a tree
 * died; hedgerows as one band.
 */
import type { Grove, GroveTree } from '@/api/client'
import { fitPlan, fromPlan, rowPath, toPlan } from '@/geometry/plan'
import { useDrag } from '@/composables/useDrag'
import { usePart } from '@/composables/usePart'
import { computed, ref } from 'vue'
import PlanScale from './PlanScale.vue'
import { TONES } from './tones'

const props = defineProps<{
  grove: Grove
  siteId: string
  width: number
  height: number
  selected: string | null
  /** Those that were looked for; the others stand pale. */
  lit?: Set<string>
  units: 'metric' | 'us'
  /** Hearts filled by tree in place of the tones; a tree that is not named stays empty. */
  fills?: Map<string, string>
  /** Trees can be dragged to where they stand. */
  moving?: boolean
}>()
const emit = defineEmits<{
  block: [id: string]
  pick: [tree: GroveTree]
  open: [tree: GroveTree]
  /** A tree was dragged to a place [m]. */
  put: [tree: GroveTree, x: number, y: number]
}>()

const blocks = computed(() => props.grove.blocks.filter((b) => b.site_id === props.siteId))
const rows = computed(() =>
  props.grove.rows.filter((r) => blocks.value.some((b) => b.id === r.block_id)),
)
const rowOf = computed(() => new Map(rows.value.map((r) => [r.id, r])))
const trees = computed(() => props.grove.trees.filter((t) => rowOf.value.has(t.row_id)))
const gaps = computed(() => props.grove.gaps.filter((g) => rowOf.value.has(g.row_id)))
const view = computed(() => {
  const fitted = fitPlan(
    trees.value,
    props.width,
    props.height - 84,
    trees.value.length > 30 ? 7 : 5,
  )
  return { ...fitted, dy: fitted.dy + 58 }
})

const drawn = computed(() =>
  trees.value.map((tree) => {
    const at = toPlan(tree, view.value)
    const r = Math.max(2.5, ((tree.spread_m ?? 1.6) / 2) * view.value.scale)
    return { tree, ...at, r, hedge: rowOf.value.get(tree.row_id)?.kind === 'hedgerow' }
  }),
)
const lines = computed(() =>
  rows.value.map((row) => {
    const here = drawn.value.filter((d) => d.tree.row_id === row.id)
    const width = Math.max(...here.map((d) => d.r * 2), 6)
    return { row, path: rowPath(here), width, first: here[0], count: here.length }
  }),
)
/** Numbers of rows, as far as they do not stand on one another. */
const NUMBER = 14
const numbers = computed(() => {
  const shown: { n: number; x: number; y: number; id: string }[] = []
  for (const { row, first, count } of lines.value) {
    if (!first || count < 2) continue
    const at = { n: row.n, x: first.x - first.r - 7, y: first.y + 5, id: row.id }
    const free = shown.every((s) => Math.abs(s.y - at.y) >= NUMBER || Math.abs(s.x - at.x) > 22)
    if (free) shown.push(at)
  }
  return shown
})
/** A name plate over the first row of each block. */
const plates = computed(() =>
  blocks.value.map((block) => {
    const mine = lines.value.filter((l) => l.row.block_id === block.id && l.first)
    const high = mine.reduce(
      (a, b) => ((b.first?.y ?? 0) < (a?.first?.y ?? Infinity) ? b : a),
      mine[0],
    )
    const top = Math.min(
      ...drawn.value.filter((d) => d.tree.row_id === high?.row.id).map((d) => d.y - d.r),
    )
    return { block, x: Math.max(6, (high?.first?.x ?? 0) - 26), y: Math.max(26, top - 12) }
  }),
)
const cold = computed(() =>
  blocks.value
    .filter((b) => b.frost_pocket)
    .map((block) => {
      const here = drawn.value.filter((d) => rowOf.value.get(d.tree.row_id)?.block_id === block.id)
      const [left, right] = [
        Math.min(...here.map((d) => d.x)) - 22,
        Math.max(...here.map((d) => d.x)) + 22,
      ]
      const low = Math.max(...here.map((d) => d.y))
      const off = Math.abs(block.offset_c).toFixed(1)
      return {
        id: block.id,
        d: `M${left} ${low - 4}Q${(left + right) / 2} ${low - 64} ${right} ${low - 8}`,
        x: Math.max(8, Math.min(left + 16, props.width - 300)),
        y: Math.min(props.height - 8, low + 32),
        off,
      }
    }),
)
/** Pots are drawn as squares, to the scale of a 60-litre pot and no smaller than can be seen. */
const potSize = computed(() => Math.max(6, 1.1 * view.value.scale))
const terraces = computed(() =>
  Array.from({ length: 6 }, (_, i) => {
    const y = (props.height / 6) * (i + 0.6)
    const w = props.width
    return `M0 ${y + 18}C${w * 0.3} ${y + 26} ${w * 0.62} ${y - 16} ${w} ${y - 30}`
  }),
)
const fillOf = (tree: GroveTree) =>
  props.fills ? (props.fills.get(tree.id) ?? 'none') : TONES[tree.tone]
const picked = computed(() => drawn.value.find((d) => d.tree.id === props.selected))
function near(event: MouseEvent) {
  const [x, y] = place(event as PointerEvent)
  let best: (typeof drawn.value)[number] | undefined
  let gap = 30
  for (const d of drawn.value) {
    const away = Math.hypot(d.x - x, d.y - y) - Math.min(d.r, 6)
    if (away < gap) [best, gap] = [d, away]
  }
  return best?.tree
}
const svg = ref<SVGSVGElement>()
const carried = ref<{ tree: GroveTree; x: number; y: number } | null>(null)
const { held, place, take, move, drop } = useDrag<GroveTree>(
  svg,
  () => [props.width, props.height],
  (tree, [x, y]) => (carried.value = { tree, x, y }),
  () => {
    if (!carried.value) return
    const { tree, ...at } = carried.value
    const { x, y } = fromPlan(at, view.value)
    emit('put', tree, x, y)
    carried.value = null
  },
)
/** Brought nearer by two fingers or by buttons; a finger that taps picks. */
const {
  box,
  near: nearer,
  zoom,
  all,
  press,
  slide,
  lift,
  leave,
} = usePart(
  svg,
  () => [props.width, props.height],
  () => held.value !== null || !nearer.value,
)
defineExpose({ zoom, all, nearer })
function grab(event: PointerEvent) {
  press(event)
  const tree = props.moving && near(event)
  if (tree) take(event, tree)
}
function slid(event: PointerEvent) {
  slide(event)
  move(event)
}
function lifted(event: PointerEvent) {
  const tapped = lift(event) && !(event.target as Element).closest('a')
  const tree = tapped && !props.moving ? near(event) : undefined
  drop()
  if (tree) emit('pick', tree)
}
function left(event: PointerEvent) {
  leave(event)
  drop()
}
function open(event: MouseEvent) {
  const tree = near(event)
  if (tree) emit('open', tree)
}
</script>

<template>
  <svg
    ref="svg"
    :viewBox="box"
    class="block w-full h-auto cursor-pointer select-none"
    role="group"
    :aria-label="`Plan of ${trees.length} trees; find them by name above or in the list beside`"
    :class="[moving || nearer ? 'touch-none' : 'touch-pan-y', { '!cursor-move': moving }]"
    @dblclick="open"
    @pointerdown="grab"
    @pointermove="slid"
    @pointerup="lifted"
    @pointercancel="left"
  >
    <circle
      v-if="carried"
      :cx="carried.x"
      :cy="carried.y"
      r="12"
      fill="none"
      stroke="var(--frost)"
      stroke-width="3"
    />
    <path
      v-for="(d, i) in terraces"
      :key="i"
      :d="d"
      fill="none"
      stroke="var(--rule)"
      :stroke-width="i % 3 === 1 ? 2.5 : 1.2"
    />
    <g v-for="line in lines" :key="line.row.id">
      <template v-if="line.row.kind === 'hedgerow'">
        <path
          :d="line.path"
          fill="none"
          stroke="var(--ink)"
          :stroke-width="line.width + 3"
          stroke-linecap="round"
          stroke-linejoin="round"
        />
        <path
          :d="line.path"
          fill="none"
          stroke="var(--sheet)"
          :stroke-width="line.width"
          stroke-linecap="round"
          stroke-linejoin="round"
        />
      </template>
      <path v-else :d="line.path" fill="none" stroke="var(--rule)" stroke-width="1" />
    </g>
    <text
      v-for="n in numbers"
      :key="`n${n.id}`"
      :x="n.x"
      :y="n.y"
      text-anchor="end"
      :font-size="NUMBER"
      style="font-weight: 600"
    >
      {{ n.n }}
    </text>
    <g
      v-for="d in drawn"
      :key="d.tree.id"
      :opacity="lit && !lit.has(d.tree.id) ? 0.22 : undefined"
      :data-lit="lit?.has(d.tree.id) || undefined"
    >
      <template v-if="d.hedge">
        <circle
          :cx="d.x"
          :cy="d.y"
          :r="Math.max(2.4, d.r * 0.36)"
          :fill="fillOf(d.tree)"
          stroke="var(--ink)"
          stroke-width="1"
        />
      </template>
      <template v-else>
        <rect
          v-if="d.tree.pot_l"
          :x="d.x - potSize / 2"
          :y="d.y - potSize / 2"
          :width="potSize"
          :height="potSize"
          rx="1.5"
          :fill="fillOf(d.tree)"
          stroke="var(--ink)"
          stroke-width="1.6"
        />
        <template v-else>
          <circle
            :cx="d.x"
            :cy="d.y"
            :r="d.r"
            fill="var(--sheet)"
            stroke="var(--ink)"
            :stroke-width="d.tree.measured ? 2.2 : 1.1"
            :stroke-dasharray="d.tree.measured ? undefined : '4 2.5'"
          />
          <circle
            v-if="fills ? fillOf(d.tree) !== 'none' : d.tree.tone !== 'stop'"
            :cx="d.x"
            :cy="d.y"
            :r="Math.max(2.5, d.r * 0.56)"
            :fill="fillOf(d.tree)"
            stroke="var(--ink)"
            stroke-width="1"
          />
          <circle v-else-if="!fills" :cx="d.x" :cy="d.y" r="1.6" fill="var(--ink)" />
        </template>
      </template>
    </g>
    <path
      v-for="(g, i) in gaps"
      :key="`g${i}`"
      :d="`M${toPlan(g, view).x - 4} ${toPlan(g, view).y - 4}l8 8m0 -8l-8 8`"
      stroke="var(--ink)"
      stroke-width="1.6"
    />
    <g v-for="c in cold" :key="c.id">
      <path
        :d="c.d"
        fill="none"
        stroke="var(--frost)"
        stroke-width="2"
        stroke-dasharray="1 5"
        stroke-linecap="round"
      />
      <text :x="c.x" :y="c.y" font-size="15" style="fill: var(--frost); font-weight: 600">
        cold air lies here,
        {{ units === 'metric' ? `${c.off} °C` : `${(Number(c.off) * 1.8).toFixed(1)} °F` }} under
        the station
      </text>
    </g>
    <a
      v-for="p in plates"
      :key="p.block.id"
      :href="`/block/${p.block.id}`"
      :aria-label="`Block ${p.block.name}`"
      :transform="`translate(${p.x} ${p.y - 22})`"
      @click.prevent.stop="$emit('block', p.block.id)"
    >
      <rect
        :width="p.block.name.length * 9.4 + 34"
        height="25"
        rx="7"
        fill="var(--sheet)"
        stroke="var(--ink)"
        stroke-width="2"
      />
      <circle cx="13" cy="12.5" r="4" fill="var(--paper)" stroke="var(--ink)" stroke-width="2" />
      <text x="24" y="18.5" font-size="17" style="font-weight: 600">{{ p.block.name }}</text>
    </a>
    <g v-if="picked">
      <circle
        :cx="picked.x"
        :cy="picked.y"
        :r="Math.max(picked.r, 8) + 5"
        fill="none"
        stroke="var(--tape)"
        stroke-width="3"
      />
    </g>
    <PlanScale :x="width - 190" :y="height - 22" :view="view" :units="units" />
  </svg>
</template>
