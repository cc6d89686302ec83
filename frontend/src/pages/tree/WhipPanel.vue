<script setup lang="ts">
/** A whip: where its leaves begin, where it is cut, what that costs and what comes after. */
import tell from 'words:tree'
import SaidText from '@/controls/SaidText.vue'
import { api, heed, type Tree } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import MeasureField from '@/controls/MeasureField.vue'
import WhipStem from '@/drawings/WhipStem.vue'
import { lengthWords } from '@/geometry/measure'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'

const props = defineProps<{ tree: Tree }>()
const { units } = useSettings()
const height = ref<number | null>(null)
const leaves = ref<number | null>(null)
const cut = ref<number | null>(null)
watch(
  () => props.tree.sizes.height_m,
  (m) => {
    height.value = m
    if (m) {
      leaves.value = Math.round(m * 40) / 100
      cut.value = Math.round(m * 75) / 100
    }
  },
  { immediate: true },
)
const ready = computed(
  () =>
    height.value !== null &&
    leaves.value !== null &&
    cut.value !== null &&
    leaves.value < height.value &&
    cut.value > 0 &&
    cut.value < height.value,
)
const { data: found } = useQuery({
  queryKey: ['whip', () => props.tree.id, height, leaves, cut, units],
  queryFn: () =>
    heed(
      api.POST('/api/calc/whip', {
        body: {
          in_pot: props.tree.pot_l !== null || props.tree.origin === 'seedling',
          height_m: height.value!,
          leaves_from_m: leaves.value!,
          cut_at_m: cut.value!,
          units: units.value,
        },
      }),
    ),
  enabled: ready,
  placeholderData: keepPreviousData,
})
</script>

<template>
  <section class="p-6 grid gap-3 max-w-xl" :aria-label="tell('a-single-stem')">
    <h2 class="text-head">{{ tell('one-stem-no-branches-yet') }}</h2>
    <div class="grid grid-cols-3 gap-3">
      <MeasureField v-model="height" :label="tell('height')" kind="length" />
      <MeasureField v-model="leaves" :label="tell('leaves-from-2')" kind="length" />
      <MeasureField v-model="cut" :label="tell('cut-at')" kind="length" />
    </div>
    <label v-if="height" class="grid">
      <span class="sr-only">{{ tell('cut-at-slid-along-the') }}</span>
      <input
        type="range"
        min="0.02"
        :max="height - 0.01"
        step="0.01"
        :value="cut ?? 0"
        :aria-valuetext="lengthWords(cut ?? 0, units)"
        @input="cut = Number(($event.target as HTMLInputElement).value)"
      />
    </label>
    <p v-if="height && !ready" class="wrong">
      {{ tell('leaves-begin-below-the-top') }}
    </p>
    <div v-if="ready" class="grid sm:grid-cols-[auto_1fr] gap-4 items-start">
      <WhipStem :height="height!" :leaves="leaves!" :cut="cut!" :units="units" />
      <div v-if="found" class="grid gap-2" role="status">
        <p v-for="r in found.reasons" :key="r.code"><SaidText :text="r.text" /></p>
      </div>
    </div>
  </section>
</template>
