<script setup lang="ts">
/** The wood of the limbs: what stays in ink, what goes in broken lines, the one in hand marked. */
import type { Drawn } from './limbs'

defineProps<{ limbs: Drawn[]; selected?: string | null }>()
const dash = ({ limb }: Drawn) =>
  limb.measured ? (limb.state === 'dead' ? '5 3' : undefined) : '7 3'
</script>

<template>
  <template v-for="d in limbs" :key="d.limb.id">
    <path
      v-if="d.ghost"
      :d="d.ghost"
      fill="none"
      stroke="var(--ink)"
      stroke-width="1.2"
      stroke-dasharray="4 4"
      opacity=".65"
    />
    <path
      v-if="d.ink"
      :d="d.ink"
      :fill="d.limb.state === 'dead' ? 'url(#dead)' : 'var(--sheet)'"
      stroke="var(--ink)"
      :stroke-width="d.limb.measured ? 1.7 : 1"
      :stroke-dasharray="dash(d)"
    />
    <path v-if="d.ink && d.joint && !d.limb.sucker" :d="d.joint" fill="var(--sheet)" />
    <path
      v-if="selected === d.limb.id"
      :d="d.hit"
      stroke="var(--frost)"
      stroke-width="3"
      fill="none"
    />
  </template>
</template>
