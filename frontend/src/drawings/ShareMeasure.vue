<script setup lang="ts">
/** Share of canopy as a ruled bar, with the limits as notches and each cut as a numbered piece. */
import tell from 'words:drawings'
import { shareWords } from '@/geometry/measure'
import { computed } from 'vue'

const props = defineProps<{
  pieces: { n: number; share: number }[]
  limit: number | null
  limitSays: string
  year: number
  used: number
}>()
const W = 484
const marked = computed(() => props.pieces.reduce((sum, p) => sum + p.share, 0))
const full = computed(() => {
  const most = Math.max(props.year, props.limit ?? 0, props.used + marked.value) * 1.18
  return Math.max(0.1, Math.ceil(most * 20) / 20)
})
const clear = (at: number) => Math.max(8, Math.min(W - 8, at))
const x = (share: number) => 1 + (Math.min(share, full.value) / full.value) * (W - 2)
const ticks = computed(() =>
  Array.from({ length: Math.round(full.value * 100) + 1 }, (_, i) => i).filter(
    (i) => full.value <= 0.4 || i % 5 === 0,
  ),
)
const laid = computed(() => {
  let from = props.used
  return props.pieces
    .filter((p) => p.share > 0)
    .map((p) => {
      const start = from
      from += p.share
      return {
        ...p,
        from: x(start),
        to: x(from),
        over: props.limit !== null && from > props.used + props.limit + 1e-9,
      }
    })
})
const limitAt = computed(() => (props.limit === null ? null : x(props.used + props.limit)))
const yearAt = computed(() => x(props.year))
const apart = computed(() => limitAt.value !== null && Math.abs(yearAt.value - limitAt.value) > 150)
const says = computed(() =>
  tell('marked-this-year', {
    marked: shareWords(marked.value),
    limitSays: props.limitSays,
    year: shareWords(props.year),
  }),
)
const big = computed(() => (full.value > 0.4 ? 10 : 5))
</script>

<template>
  <svg :viewBox="`0 0 ${W} 66`" class="block w-full h-auto" role="img" :aria-label="says">
    <rect
      x="1"
      y="22"
      :width="W - 2"
      height="21"
      fill="var(--sheet)"
      stroke="var(--ink)"
      stroke-width="2"
    />
    <rect v-if="used > 0" x="2" y="23" :width="x(used) - 2" height="19" fill="url(#dead)" />
    <g v-for="p in laid" :key="p.n">
      <rect
        :x="p.from"
        y="23"
        :width="Math.max(2, p.to - p.from - 1)"
        height="19"
        :fill="p.over ? 'var(--tape)' : 'var(--leaf)'"
      />
      <text
        v-if="p.to - p.from > 13"
        :x="(p.from + p.to) / 2"
        y="38"
        text-anchor="middle"
        font-size="15"
        :style="{ fill: p.over ? 'var(--on-tape)' : 'var(--on-leaf)', fontWeight: 600 }"
      >
        {{ p.n }}
      </text>
    </g>
    <line
      v-for="t in ticks"
      :key="t"
      :x1="x(t / 100)"
      :x2="x(t / 100)"
      y1="43"
      :y2="t % 5 ? 47 : 51"
      stroke="var(--ink)"
      stroke-width="1.3"
    />
    <template v-for="t in ticks" :key="`n${t}`">
      <text
        v-if="t % big === 0"
        :x="Math.max(10, Math.min(W - 14, x(t / 100)))"
        y="64"
        font-size="14"
        text-anchor="middle"
      >
        {{ t }} %
      </text>
    </template>
    <template v-if="limitAt !== null">
      <path :d="`M${clear(limitAt)} 20l-6 -9h12z`" fill="var(--ink)" />
      <text
        :x="limitAt > W - 120 ? limitAt - 9 : limitAt + 9"
        y="14"
        font-size="15"
        :text-anchor="limitAt > W - 120 ? 'end' : 'start'"
        style="font-weight: 600"
      >
        {{ limitSays }}
      </text>
    </template>
    <template v-if="limitAt === null || apart || yearAt - limitAt > 8">
      <path :d="`M${yearAt} 20l-6 -9h12z`" fill="var(--ink2)" />
      <text
        v-if="limitAt === null || apart"
        :x="yearAt > W - 110 ? yearAt - 9 : yearAt + 9"
        y="14"
        font-size="15"
        :text-anchor="yearAt > W - 110 ? 'end' : 'start'"
      >
        {{ tell('this-year', { year: shareWords(year) }) }}
      </text>
    </template>
  </svg>
</template>
