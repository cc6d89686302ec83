<script setup lang="ts">
/** The levelling staff at the left of an elevation, to scale, and its pointers. */
import { staffFields, staffMarks } from '@/geometry/elevation'
import { computed } from 'vue'

const props = defineProps<{
  x: number
  y0: number
  scale: number
  top: number
  units: 'metric' | 'us'
}>()
const fields = computed(() => staffFields(props.top, props.units))
const marks = computed(() => staffMarks(props.top, props.units))
</script>

<template>
  <g aria-hidden="true">
    <rect
      :x="x"
      :y="y0 - top * scale"
      width="30"
      :height="top * scale"
      fill="#fff"
      stroke="var(--ink)"
      stroke-width="2"
    />
    <rect
      v-for="field in fields"
      :key="field.from"
      :x="field.left ? x + 1 : x + 15"
      :y="y0 - field.to * scale"
      width="14"
      :height="(field.to - field.from) * scale"
      fill="#15201a"
    />
    <text
      v-for="mark in marks"
      :key="mark.at"
      :x="x - 6"
      :y="y0 - mark.at * scale + 6"
      text-anchor="end"
      font-size="17"
      style="font-weight: 600"
    >
      {{ mark.label }}
    </text>
  </g>
</template>
