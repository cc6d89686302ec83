<script setup lang="ts">
/** Twelve to eighteen months read like a tide table: warmth and events above, a lane for each kind of work below. */
import type { Schemas } from '@/api/client'
import { shareWords } from '@/geometry/measure'
import { addDays, areaPath, monthsOf, ribbonScale, runs } from '@/geometry/ribbon'
import { computed } from 'vue'
import { TONES } from './tones'

const props = defineProps<{ almanac: Schemas['AlmanacOut']; day: string; width: number }>()
const emit = defineEmits<{ day: [iso: string] }>()

const LEFT = 172
const FLOOR = 112
const TOP_OF_LANES = 196
const STEP = 34
const right = computed(() => props.width - 8)
const scale = computed(() => ribbonScale(props.almanac.from, props.almanac.to, LEFT, right.value))
const months = computed(() => monthsOf(props.almanac.from, props.almanac.to).map((m) => ({ ...m, x: scale.value.x(m.start) })))
const height = computed(() => TOP_OF_LANES + props.almanac.lanes.length * STEP + 14)
const warmth = computed(() => areaPath(props.almanac.warmth, (i) => scale.value.x(addDays(props.almanac.from, i * 7)), FLOOR, 62))
const spans = (name: string) =>
  props.almanac.events
    .filter((e) => e.name === name)
    .map((e) => ({ ...e, x: scale.value.x(e.from), w: Math.max(2, scale.value.end(e.to) - scale.value.x(e.from)) }))
const flushes = computed(() =>
  spans('first flush').map((e) => ({
    ...e,
    d: `M${e.x} ${FLOOR}C${e.x + e.w * 0.25} ${FLOOR - 46} ${e.x + e.w * 0.5} ${FLOOR - 46} ${e.x + e.w} ${FLOOR}Z`,
  })),
)
const frost = computed(() => spans('frost likely'))
const sun = computed(() => spans('strong sun on bark'))
const crops = computed(() => [
  ...spans('harvest').map((e) => ({ ...e, label: 'harvest', fill: 'var(--fruit)', ink: '#15201a', dash: undefined })),
  ...spans('bloom').map((e) => ({ ...e, label: 'bloom', fill: 'var(--sheet)', ink: 'var(--ink)', dash: undefined })),
  ...spans('set and drop').map((e) => ({ ...e, label: 'set', fill: 'none', ink: 'var(--ink)', dash: '3 3' })),
])
const lanes = computed(() =>
  props.almanac.lanes.map((lane, i) => ({
    work: lane.work,
    name: lane.name,
    y: TOP_OF_LANES + i * STEP,
    runs: runs(lane.segments).map((r) => {
      const x = scale.value.x(r.from)
      const w = scale.value.end(r.to) - x
      const label = r.status === 'go' || r.status === 'light' ? (r.max_share === null ? 'any day' : shareWords(r.max_share)) : r.status
      return { ...r, x, w, label: w > label.length * 7 + 12 ? label : '' }
    }),
  })),
)
const x = (iso: string) => scale.value.x(iso) + scale.value.perDay / 2
function pick(event: PointerEvent) {
  const box = (event.currentTarget as SVGElement).getBoundingClientRect()
  emit('day', scale.value.at(((event.clientX - box.left) * props.width) / box.width))
}
function slide(event: PointerEvent) {
  if (event.buttons) pick(event)
}
</script>

<template>
  <svg
    :viewBox="`0 0 ${width} ${height}`"
    class="block w-full h-auto select-none cursor-pointer"
    role="img"
    :aria-label="`Almanac of ${almanac.name}, ${almanac.from} to ${almanac.to}`"
    @pointerdown="pick"
    @pointermove="slide"
  >
    <g v-for="m in months" :key="m.start">
      <line :x1="m.x" :x2="m.x" y1="6" :y2="height - 8" stroke="var(--rule)" :stroke-width="m.name.includes('’') ? 2 : 1" />
      <text :x="m.x + 6" y="20" font-size="16" style="font-weight: 600">{{ m.name }}</text>
    </g>
    <text :x="LEFT - 12" y="84" text-anchor="end" font-size="16">growing warmth</text>
    <text :x="LEFT - 12" y="102" text-anchor="end" font-size="14" style="fill: var(--ink2)">over {{ almanac.base_c }} °C</text>
    <path :d="warmth" fill="var(--leaf-soft)" stroke="var(--edge)" />
    <g v-for="f in flushes" :key="f.from">
      <path :d="f.d" fill="var(--leaf)" />
      <text :x="f.x + f.w * 0.4" :y="FLOOR - 40" font-size="14" text-anchor="middle" class="halo" style="font-weight: 600">first flush</text>
    </g>
    <line :x1="LEFT" :x2="right" :y1="FLOOR" :y2="FLOOR" stroke="var(--ink)" stroke-width="2" />
    <text :x="LEFT - 12" y="134" text-anchor="end" font-size="16" style="fill: var(--frost)">frost likely</text>
    <g v-for="f in frost" :key="f.from">
      <line
        v-for="k in 3"
        :key="k"
        :x1="f.x + 4"
        :x2="f.x + f.w - 2"
        :y1="120 + k * 5"
        :y2="120 + k * 5"
        stroke="var(--frost)"
        stroke-width="3.4"
        stroke-dasharray="0.1 8"
        stroke-linecap="round"
      />
    </g>
    <g v-for="s in sun" :key="s.from">
      <path
        :d="Array.from({ length: Math.floor(s.w / 7) }, (_, i) => `M${s.x + 3 + i * 7} 122v18`).join('')"
        stroke="var(--bark)"
        stroke-width="1.6"
      />
      <text v-if="s.w > 130" :x="s.x + s.w / 2" y="136" text-anchor="middle" font-size="14" class="halo" style="font-weight: 600">
        strong sun on bark
      </text>
    </g>
    <text :x="LEFT - 12" y="170" text-anchor="end" font-size="16">the tree</text>
    <g v-for="c in crops" :key="c.label + c.from">
      <rect :x="c.x" y="154" :width="c.w" height="22" :fill="c.fill" stroke="var(--ink)" stroke-width="1.6" :stroke-dasharray="c.dash" />
      <text
        v-if="c.w > c.label.length * 7 + 8"
        :x="c.x + c.w / 2"
        y="170"
        text-anchor="middle"
        font-size="15"
        :style="{ fill: c.ink, fontWeight: 600 }"
      >
        {{ c.label }}
      </text>
    </g>
    <g v-for="lane in lanes" :key="lane.work" :data-lane="lane.work">
      <text :x="LEFT - 12" :y="lane.y + 17" text-anchor="end" font-size="16" style="font-weight: 600">{{ lane.name }}</text>
      <g v-for="r in lane.runs" :key="r.from">
        <rect
          :x="r.x"
          :y="lane.y"
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
            :y="lane.y + 2.5"
            :width="r.label.length * 7.2 + 12"
            height="19"
            fill="var(--sheet)"
          />
          <text
            :x="r.x + r.w / 2"
            :y="lane.y + 17.5"
            text-anchor="middle"
            font-size="15"
            :style="{ fill: r.status === 'go' ? 'var(--on-leaf)' : r.status === 'stop' ? 'var(--ink2)' : 'var(--ink)', fontWeight: 600 }"
          >
            {{ r.label }}
          </text>
        </template>
      </g>
    </g>
    <g pointer-events="none">
      <line :x1="x(almanac.today)" :x2="x(almanac.today)" y1="26" :y2="height - 8" stroke="var(--ink)" stroke-width="2" stroke-dasharray="6 4" />
      <text :x="x(almanac.today) + 6" y="40" font-size="15" class="halo" style="font-weight: 600">today</text>
      <line :x1="x(day)" :x2="x(day)" y1="28" :y2="height - 8" stroke="var(--tape)" stroke-width="3" />
      <path :d="`M${x(day)} 36l-9 -12h18z`" fill="var(--tape)" />
    </g>
  </svg>
</template>
