<script setup lang="ts">
/** One stem to scale: its leaves from where they begin to the top, and the cut as a mark. */
import tell from 'words:drawings'
import { lengthWords, type Units } from '@/geometry/measure'
import { computed } from 'vue'

const props = defineProps<{ height: number; leaves: number; cut: number; units: Units }>()
const W = 260
const H = 430
const GROUND = H - 24
const scale = computed(() => (GROUND - 30) / props.height)
const y = (m: number) => GROUND - m * scale.value
const blades = computed(() => {
  const count = Math.max(4, Math.round((props.height - props.leaves) / 0.06))
  return Array.from({ length: Math.min(40, count) }, (_, i) => ({
    y: y(props.leaves + ((i + 0.5) / count) * (props.height - props.leaves)),
    right: i % 2 === 0,
    gone: props.leaves + ((i + 0.5) / count) * (props.height - props.leaves) > props.cut,
  }))
})
</script>

<template>
  <svg :viewBox="`0 0 ${W} ${H}`" class="w-full max-w-xs" role="img" :aria-label="tell('the-stem')">
    <line x1="20" :x2="W - 10" :y1="GROUND" :y2="GROUND" stroke="var(--ink)" stroke-width="2" />
    <line x1="130" x2="130" :y1="GROUND" :y2="y(height)" stroke="var(--ink)" stroke-width="5" />
    <path
      v-for="(leaf, i) in blades"
      :key="i"
      :d="
        leaf.right
          ? `M 132 ${leaf.y} q 22 -16 44 -4 q -18 16 -44 4`
          : `M 128 ${leaf.y} q -22 -16 -44 -4 q 18 16 44 4`
      "
      :fill="leaf.gone ? 'none' : 'var(--leaf)'"
      :stroke="leaf.gone ? 'var(--tape)' : 'var(--leaf)'"
      :stroke-dasharray="leaf.gone ? '3 2' : undefined"
    />
    <line
      x1="96"
      x2="164"
      :y1="y(cut) + 6"
      :y2="y(cut) - 6"
      stroke="var(--tape)"
      stroke-width="4"
    />
    <text x="172" :y="y(cut) + 5" font-size="15">
      {{ tell('cut', { cut: lengthWords(cut, units) }) }}
    </text>
    <text x="20" :y="y(height) + 5" font-size="15">{{ lengthWords(height, units) }}</text>
    <text x="20" :y="y(leaves) + 5" font-size="15">{{ tell('leaves-from') }}</text>
  </svg>
</template>
