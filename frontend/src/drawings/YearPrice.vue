<script setup lang="ts">
/**
 * One kind of work over the year ahead: four tones above, and what a cut costs below them, solid
 * where the days are open.
 */
import tell from 'words:drawings'
import type { Schemas } from '@/api/client'
import { addDays, dayWords } from '@/geometry/day'
import { dayNumber, monthsOf, ribbonScale, runs } from '@/geometry/ribbon'
import { computed } from 'vue'
import { labelOf } from './lanes'
import { TONES } from './tones'

const props = defineProps<{
  lane: Schemas['LaneOut']
  from: string
  to: string
  today: string
  /** The day that is looked at. */
  day: string
  width: number
}>()
const emit = defineEmits<{ day: [iso: string] }>()
const [LEFT, TOP, FLOOR, CROPS] = [30, 24, 130, 2]
const scale = computed(() => ribbonScale(props.from, props.to, LEFT, props.width - 4))
const y = (p: number) => FLOOR - (Math.min(p, CROPS) / CROPS) * 76
const months = computed(() => monthsOf(props.from, props.to))
const at = (iso: string) => scale.value.x(iso)
const tones = computed(() =>
  runs(props.lane.segments).map((r) => {
    const [x, label] = [at(r.from), labelOf(r)]
    const w = scale.value.end(r.to) - x
    return { ...r, x, w, label: w > label.length * 8 + 10 ? label : '' }
  }),
)
/** The price as a line of steps, so many crops high. */
const path = (from: string, prices: number[]) =>
  prices
    .map((p, i) => `${i ? 'L' : 'M'}${at(addDays(from, i)).toFixed(1)} ${y(p).toFixed(1)}`)
    .join('')
const curve = computed(() => path(props.from, props.lane.prices ?? []))
const nth = (iso: string) => dayNumber(iso) - dayNumber(props.from)
const open = computed(() =>
  tones.value
    .filter((t) => t.status === 'go' && props.lane.prices)
    .map((t) => {
      const prices = props.lane.prices!.slice(nth(t.from), nth(t.to) + 1)
      return `${path(t.from, prices)}L${scale.value.end(t.to).toFixed(1)} ${FLOOR}L${t.x} ${FLOOR}Z`
    }),
)
const ink = (status: string) => (status === 'go' ? 'var(--on-leaf)' : 'var(--ink)')
const says = computed(() =>
  tell('over-the-year', {
    lane: props.lane.name,
    tones: tones.value.map((t) => t.status).join(', '),
  }),
)
function pick(event: MouseEvent) {
  const box = (event.currentTarget as SVGElement).getBoundingClientRect()
  emit('day', scale.value.at(((event.clientX - box.left) / box.width) * props.width))
}
/** The day stands where there is room for its words. */
const late = computed(() => at(props.day) > props.width * 0.62)
</script>

<template>
  <svg
    :viewBox="`0 0 ${width} 154`"
    class="block w-full h-auto select-none cursor-pointer"
    role="img"
    :aria-label="says"
    @click="pick"
  >
    <g v-for="m in months" :key="m.start">
      <line :x1="at(m.start)" :x2="at(m.start)" :y1="TOP + 20" :y2="FLOOR" stroke="var(--rule)" />
      <text :x="at(m.start) + 4" y="149" font-size="15">{{ m.name.slice(0, 3) }}</text>
    </g>
    <template v-if="lane.prices">
      <g v-for="p in [0, 1, 2]" :key="p">
        <text x="22" :y="y(p) + 5" font-size="15" text-anchor="end">{{ p }}</text>
        <line :x1="LEFT" :x2="width - 4" :y1="y(p)" :y2="y(p)" stroke="var(--rule)" />
      </g>
      <path v-for="d in open" :key="d" :d="d" fill="var(--leaf)" />
      <path :d="curve" fill="none" stroke="var(--ink)" stroke-width="2.2" />
    </template>
    <g v-for="t in tones" :key="t.from">
      <rect
        :x="t.x"
        :y="TOP"
        :width="Math.max(1, t.w)"
        height="22"
        :fill="TONES[t.status]"
        stroke="var(--ink)"
        :stroke-dasharray="t.status === 'stop' ? '2 4' : undefined"
        stroke-width="1.5"
      />
      <template v-if="t.label">
        <rect
          v-if="t.status === 'light' || t.status === 'wait'"
          :x="t.x + t.w / 2 - t.label.length * 4 - 3"
          :y="TOP + 2"
          :width="t.label.length * 8 + 6"
          height="18"
          fill="var(--sheet)"
        />
        <text
          :x="t.x + t.w / 2"
          :y="TOP + 16"
          font-size="15"
          text-anchor="middle"
          :style="{ fill: ink(t.status), fontWeight: 600 }"
        >
          {{ t.label }}
        </text>
      </template>
    </g>
    <line :x1="at(day)" :x2="at(day)" y1="12" :y2="FLOOR" stroke="var(--tape)" stroke-width="3" />
    <text
      :x="at(day) + (late ? -8 : 8)"
      y="16"
      font-size="16"
      :text-anchor="late ? 'end' : 'start'"
      style="font-weight: 600; fill: var(--tape)"
    >
      {{ day === today ? tell('today') + ' ' : '' }}{{ dayWords(day) }}
    </text>
    <line :x1="LEFT" :x2="width - 4" :y1="FLOOR" :y2="FLOOR" stroke="var(--ink)" stroke-width="2" />
  </svg>
</template>
