<script setup lang="ts">
/**
 * A trunk seen from above: dead bark hatched, scratched sides marked, a ring where to scratch next.
 * Radius to the trunk's own measure.
 */
import tell from 'words:drawings'
import type { Schemas } from '@/api/client'
import { onRound, wedge } from '@/geometry/round'
import { windWords } from '@/geometry/measure'
import { computed } from 'vue'

const props = defineProps<{ test: Schemas['StemTestOut']; trunk: string }>()
const R = 62
const spots = computed(() =>
  props.test.readings.map((r) => ({
    at: onRound(r.bearing_deg, R),
    green: r.green,
    name: windWords(r.bearing_deg),
  })),
)
const next = computed(() =>
  props.test.found.next_bearing_deg === null ? null : onRound(props.test.found.next_bearing_deg, R),
)
</script>

<template>
  <svg
    viewBox="-100 -100 200 200"
    class="block w-[190px] h-[190px]"
    role="img"
    :aria-label="tell('the-trunk-from-above-thick', { trunk, found: test.found.says })"
  >
    <circle r="72" fill="var(--sheet)" stroke="var(--ink)" stroke-width="1.8" />
    <circle r="52" fill="none" stroke="var(--rule)" stroke-width="1.4" />
    <path
      v-for="(d, i) in test.found.dead"
      :key="i"
      :d="wedge(d.from_deg, d.to_deg, 52, 72)"
      fill="url(#dead)"
      stroke="var(--ink)"
      stroke-width="1.4"
    />
    <g v-for="s in spots" :key="s.name">
      <circle
        :cx="s.at[0]"
        :cy="s.at[1]"
        r="7.5"
        :fill="s.green ? 'var(--leaf)' : 'var(--sheet)'"
        stroke="var(--ink)"
        stroke-width="1.8"
      />
      <path
        v-if="!s.green"
        :d="`M${s.at[0] - 4} ${s.at[1] - 4}l8 8m0 -8l-8 8`"
        stroke="var(--ink)"
        stroke-width="1.8"
      />
    </g>
    <circle
      v-if="next"
      :cx="next[0]"
      :cy="next[1]"
      r="13"
      fill="none"
      stroke="var(--tape)"
      stroke-width="3.4"
    />
    <text y="-79" font-size="15" text-anchor="middle" style="font-weight: 600">
      {{ tell('n') }}
    </text>
    <text y="6" x="0" font-size="13" text-anchor="middle">{{ trunk }}</text>
  </svg>
</template>
