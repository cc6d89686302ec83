<script setup lang="ts">
/**
 * Shares of a usual crop by year, brought back beside replanted: filled and outlined columns on one
 * scale.
 */
import tell from 'words:drawings'
import { shareWords } from '@/geometry/measure'
import { computed } from 'vue'

const props = withDefaults(
  defineProps<{ heal: number[]; replant: number[]; healSays?: string; replantSays?: string }>(),
  {
    healSays: () => tell('brought-back'),
    replantSays: () => tell('replanted'),
  },
)
const H = 84
const W = 46
const byYear = (shares: number[]) =>
  shares.map((s, i) => tell('year-2', { i: i + 1, share: shareWords(s) })).join(', ')
const says = computed(
  () => `${props.healSays}: ${byYear(props.heal)}. ${props.replantSays}: ${byYear(props.replant)}.`,
)
</script>

<template>
  <figure class="m-0">
    <svg
      :viewBox="`0 0 ${W * heal.length + 44} ${H + 44}`"
      class="block w-full h-auto max-w-[560px]"
      role="img"
      :aria-label="says"
    >
      <g v-for="t in [0, 0.5, 1]" :key="t">
        <line
          x1="40"
          :x2="W * heal.length + 44"
          :y1="H + 10 - t * H"
          :y2="H + 10 - t * H"
          stroke="var(--rule)"
        />
        <text x="36" :y="H + 15 - t * H" font-size="15" text-anchor="end">{{ t * 100 }} %</text>
      </g>
      <g v-for="(s, i) in heal" :key="i" :transform="`translate(${44 + i * W} 0)`">
        <rect
          x="3"
          :y="H + 10 - s * H"
          width="17"
          :height="Math.max(1, s * H)"
          fill="var(--fruit)"
          stroke="var(--ink)"
          stroke-width="1.4"
        />
        <rect
          x="22"
          :y="H + 10 - replant[i]! * H"
          width="17"
          :height="Math.max(1, replant[i]! * H)"
          fill="url(#dead)"
          stroke="var(--ink)"
          stroke-width="1.4"
        />
        <text x="21" :y="H + 26" font-size="15" text-anchor="middle">{{ i + 1 }}</text>
      </g>
      <text :x="44" :y="H + 41" font-size="15">{{ tell('years-after-the-freeze') }}</text>
    </svg>
    <figcaption class="flex gap-5 text-note">
      <span
        ><i class="key" style="background: var(--fruit)" aria-hidden="true" /> {{ healSays }}</span
      >
      <span><i class="key hatch" aria-hidden="true" /> {{ replantSays }}</span>
      <span class="text-ink2">{{ tell('of-the-usual-crop') }}</span>
    </figcaption>
  </figure>
</template>

<style scoped>
.key {
  display: inline-block;
  width: 14px;
  height: 14px;
  border: 1.4px solid var(--ink);
  vertical-align: -2px;
}
.hatch {
  background: repeating-linear-gradient(45deg, var(--ink) 0 1.6px, var(--sheet) 1.6px 4.5px);
}
</style>
