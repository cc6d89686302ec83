<script setup lang="ts">
/** The ground a tree stands on, hatched; with its pot where it stands in one. */
import { computed } from 'vue'

const props = defineProps<{
  left: number
  right: number
  /** Where the soil of the tree lies, and where the ground does: lower, under a pot. */
  soil: number
  floor: number
  middle: number
  /** Width of the pot's rim [px], 0 without one. */
  rim: number
}>()
const hatch = computed(() =>
  Array.from(
    { length: Math.floor((props.right - props.left - 8) / 14) },
    (_, i) => `M${props.left + 6 + i * 14} ${props.floor + 10}l9 -9`,
  ).join(''),
)
const pot = computed(() => {
  const { middle: x, soil, floor } = props
  const [rim, foot] = [props.rim / 2, props.rim * 0.38]
  return `M${x - rim} ${soil - 3}H${x + rim}L${x + foot} ${floor}H${x - foot}Z`
})
</script>

<template>
  <line :x1="left" :x2="right" :y1="floor" :y2="floor" stroke="var(--ink)" stroke-width="2" />
  <path
    v-if="rim"
    :d="pot"
    fill="var(--sheet)"
    stroke="var(--ink)"
    stroke-width="2"
    data-test="pot"
  />
  <path :d="hatch" stroke="var(--ink)" opacity=".5" />
</template>
