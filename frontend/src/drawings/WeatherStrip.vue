<script setup lang="ts">
/**
 * Days as bars from minimum to maximum against the frost line and the heat line; rain as drops of
 * ink below.
 */
import tell from 'words:drawings'
import { dayWords } from '@/geometry/day'
import { useSettings } from '@/composables/useSettings'
import { computed } from 'vue'

type Day = { date: string; tmin: number | null; tmax: number | null; rain_mm: number | null }
const props = defineProps<{ days: Day[]; forecast: Day[] }>()
const { units } = useSettings()
const W = 400
const [TOP, BOTTOM] = [12, 128]
const all = computed(() => [...props.days, ...props.forecast])
const low = computed(() => Math.min(-2, ...all.value.map((d) => d.tmin ?? 0)))
const high = computed(() => Math.max(30, ...all.value.map((d) => d.tmax ?? 0)))
const y = (c: number) => BOTTOM - ((c - low.value) / (high.value - low.value)) * (BOTTOM - TOP)
const step = computed(() => (W - 44) / Math.max(1, all.value.length))
const shown = (c: number) =>
  units.value === 'metric' ? `${Math.round(c)} °C` : `${Math.round(c * 1.8 + 32)} °F`
const bars = computed(() =>
  all.value
    .map((d, i) => ({ ...d, x: 44 + i * step.value, ahead: i >= props.days.length }))
    .filter(
      (d): d is typeof d & { tmin: number; tmax: number } => d.tmin !== null && d.tmax !== null,
    ),
)
const said = computed(() => {
  const cold = props.forecast.filter((d) => (d.tmin ?? 9) <= 0)
  const hot = props.forecast.filter((d) => (d.tmax ?? 0) >= 35)
  const first = (days: Day[]) => (days[0] ? dayWords(days[0].date) : '')
  const seen = tell('weather-days-measured-foreseen', {
    days: props.days.length,
    forecast: props.forecast.length,
  })
  const frost = cold.length ? tell('frost-on', { cold: first(cold) }) : tell('no-frost-foreseen')
  return `${seen} ${frost} ${hot.length ? tell('heat-on', { hot: first(hot) }) : ''}`
})
</script>

<template>
  <svg :viewBox="`0 0 ${W} 168`" class="block w-full h-auto" role="img" :aria-label="said">
    <line
      x1="44"
      :x2="W"
      :y1="y(0)"
      :y2="y(0)"
      stroke="var(--frost)"
      stroke-width="2"
      stroke-dasharray="2 4"
    />
    <text x="38" :y="y(0) + 5" text-anchor="end" font-size="15" style="fill: var(--frost)">
      {{ shown(0) }}
    </text>
    <text x="38" :y="y(20) + 5" text-anchor="end" font-size="15">{{ shown(20) }}</text>
    <line x1="44" :x2="W" :y1="y(20)" :y2="y(20)" stroke="var(--rule)" />
    <g v-for="d in bars" :key="d.date">
      <rect
        :x="d.x + 1.5"
        :y="y(d.tmax)"
        :width="Math.max(3, step - 4)"
        :height="Math.max(2, y(d.tmin) - y(d.tmax))"
        :fill="
          d.tmin <= 0
            ? 'url(#tone-wait)'
            : d.tmax >= 35
              ? 'url(#tone-light)'
              : d.ahead
                ? 'var(--sheet)'
                : 'var(--leaf-soft)'
        "
        stroke="var(--ink)"
        :stroke-width="d.ahead ? 1.6 : 0.8"
      />
      <rect
        v-if="(d.rain_mm ?? 0) > 0"
        :x="d.x + step / 2 - 1.5"
        :y="134"
        width="3"
        :height="Math.min(16, 3 + (d.rain_mm ?? 0))"
        fill="var(--frost)"
      />
    </g>
    <template v-if="days.length && forecast.length">
      <line
        :x1="44 + days.length * step"
        :x2="44 + days.length * step"
        y1="4"
        y2="150"
        stroke="var(--ink)"
        stroke-width="2"
        stroke-dasharray="6 4"
      />
      <text :x="44 + days.length * step - 5" y="164" text-anchor="end" font-size="15">
        {{ tell('measured-2') }}
      </text>
      <text :x="44 + days.length * step + 5" y="164" font-size="15">{{ tell('foreseen') }}</text>
    </template>
  </svg>
</template>
