<script setup lang="ts">
/** Diameters of limbs, on a ground of paper. */
import type { Girth } from './limbs'

defineProps<{ labels: Girth[] }>()
</script>

<template>
  <g v-for="l in labels" :key="l.id" pointer-events="none">
    <rect
      :x="l.x - l.w / 2"
      :y="l.y - 10"
      :width="l.w"
      height="19"
      rx="3"
      fill="var(--paper)"
      opacity=".9"
    />
    <text :x="l.x" :y="l.y + 5" :font-size="l.main ? 15 : 13" text-anchor="middle">
      {{ l.text }}
    </text>
  </g>
</template>
