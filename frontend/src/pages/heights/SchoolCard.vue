<script setup lang="ts">
/** One school over years: height against the cap in outline, crop in fruit below it. */
import { decimals } from '@/words/numbers'
import tell from 'words:heights'
import type { Schemas } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { lengthWords, shareWords } from '@/geometry/measure'
import { computed } from 'vue'

const props = defineProps<{
  school: Schemas['ComparedOut']
  cap: number
  first: number
  tallest: number
  chosen: boolean
}>()
defineEmits<{ choose: [] }>()
const { units } = useSettings()
const W = 290
const H = 156
const columns = computed(() => {
  const n = props.school.height_m.length
  const step = (W - 62) / n
  return props.school.height_m.map((h, i) => ({
    x: 58 + i * step,
    w: Math.min(26, step * 0.6),
    h: (h / props.tallest) * 88,
    crop: props.school.crop[i]! * 40,
    over: h > props.cap + 0.005,
    year: `’${String((props.first + i) % 100).padStart(2, '0')}`,
    show: n <= 6 || i % 2 === 0,
  }))
})
const capY = computed(() => 94 - (props.cap / props.tallest) * 88)
const words = computed(() =>
  props.school.height_m
    .map((h, i) => {
      const crop = shareWords(props.school.crop[i]!)
      const hours = decimals(props.school.hours[i]!, 0)
      return tell('crop-h', {
        first: props.first + i,
        length: lengthWords(h, units.value),
        crop,
        hours,
      })
    })
    .join('; '),
)
const sum = (list: number[]) => list.reduce((a, b) => a + b, 0)
const rows = computed(() =>
  props.school.rows_cut
    .slice(0, 3)
    .filter((r) => r.length)
    .map((r) => r.join(', '))
    .join(' · '),
)
</script>

<template>
  <button
    type="button"
    class="card"
    :class="{ chosen }"
    :aria-pressed="chosen"
    :data-school="school.school"
    @click="$emit('choose')"
  >
    <b class="tag text-lead block text-left">{{ school.name }}</b>
    <span class="text-ink2 block text-left text-note">{{
      tell('crop-h-a-year', {
        meanCrop: shareWords(school.mean_crop),
        count: Math.round(school.mean_hours),
      })
    }}</span>
    <span class="text-ink2 block text-left text-note" data-test="over-years">{{
      tell('in-years-crops-for-h', {
        hours: school.hours.length,
        crop: decimals(sum(school.crop), 1),
        count: Math.round(sum(school.hours)),
      })
    }}</span>
    <svg :viewBox="`0 0 ${W} ${H}`" class="w-full" role="img" :aria-label="words">
      <line x1="52" :x2="W - 4" y1="94" y2="94" stroke="var(--ink)" stroke-width="1.6" />
      <rect
        v-for="c in columns"
        :key="c.year"
        :x="c.x"
        :y="94 - c.h"
        :width="c.w"
        :height="c.h"
        :class="c.over ? 'over' : 'under'"
      />
      <line x1="52" :x2="W - 4" :y1="capY" :y2="capY" class="cap" />
      <text x="49" :y="capY + 5" text-anchor="end" font-size="15" class="capword">
        {{ lengthWords(cap, units) }}
      </text>
      <line x1="52" :x2="W - 4" y1="138" y2="138" stroke="var(--ink)" stroke-width="1.4" />
      <line x1="52" :x2="W - 4" y1="98" y2="98" stroke="var(--ink2)" stroke-dasharray="2 4" />
      <g v-for="c in columns" :key="`c${c.year}`">
        <rect :x="c.x" :y="138 - c.crop" :width="c.w" :height="c.crop" class="crop" />
        <text v-if="c.show" :x="c.x + c.w / 2" y="153" text-anchor="middle" font-size="15">
          {{ c.year }}
        </text>
      </g>
    </svg>
    <span v-if="rows" class="block text-left text-small">{{ tell('rows-by-year', { rows }) }}</span>
    <span v-for="b in school.barred" :key="b.code" class="keep block text-left text-small">{{
      b.text
    }}</span>
  </button>
</template>

<style scoped>
.card {
  border: 1.5px solid var(--ink);
  border-radius: 10px;
  background: var(--sheet);
  padding: 8px 12px;
  display: flex;
  flex-direction: column;
  justify-content: flex-start;
}
.card.chosen {
  border-width: 4px;
  padding: 5.5px 9.5px;
}
.over {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.under {
  fill: var(--leaf-soft);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.crop {
  fill: var(--fruit);
  stroke: var(--ink);
  stroke-width: 1.3;
}
.cap {
  stroke: var(--tape);
  stroke-width: 1.6;
  stroke-dasharray: 6 4;
}
.capword {
  fill: var(--tape);
}
</style>
