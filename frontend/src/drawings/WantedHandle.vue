<script setup lang="ts">
/**
 * The line a tree is wanted at, with a handle: dragged by pointer or moved by keys; where nobody
 * said so yet, the handle waits at the top of the tree.
 */
import tell from 'words:drawings'
import { useDrag } from '@/composables/useDrag'
import { lengthWords, type Units } from '@/geometry/measure'
import { computed, ref } from 'vue'

const props = defineProps<{
  y0: number
  scale: number
  left: number
  size: readonly [number, number]
  wanted: number | null
  tall: number
  units: Units
}>()
const emit = defineEmits<{ want: [metres: number] }>()
const LOWEST = 0.3
const group = ref<SVGGElement>()
const svg = computed(() => group.value?.ownerSVGElement)
const moving = ref<number | null>(null)
const at = computed(() => moving.value ?? props.wanted ?? props.tall)
const y = computed(() => props.y0 - at.value * props.scale)
const within = (m: number) => Math.round(Math.min(30, Math.max(LOWEST, m)) * 20) / 20
const settle = () => {
  if (moving.value !== null) emit('want', moving.value)
  moving.value = null
}
const { take, move, drop } = useDrag<true>(
  svg,
  () => props.size,
  (_, [, py]) => (moving.value = within((props.y0 - py) / props.scale)),
  settle,
)
function keys(event: KeyboardEvent) {
  if (event.key === 'Enter') settle()
  const by = { ArrowUp: 0.05, ArrowDown: -0.05, PageUp: 0.5, PageDown: -0.5 }[event.key]
  if (by === undefined && event.key !== 'Enter') return
  event.preventDefault()
  event.stopPropagation()
  if (by !== undefined) moving.value = within(at.value + by)
}
const x = computed(() => props.size[0] - 28)
const says = computed(() =>
  props.wanted === null && moving.value === null
    ? tell('how-high')
    : tell('wanted-2', { at: lengthWords(at.value, props.units) }),
)
</script>

<template>
  <g
    ref="group"
    role="slider"
    tabindex="0"
    class="cursor-ns-resize touch-none no-print"
    :aria-label="tell('how-high-the-tree-is')"
    aria-orientation="vertical"
    :aria-valuemin="LOWEST"
    :aria-valuemax="30"
    :aria-valuenow="at"
    :aria-valuetext="says"
    data-handle="wanted"
    @pointerdown.stop="take($event, true)"
    @pointermove="move"
    @pointerup="drop"
    @pointercancel="drop"
    @keydown="keys"
    @blur="settle"
  >
    <line
      v-if="moving !== null"
      :x1="left"
      :x2="size[0] - 12"
      :y1="y"
      :y2="y"
      stroke="var(--tape)"
      stroke-width="2"
      stroke-dasharray="10 5"
      pointer-events="none"
    />
    <circle :cx="x" :cy="y" r="24" fill="transparent" />
    <circle :cx="x" :cy="y" r="18" fill="var(--sheet)" stroke="var(--tape)" stroke-width="3" />
    <path :d="`M${x} ${y - 12}l7 9h-14zm0 24l7 -9h-14z`" fill="var(--tape)" pointer-events="none" />
    <text
      v-if="moving !== null || wanted === null"
      :x="x - 26"
      :y="y - 8"
      font-size="16"
      text-anchor="end"
      class="halo"
      style="fill: var(--tape); font-weight: 600"
    >
      {{ says }}
    </text>
  </g>
</template>
