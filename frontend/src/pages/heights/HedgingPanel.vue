<script setup lang="ts">
/** A hedging round to the wall drawn above: faces by year, hours, paint and clippings. */
import { decimals } from '@/words/numbers'
import tell from 'words:heights'
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
    .map((p) =>
      tell('row-4', {
        row: p.row,
        which: [...p.facings.map(windWords), ...(p.top ? [tell('the-flat-top')] : [])].join(
          tell('and-between'),
        ),
      }),
    )
    .join('; ')
</script>

<template>
  <section :aria-label="tell('hedging-round')" class="grid gap-1">
    <h2 class="text-part">{{ tell('hedging-round') }}</h2>
    <p v-if="error" class="wrong" role="alert">{{ sentence(error) }}</p>
    <template v-else-if="data">
      <p class="text-note"><SaidText :text="data.reasons[0]?.text ?? ''" /></p>
      <article v-for="y in data.years" :key="y.year" class="border-t border-rule py-2">
        <b class="num">{{ y.year }}</b>
        <p class="text-note">{{ faces(y.passes) }}</p>
        <p class="num whitespace-normal text-note">
          {{
            tell('h-machine-h-by-hand', {
              machineH: decimals(y.machine_h, 1),
              handH: decimals(y.hand_h, 1),
              paint: volumeWords(y.paint_l, units),
              clippings: weightWords(y.clippings_kg, units),
              chipsM3: heapWords(y.chips_m3, units),
            })
          }}
        </p>
      </article>
    </template>
  </section>
</template>
