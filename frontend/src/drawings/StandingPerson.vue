<script setup lang="ts">
/** Somebody reaching up beside the tree, to scale. x, y0: the feet; scale: pixels a metre. */
import { computed } from 'vue'

const props = defineProps<{ x: number; y0: number; scale: number; reach: number }>()
const path = computed(() => {
  const { x, y0: y, scale: s } = props
  const n = (m: number) => (y - m * s).toFixed(1)
  const legs = `V${n(0.82)}L${x - 0.08 * s} ${y}M${x} ${n(0.82)}L${x + 0.08 * s} ${y}`
  const raised = `M${x} ${n(1.4)}L${x - 0.11 * s} ${n(1.72)}L${x - 0.13 * s} ${n(props.reach)}`
  return `M${x} ${n(1.5)}${legs}${raised}M${x} ${n(1.4)}L${x + 0.1 * s} ${n(0.95)}`
})
</script>

<template>
  <g stroke="var(--edge)" stroke-width="2" fill="none" opacity=".6">
    <circle :cx="x" :cy="y0 - 1.62 * scale" :r="0.1 * scale" />
    <path :d="path" />
  </g>
</template>
