<script setup lang="ts">
/** A block that is being drawn or moved: its outline, its corners, the trees it would hold. */
import tell from 'words:drawings'
import { lengthWords } from '@/geometry/measure'
import { toPlan, type PlanView, type Spot } from '@/geometry/plan'
import { apart } from '@/geometry/scene'
import { computed } from 'vue'
import type { Draft } from './draft'

const props = defineProps<{ draft: Draft; view: PlanView; units: 'metric' | 'us' }>()
defineEmits<{ nudge: [nth: number, east: number, north: number]; takeOut: [nth: number] }>()
const corners = computed(() => props.draft.corners.map((c) => toPlan(c, props.view)))
const outline = computed(() => corners.value.map((p) => `${p.x},${p.y}`).join(' '))
const dots = (spots: Spot[]) =>
  spots.map((spot) => toPlan(spot, props.view)).map((p) => `M${p.x.toFixed(1)} ${p.y.toFixed(1)}h0`)
const stand = computed(() => dots(props.draft.spots.filter((_, n) => !props.draft.empty.has(n))))
const empty = computed(() =>
  props.draft.spots
    .filter((_, n) => props.draft.empty.has(n))
    .map((spot) => toPlan(spot, props.view))
    .map(({ x, y }) => `M${x - 4} ${y - 4}l8 8m0 -8l-8 8`)
    .join(''),
)
const LEAST_PX = 46
/** How long each side is, written beside it where there is room. */
const sides = computed(() => {
  if (!props.draft.drawn || corners.value.length < 2) return []
  const n = corners.value.length
  const labels = corners.value.map((a, i) => {
    const [b, from, to] = [corners.value[(i + 1) % n]!, i, (i + 1) % n]
    const [p, q] = [props.draft.corners[from]!, props.draft.corners[to]!]
    const says = lengthWords(Math.hypot(q.x - p.x, q.y - p.y), props.units)
    const long = Math.hypot(b.x - a.x, b.y - a.y)
    return { says, long, x: (a.x + b.x) / 2 - 24, y: (a.y + b.y) / 2 - 9, w: 48, h: 18 }
  })
  return apart(labels.filter((l, i) => l.long > LEAST_PX && (n > 2 || i === 0)))
})
const NUDGE: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}
</script>

<template>
  <g data-test="draft">
    <polygon
      :points="outline"
      fill="var(--tape)"
      fill-opacity="0.05"
      stroke="var(--tape)"
      stroke-width="2.5"
      stroke-linejoin="round"
      :stroke-dasharray="draft.drawn ? undefined : '7 5'"
    />
    <path :d="stand.join('')" class="dot" />
    <path :d="empty" fill="none" stroke="var(--ink2)" stroke-width="1.5" />
    <text v-for="(s, i) in sides" :key="i" :x="s.x + 24" :y="s.y + 14" class="side">
      {{ s.says }}
    </text>
    <template v-if="draft.drawn">
      <circle
        v-for="(c, i) in corners"
        :key="`c${i}`"
        :cx="c.x"
        :cy="c.y"
        r="9"
        class="corner"
        role="button"
        tabindex="0"
        :data-corner="i"
        :aria-label="tell('corner-arrow-keys-move-it', { i: i + 1 })"
        @keydown="
          (e: KeyboardEvent) => {
            const by = NUDGE[e.key]
            if (by) $emit('nudge', i, ...by)
            else if (e.key === 'Delete' || e.key === 'Backspace') $emit('takeOut', i)
            else return
            e.preventDefault()
            e.stopPropagation()
          }
        "
      />
    </template>
  </g>
</template>

<style scoped>
.dot {
  fill: none;
  stroke: var(--leaf);
  stroke-width: 6;
  stroke-linecap: round;
}
.side {
  font: 600 15px var(--font-tag);
  text-anchor: middle;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 5px;
  stroke-linejoin: round;
}
.corner {
  fill: var(--sheet);
  stroke: var(--tape);
  stroke-width: 3;
  pointer-events: auto;
  cursor: grab;
}
.corner:focus-visible {
  outline: 3px solid var(--ink);
  outline-offset: 3px;
}
</style>
