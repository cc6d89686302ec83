<script setup lang="ts">
/** A flag of tape with its number at the place of a cut. Red costs canopy, ink is free. */
defineProps<{ x: number; y: number; n: number; free: boolean; left: boolean; on: boolean }>()
</script>

<template>
  <g :transform="`translate(${x} ${y})`">
    <path d="M0 -12V12" :stroke="free ? 'var(--ink)' : 'var(--tape)'" stroke-width="4" />
    <path
      :d="left ? 'M0 -12h-36l8 12l-8 12h36z' : 'M0 -12h36l-8 12l8 12h-36z'"
      :fill="free ? 'var(--ink)' : 'var(--tape)'"
      :stroke="on ? 'var(--frost)' : 'none'"
      stroke-width="3"
    />
    <text
      :x="left ? -12 : 12"
      y="6"
      font-size="18"
      text-anchor="middle"
      :style="{ fill: free ? 'var(--paper)' : 'var(--on-tape)', fontWeight: 600 }"
    >
      {{ n }}
    </text>
  </g>
</template>
