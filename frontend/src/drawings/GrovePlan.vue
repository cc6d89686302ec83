<script setup lang="ts">
/**
 * The holding in plan, to scale, at any size: blocks by their shares of tone, rows as bands, trees as
 * rings with the tone in the heart. Gaps where a tree died; hedgerows as one band.
 */
import tell from 'words:drawings'
import type { Grove, GroveTree } from '@/api/client'
import { fitPlan, fromPlan, toPlan, type PlanView, type Spot } from '@/geometry/plan'
import { inside, layerAt, lassoed, sceneOf } from '@/geometry/scene'
import { useDevicePixelRatio, useEventListener } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import PlanScale from './PlanScale.vue'
import { bandsOf, drawPlan, type RowLabel } from './plan/draw'
import BlockDraft from './plan/BlockDraft.vue'
import type { Draft } from './plan/draft'
import { paintsOf, type Ink, type Paints } from './plan/ink'
import { useCarry, type Carried } from './plan/useCarry'
import { useNear } from './plan/useNear'
import { LETTER_HIGH, usePlates } from './plan/usePlates'

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
  fills?: Map<string, Ink>
  /** Trees can be dragged to where they stand. */
  moving?: boolean
  /** A drawn line chooses what it goes round. */
  choosing?: boolean
  /** A bare wheel brings it nearer. */
  wheel?: boolean
  /** A block that is being drawn or moved. */
  draft?: Draft | null
}>()
const emit = defineEmits<{
  block: [id: string]
  pick: [tree: GroveTree]
  open: [tree: GroveTree]
  /** A tree was dragged to a place [m]. */
  put: [tree: GroveTree, x: number, y: number]
  /** Trees that a line went round, or of a row whose number was touched. */
  choose: [trees: GroveTree[]]
  /** While a block is drawn: a touch [m], with how near counts as on it [m]. */
  spot: [at: Spot, reach: number]
  /** A corner was dragged to a place [m], or pressed along by a key. */
  corner: [nth: number, to: Spot]
  nudge: [nth: number, east: number, north: number]
  takeOut: [nth: number]
  /** The block was carried on [m]. */
  shift: [east: number, north: number]
}>()

const scene = computed(() => sceneOf(props.grove, props.siteId))
/** Room for the numbers of rows, px. */
const NUMBERS = 16
const whole = computed<PlanView>(() => {
  const { trees } = scene.value
  const room = [props.width - NUMBERS, props.height - 96] as const
  const fitted = fitPlan(trees, ...room, trees.length > 30 ? 7 : 5)
  return { ...fitted, dx: fitted.dx + NUMBERS, dy: fitted.dy + 58 }
})
const frame = ref<HTMLElement>()
const canvas = ref<HTMLCanvasElement>()
const { part, nearer, zoom, pan, all, show } = useNear(
  frame,
  () => [props.width, props.height] as const,
  (event) => !!taken(event as MouseEvent),
  () => !!props.wheel,
  () => !!props.draft,
)
const view = computed<PlanView>(() => ({
  scale: whole.value.scale * part.value.k,
  dx: whole.value.dx * part.value.k + part.value.x,
  dy: whole.value.dy * part.value.k + part.value.y,
}))
const layer = computed(() => layerAt(scene.value, view.value))

const inkOf = (tree: GroveTree): Ink =>
  props.fills ? (props.fills.get(tree.id) ?? 'none') : tree.tone

const bands = computed(() => bandsOf(scene.value, inkOf, props.lit))

const { plates, cold, coldSaid } = usePlates(
  scene,
  view,
  () => [props.width, props.height] as const,
  () => props.units,
)
const picked = computed(() => {
  const tree = scene.value.trees.find((t) => t.id === props.selected)
  return tree && { ...toPlan(tree, view.value), r: ((tree.spread_m ?? 1.6) / 2) * view.value.scale }
})

let labels: RowLabel[] = []
let paints: Paints | null = null
const { pixelRatio } = useDevicePixelRatio()
let asked = 0
function draw() {
  asked = 0
  const on = canvas.value?.getContext('2d')
  if (!on || !canvas.value) return
  const ratio = pixelRatio.value
  const [w, h] = [Math.round(props.width * ratio), Math.round(props.height * ratio)]
  if (canvas.value.width !== w || canvas.value.height !== h) {
    canvas.value.width = w
    canvas.value.height = h
  }
  on.setTransform(ratio, 0, 0, ratio, 0, 0)
  const look = {
    view: view.value,
    width: props.width,
    height: props.height,
    inkOf,
    lit: props.lit,
    bands: bands.value,
    plates: [...plates.value, ...coldSaid.value],
  }
  paints ??= paintsOf(on, ratio)
  labels = drawPlan(on, scene.value, look, paints)
}
const redraw = () => (asked ||= requestAnimationFrame(draw))
onMounted(() => {
  redraw()
  void document.fonts?.ready.then(redraw)
})
/** The page's colours, or the screen, have changed. */
function repaint() {
  paints = null
  redraw()
}
useEventListener(window.matchMedia?.('(prefers-contrast: more)'), 'change', repaint)
watch(pixelRatio, repaint)
watch([scene, view, () => props.lit, () => props.fills], redraw)

/** Where a pointer is on the plan, px. */
function place(event: MouseEvent | TouchEvent): Spot {
  const box = frame.value!.getBoundingClientRect()
  const at = 'touches' in event ? event.touches[0]! : event
  return {
    x: ((at.clientX - box.left) * props.width) / box.width,
    y: ((at.clientY - box.top) * props.height) / box.height,
  }
}
const REACH = 24
/** How near a touch comes to a place that it leaves empty, px. */
const NEAR_SPOT = 14
function near(event: MouseEvent | TouchEvent) {
  const { x, y } = fromPlan(place(event), view.value)
  const most = Math.max(REACH / view.value.scale, scene.value.crown / 2)
  return scene.value.nearest(x, y, most)
}
const onLabel = ({ x, y }: Spot) =>
  labels.find((l) => x > l.x - 8 && x < l.x + l.w + 8 && y > l.y - 5 && y < l.y + l.h + 5)

/** What a pointer takes up where it is. */
function taken(event: MouseEvent): Carried | null {
  const at = place(event)
  if (props.choosing) return { what: 'line', spots: [at] }
  if (props.draft) {
    const corner = (event.target as Element).getAttribute('data-corner')
    if (corner !== null) return { what: 'corner', nth: Number(corner), at, from: at }
    const on = props.draft.corners.length > 2
    return on && inside(fromPlan(at, view.value), props.draft.corners)
      ? { what: 'block', at, from: at }
      : null
  }
  const tree = props.moving ? near(event) : undefined
  return tree ? { what: 'tree', tree, at } : null
}
const { carried, press, slide, lift, drop, moved } = useCarry(
  () => frame.value,
  place,
  taken,
  (now, before) => {
    if (now.what === 'corner') emit('corner', now.nth, fromPlan(now.at, view.value))
    else if (now.what === 'block' && before.what === 'block') {
      const [a, b] = [fromPlan(before.at, view.value), fromPlan(now.at, view.value)]
      emit('shift', b.x - a.x, b.y - a.y)
    }
  },
  (now) => {
    if (now.what === 'tree') {
      const { x, y } = fromPlan(now.at, view.value)
      emit('put', now.tree, x, y)
    } else if (now.what === 'line') {
      const chosen = lassoed(
        scene.value,
        now.spots.map((spot) => fromPlan(spot, view.value)),
      )
      if (chosen.length) emit('choose', chosen)
    }
  },
)
const lasso = computed(() => (carried.value?.what === 'line' ? carried.value.spots : null))
const tree = computed(() => (carried.value?.what === 'tree' ? carried.value.at : null))
function touch(event: MouseEvent) {
  if (props.draft) {
    const { x, y } = fromPlan(place(event), view.value)
    if (!moved()) emit('spot', { x, y }, NEAR_SPOT / view.value.scale)
    return
  }
  if (props.moving || (event.target as Element).closest('a')) return
  const label = onLabel(place(event))
  if (label)
    return emit(
      'choose',
      label.row.at.map((n) => scene.value.trees[n]!),
    )
  if (layer.value === 'block' && !props.choosing) return void nearTo(event)
  const tree = near(event)
  if (tree) emit('pick', tree)
}
/** From far, a touch brings the block near that it was on. */
function nearTo(event: MouseEvent) {
  const { x, y } = fromPlan(place(event), view.value)
  const on = scene.value.blocks.find(
    ({ box }) => x >= box[0] && x <= box[2] && y >= box[1] && y <= box[3],
  )
  if (on) showBox(on.box)
}
function showBox([west, south, east, north]: readonly [number, number, number, number]) {
  const { x, y } = toPlan({ x: (west + east) / 2, y: (south + north) / 2 }, whole.value)
  const room = Math.min(
    props.width / ((east - west + 12) * whole.value.scale),
    props.height / ((north - south + 24) * whole.value.scale),
  )
  show(x, y, Math.max(1, room))
}
function open(event: MouseEvent) {
  const tree = near(event)
  if (tree) emit('open', tree)
}
/** Brings a tree into view where it is not. */
watch(picked, (now, before) => {
  if (!now || (before && now.x === before.x && now.y === before.y)) return
  const out = now.x < 0 || now.y < 0 || now.x > props.width || now.y > props.height
  const tree = scene.value.trees.find((t) => t.id === props.selected)
  if (!out || !tree || !nearer.value) return
  const at = toPlan(tree, whole.value)
  show(at.x, at.y, part.value.k)
})
defineExpose({ zoom, pan, all, nearer, view, layer })
</script>

<template>
  <div
    ref="frame"
    class="frame"
    :style="{ width: `${width}px`, height: `${height}px` }"
    role="group"
    :aria-label="tell('plan-of-trees-find-them', { trees: scene.trees.length })"
    :class="[
      moving || choosing || draft || nearer ? 'touch-none' : 'touch-pan-y',
      { '!cursor-move': moving, '!cursor-crosshair': choosing || draft?.drawn },
    ]"
    :data-near="part.k.toFixed(3)"
    :data-layer="layer"
    :data-lit="lit ? scene.trees.filter((t) => lit!.has(t.id)).length : undefined"
    @click="touch"
    @dblclick="open"
    @pointerdown="press"
    @pointermove="slide"
    @pointerup="lift"
    @pointercancel="drop"
  >
    <canvas ref="canvas" class="sheet" aria-hidden="true" />
    <svg class="sheet" :viewBox="`0 0 ${width} ${height}`" aria-hidden="true">
      <path
        v-for="c in cold"
        :key="c.id"
        :d="c.d"
        fill="none"
        stroke="var(--frost)"
        stroke-width="2"
        stroke-dasharray="1 5"
        stroke-linecap="round"
      />
      <text
        v-for="c in coldSaid"
        :key="`t${c.id}`"
        :x="c.x"
        :y="c.y + LETTER_HIGH"
        font-size="15"
        class="cold"
      >
        {{ c.says }}
      </text>
      <circle
        v-if="picked"
        :cx="picked.x"
        :cy="picked.y"
        :r="Math.max(picked.r, 8) + 5"
        fill="none"
        stroke="var(--tape)"
        stroke-width="3"
      />
      <circle
        v-if="tree"
        :cx="tree.x"
        :cy="tree.y"
        r="12"
        fill="none"
        stroke="var(--frost)"
        stroke-width="3"
      />
      <polygon
        v-if="lasso"
        :points="lasso.map((p) => `${p.x},${p.y}`).join(' ')"
        fill="var(--tape)"
        fill-opacity="0.08"
        stroke="var(--tape)"
        stroke-width="2.5"
        stroke-linejoin="round"
      />
      <PlanScale :x="width - 190" :y="height - 22" :view="view" :units="units" />
    </svg>
    <svg
      v-if="draft"
      class="sheet"
      :viewBox="`0 0 ${width} ${height}`"
      role="group"
      :aria-label="tell('the-block-on-the-plan')"
    >
      <BlockDraft
        :draft="draft"
        :view="view"
        :units="units"
        @nudge="(n, east, north) => $emit('nudge', n, east, north)"
        @take-out="$emit('takeOut', $event)"
      />
    </svg>
    <a
      v-for="p in plates"
      :key="p.block.id"
      :href="`/block/${p.block.id}`"
      :aria-label="tell('block', { block: p.block.name })"
      class="plate board"
      :class="{ 'pointer-events-none': choosing || moving || draft }"
      :style="{ transform: `translate(${p.x}px, ${p.y}px)` }"
      @click.prevent.stop="$emit('block', p.block.id)"
      >{{ p.block.name }}</a
    >
  </div>
</template>

<style scoped>
.frame {
  position: relative;
  overflow: hidden;
  cursor: pointer;
  user-select: none;
  max-width: 100%;
}
.sheet {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  pointer-events: none;
}
.cold {
  fill: var(--frost);
  font-weight: 600;
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 5px;
  stroke-linejoin: round;
}
.board {
  position: absolute;
  left: 0;
  top: 0;
  min-height: 27px;
  padding: 0 10px 0 8px;
  font-size: 17px;
  line-height: 1;
  white-space: nowrap;
}
</style>
