<script setup lang="ts">
/** One kind of work over the months: its runs of one answer, and what a cut costs below them. */
import type { Lane, Run } from './lanes'
import { TONES } from './tones'

defineProps<Lane & { left: number; right: number }>()
const ink = (status: Run['status']) =>
  ({ go: 'var(--on-leaf)', stop: 'var(--ink2)', light: 'var(--ink)', wait: 'var(--ink)' })[status]
</script>

<template>
  <g>
    <text :x="left - 12" :y="y + 17" text-anchor="end" font-size="16" style="font-weight: 600">
      {{ name }}
    </text>
    <template v-if="curve">
      <line
        :x1="left"
        :x2="right"
        :y1="y + 41"
        :y2="y + 41"
        stroke="var(--rule)"
        stroke-width="1"
      />
      <path
        :d="curve"
        fill="none"
        stroke="var(--edge)"
        stroke-width="1.2"
        stroke-dasharray="2 2"
        data-curve="price"
      />
      <path
        v-for="d in open"
        :key="d"
        :d="d"
        fill="none"
        stroke="var(--ink)"
        stroke-width="2.4"
        data-curve="open"
      />
    </template>
    <g v-for="r in runs" :key="r.from">
      <rect
        :x="r.x"
        :y="y"
        :width="Math.max(1, r.w)"
        height="24"
        :fill="TONES[r.status]"
        :stroke="r.status === 'stop' ? 'var(--edge)' : 'var(--ink)'"
        :stroke-dasharray="r.status === 'stop' ? '2 3' : undefined"
        :stroke-width="r.status === 'stop' ? 1 : 1.6"
        :data-tone="r.status"
      />
      <template v-if="r.label">
        <rect
          v-if="r.status === 'light' || r.status === 'wait'"
          :x="r.x + r.w / 2 - r.label.length * 3.6 - 6"
          :y="y + 2.5"
          :width="r.label.length * 7.2 + 12"
          height="19"
          fill="var(--sheet)"
        />
        <text
          :x="r.x + r.w / 2"
          :y="y + 17.5"
          text-anchor="middle"
          font-size="15"
          :style="{ fill: ink(r.status), fontWeight: 600 }"
        >
          {{ r.label }}
        </text>
      </template>
    </g>
  </g>
</template>
