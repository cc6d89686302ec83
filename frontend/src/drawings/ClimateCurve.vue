<script setup lang="ts">
/**
 * Twelve monthly minima and maxima as two curves; each point is dragged, or moved by arrow keys,
 * half a degree at a time.
 */
import tell from 'words:drawings'
import { months } from '@/geometry/day'
import { useDrag } from '@/composables/useDrag'
import { useNarrow } from '@/composables/useNarrow'
import { useSettings } from '@/composables/useSettings'
import { computed, ref } from 'vue'

const low = defineModel<number[]>('low', { required: true })
const high = defineModel<number[]>('high', { required: true })
defineProps<{ wrong?: Record<string, string> }>()
const { units } = useSettings()
const [H, LEFT, TOP, BOTTOM] = [300, 56, 16, 262]
/** On a phone it is drawn for its width. */
const narrow = useNarrow()
const W = computed(() => (narrow.value ? 400 : 760))
const bottom = computed(() => Math.min(-5, Math.floor(Math.min(...low.value) / 5) * 5))
const top = computed(() => Math.max(40, Math.ceil(Math.max(...high.value) / 5) * 5))
const x = (i: number) => LEFT + ((i + 0.5) * (W.value - LEFT)) / 12
const y = (c: number) => BOTTOM - ((c - bottom.value) / (top.value - bottom.value)) * (BOTTOM - TOP)
const marks = computed(() =>
  Array.from(
    { length: Math.floor((top.value - bottom.value) / 10) + 1 },
    (_, i) => Math.ceil(bottom.value / 10) * 10 + i * 10,
  ),
)
const degrees = (c: number) =>
  units.value === 'metric' ? `${Math.round(c * 10) / 10} °C` : `${Math.round(c * 18 + 320) / 10} °F`
const line = (values: number[]) =>
  `M${values.map((v, i) => `${x(i).toFixed(1)} ${y(v).toFixed(1)}`).join('L')}`
const curves = computed(() => [
  { name: tell('minimum'), values: low.value, ink: 'var(--frost)' },
  { name: tell('maximum'), values: high.value, ink: 'var(--tape)' },
])
function set(curve: string, month: number, celsius: number) {
  const value = Math.max(-30, Math.min(50, Math.round(celsius * 2) / 2))
  if (curve === 'minimum') low.value = low.value.map((v, i) => (i === month ? value : v))
  else high.value = high.value.map((v, i) => (i === month ? value : v))
}
const svg = ref<SVGSVGElement>()
const { take, move, drop } = useDrag<{ curve: string; month: number }>(
  svg,
  () => [W.value, H],
  ({ curve, month }, [, y]) => {
    const up = (BOTTOM - y) / (BOTTOM - TOP)
    set(curve, month, bottom.value + up * (top.value - bottom.value))
  },
)
function key(event: KeyboardEvent, curve: string, month: number, value: number) {
  const by = { ArrowUp: 0.5, ArrowDown: -0.5, PageUp: 5, PageDown: -5 }[event.key]
  if (by === undefined) return
  event.preventDefault()
  event.stopPropagation()
  set(curve, month, value + by)
}
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`0 0 ${W} ${H}`"
    class="block w-full h-auto touch-none select-none"
    @pointermove="move"
    @pointerup="drop"
    @pointercancel="drop"
  >
    <g v-for="m in marks" :key="m">
      <line
        :x1="LEFT"
        :x2="W"
        :y1="y(m)"
        :y2="y(m)"
        :stroke="m === 0 ? 'var(--frost)' : 'var(--rule)'"
        :stroke-dasharray="m === 0 ? '2 4' : undefined"
      />
      <text :x="LEFT - 8" :y="y(m) + 5" text-anchor="end" font-size="14">{{ degrees(m) }}</text>
    </g>
    <text
      v-for="(m, i) in months()"
      :key="m"
      :x="x(i)"
      y="286"
      text-anchor="middle"
      font-size="15"
      style="font-weight: 600"
    >
      {{ m }}
    </text>
    <g v-for="c in curves" :key="c.name">
      <path :d="line(c.values)" fill="none" :stroke="c.ink" stroke-width="2.5" />
      <g
        v-for="(v, i) in c.values"
        :key="i"
        role="slider"
        tabindex="0"
        class="cursor-ns-resize"
        :aria-label="tell('mean-daily', { month: months()[i], name: c.name })"
        :aria-valuenow="v"
        aria-valuemin="-30"
        aria-valuemax="50"
        :aria-valuetext="degrees(v)"
        :data-point="`${c.name}-${i}`"
        @pointerdown="take($event, { curve: c.name, month: i })"
        @keydown="key($event, c.name, i, v)"
      >
        <circle :cx="x(i)" :cy="y(v)" r="14" fill="transparent" />
        <circle
          :cx="x(i)"
          :cy="y(v)"
          r="6"
          :fill="wrong?.[`/tmax_c/${i}`] ? 'var(--tape)' : 'var(--sheet)'"
          :stroke="c.ink"
          stroke-width="2.5"
        />
        <text
          :x="x(i)"
          :y="c.name === 'maximum' ? y(v) - 12 : y(v) + 22"
          text-anchor="middle"
          font-size="13"
          class="halo num"
        >
          {{ degrees(v).split(' ')[0] }}
        </text>
      </g>
    </g>
  </svg>
</template>
