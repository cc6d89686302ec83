<script setup lang="ts">
/** A hedging round to the wall drawn above: faces by year, hours, paint and clippings. */
import SaidText from '@/controls/SaidText.vue'
import { api, heed, sentence } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { heapWords, volumeWords, weightWords, windWords } from '@/geometry/measure'
import type { Wall } from '@/geometry/section'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'

const props = defineProps<{ blockId: string; wall: Wall }>()
const { units } = useSettings()
const body = computed(() => ({
  cut: { ...props.wall, pitch_deg: 0 },
  years: 2,
  units: units.value,
}))
const { data, error } = useQuery({
  queryKey: ['hedging', () => props.blockId, body],
  queryFn: () =>
    heed(
      api.POST('/api/blocks/{id}/hedging-round', {
        params: { path: { id: props.blockId } },
        body: body.value,
      }),
    ),
  placeholderData: keepPreviousData,
})
const faces = (passes: { row: number; facings: number[]; top: boolean }[]) =>
  passes
    .map(
      (p) =>
        `row ${p.row}, ${[...p.facings.map(windWords), ...(p.top ? ['top'] : [])].join(' and ')}`,
    )
    .join('; ')
</script>

<template>
  <section aria-label="Hedging round" class="grid gap-1">
    <h2 class="text-part">Hedging round</h2>
    <p v-if="error" class="wrong" role="alert">{{ sentence(error) }}</p>
    <template v-else-if="data">
      <p class="text-note"><SaidText :text="data.reasons[0]?.text ?? ''" /></p>
      <article v-for="y in data.years" :key="y.year" class="border-t border-rule py-2">
        <b class="num">{{ y.year }}</b>
        <p class="text-note">{{ faces(y.passes) }}</p>
        <p class="num whitespace-normal text-note">
          {{ y.machine_h.toFixed(1) }} h machine · {{ y.hand_h.toFixed(1) }} h by hand after it ·
          {{ volumeWords(y.paint_l, units) }} of whitewash ·
          {{ weightWords(y.clippings_kg, units) }} of clippings,
          {{ heapWords(y.chips_m3, units) }} chipped
        </p>
      </article>
    </template>
  </section>
</template>
