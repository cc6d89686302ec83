<script setup lang="ts">
/** The scale of a plan, and where north is. */
import tell from 'words:drawings'
import { scaleBar, type PlanView } from '@/geometry/plan'
import type { Units } from '@/geometry/measure'
import { computed } from 'vue'

const props = defineProps<{ x: number; y: number; view: PlanView; units: Units }>()
const bar = computed(() => scaleBar(props.view, 130))
const barWords = computed(() =>
  props.units === 'metric' ? `${bar.value} m` : `${Math.round(bar.value / 0.3048)} ft`,
)
</script>

<template>
  <g :transform="`translate(${x} ${y})`" aria-hidden="true">
    <rect x="-8" y="-24" width="184" height="44" rx="6" fill="var(--paper)" />
    <rect
      :width="bar * view.scale"
      height="8"
      fill="var(--sheet)"
      stroke="var(--ink)"
      stroke-width="1.5"
    />
    <rect
      v-for="i in 5"
      :key="i"
      :x="((i - 1) / 5) * bar * view.scale"
      :width="(bar * view.scale) / 10"
      height="8"
      fill="var(--ink)"
    />
    <text x="0" y="-5" font-size="14">0</text>
    <text :x="bar * view.scale" y="-5" font-size="14" text-anchor="end">{{ barWords }}</text>
    <g :transform="`translate(158 -8)`">
      <path d="M0 14V-8M0 -16l-7 11h14z" fill="var(--ink)" stroke="var(--ink)" stroke-width="2" />
      <text y="-20" font-size="15" text-anchor="middle" style="font-weight: 600">{{
        tell('n')
      }}</text>
    </g>
  </g>
</template>
