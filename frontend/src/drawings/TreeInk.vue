<script setup lang="ts">
/**
 * The wood, twigs, leaf and fruit of one tree seen from the side: what stays in ink, what goes in
 * ghost. Plain shapes; what can be touched lies over them.
 */
import type { Frame } from '@/api/client'
import type { View } from '@/geometry/elevation'
import { computed } from 'vue'
import type { Drawn } from './limbs'
import LimbWood from './LimbWood.vue'
import { unionBand } from './trunk'

const props = defineProps<{
  frame: Frame
  limbs: Drawn[]
  trunk: { d: string; w: number }
  view: View
  width: number
  selected?: string | null
}>()
const sketched = computed(() => props.frame.origin === 'sketched')
const union = computed(() =>
  props.frame.union_m === null ? null : props.view.y0 - props.frame.union_m * props.view.scale,
)
</script>

<template>
  <g
    aria-hidden="true"
    :fill="sketched ? 'none' : 'var(--leaf)'"
    :stroke="sketched ? 'var(--leaf)' : 'none'"
  >
    <template v-for="d in limbs" :key="d.limb.id">
      <path v-if="d.leavesInk" :d="d.leavesInk" :opacity="sketched ? 0.45 : 0.5" />
      <path v-if="d.leavesGhost" :d="d.leavesGhost" opacity=".14" />
    </template>
  </g>
  <g aria-hidden="true" fill="none" stroke="var(--ink)" :stroke-width="width > 600 ? 1.1 : 0.8">
    <path v-for="d in limbs" :key="d.limb.id" :d="d.twigs" />
  </g>
  <!-- what is laid over the leaf and behind the wood -->
  <slot />
  <LimbWood :limbs="limbs.filter((d) => d.near < 0)" :selected="selected" />
  <path
    :d="trunk.d"
    fill="var(--sheet)"
    stroke="var(--ink)"
    stroke-width="1.8"
    aria-hidden="true"
  />
  <g aria-hidden="true">
    <LimbWood :limbs="limbs.filter((d) => d.near >= 0)" :selected="selected" />
    <path
      v-for="d in limbs"
      :key="d.limb.id"
      :d="d.leavesNear"
      fill="var(--leaf)"
      opacity=".72"
      pointer-events="none"
    />
    <g v-if="union !== null">
      <path :d="unionBand(view, trunk.w, union)" stroke="#15201a" stroke-width="8" />
      <path :d="unionBand(view, trunk.w, union)" stroke="var(--band)" stroke-width="4" />
    </g>
    <template v-for="d in limbs" :key="d.limb.id">
      <circle
        v-for="(f, i) in d.fruit"
        :key="i"
        :cx="f.at[0]"
        :cy="f.at[1]"
        :r="Math.max(3.4, 0.034 * view.scale)"
        :fill="f.ghost ? 'var(--sheet)' : 'var(--fruit)'"
        stroke="var(--ink)"
        stroke-width="1.3"
        :stroke-dasharray="f.ghost ? '2 2' : undefined"
      />
    </template>
  </g>
</template>
