<script setup lang="ts">
/** The counted share on a rule, with its range as a bracket and the day's limit as a mark. */
import { computed } from 'vue'

const props = defineProps<{ share: number; low: number; high: number; limit: number | null }>()
const W = 358
const full = computed(() =>
  Math.max(0.1, Math.ceil(Math.max(props.high, (props.limit ?? 0) * 1.2) * 20) / 20),
)
const x = (share: number) => 1 + (Math.min(share, full.value) / full.value) * (W - 2)
const step = computed(() => (full.value <= 0.15 ? 2 : full.value <= 0.4 ? 5 : 10))
const ticks = computed(() =>
  Array.from({ length: Math.floor((full.value * 100) / step.value) + 1 }, (_, i) => i * step.value),
)
const over = computed(() => props.limit !== null && props.share > props.limit + 1e-9)
</script>

<template>
  <svg :viewBox="`0 0 ${W} 62`" class="w-full max-w-md" aria-hidden="true">
    <path
      :d="`M ${x(low)} 4 v 8 M ${x(low)} 8 H ${x(high)} M ${x(high)} 4 v 8`"
      stroke="var(--ink)"
      stroke-width="2"
      fill="none"
    />
    <rect x="1" y="16" :width="W - 2" height="22" fill="var(--sheet)" />
    <rect
      x="1"
      y="16"
      :width="Math.max(0, x(share) - 1)"
      height="22"
      :fill="over ? 'var(--tape)' : 'var(--leaf)'"
    />
    <rect
      x="1"
      y="16"
      :width="W - 2"
      height="22"
      fill="none"
      stroke="var(--ink)"
      stroke-width="2"
    />
    <path v-if="limit !== null" :d="`M ${x(limit)} 16 l -7 -11 h 14 z`" fill="var(--ink)" />
    <g v-for="t in ticks" :key="t">
      <line :x1="x(t / 100)" :x2="x(t / 100)" y1="38" y2="43" stroke="var(--ink)" />
      <text
        :x="Math.max(10, Math.min(W - 14, x(t / 100)))"
        y="57"
        font-size="13"
        text-anchor="middle"
      >
        {{ t }} %
      </text>
    </g>
  </svg>
</template>
