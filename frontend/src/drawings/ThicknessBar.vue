<script setup lang="ts">
/** How thick a class is, to scale with the others: one length of wood seen from the side. */
const props = defineProps<{ mm: number; most: number }>()
const W = 76
const high = (mm: number) => (mm / props.most) * 44
</script>

<template>
  <svg :viewBox="`0 0 ${W} 46`" :width="W" height="46" aria-hidden="true">
    <rect
      x="1"
      :y="23 - high(mm) / 2"
      :width="W - 2"
      :height="Math.max(1.5, high(mm))"
      :rx="Math.min(4, high(mm) / 2)"
      fill="var(--sheet)"
      stroke="var(--ink)"
      stroke-width="1.5"
    />
    <path
      v-if="mm > 10"
      :d="`M ${W - 8} ${23 - high(mm) / 2} q 4 ${high(mm) / 2} 0 ${high(mm)}`"
      fill="none"
      stroke="var(--ink)"
      stroke-width="1.2"
    />
  </svg>
</template>
