<script setup lang="ts">
/**
 * A block year by year: share, wounds, hours and crop, each a quiet row of bars against its own
 * largest year.
 */
import { decimals } from '@/words/numbers'
import tell from 'words:book'
import PickOne from '@/controls/PickOne.vue'
import { api, heed, sentence } from '@/api/client'
import BlockPicked from '@/controls/BlockPicked.vue'
import { useGrove } from '@/composables/useGrove'
import { useSettings } from '@/composables/useSettings'
import { shareWords, weightWords } from '@/geometry/measure'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'

const { units } = useSettings()
const { data: grove } = useGrove()
const chosen = ref('')
const block = computed(() => chosen.value || (grove.value?.blocks[0]?.id ?? ''))
const { data, error } = useQuery({
  queryKey: ['block-back', block],
  queryFn: () =>
    heed(api.GET('/api/blocks/{id}/look-back', { params: { path: { id: block.value } } })),
  enabled: computed(() => !!block.value),
  placeholderData: keepPreviousData,
})
const charts = computed(() => {
  const years = [...(data.value?.years ?? [])].reverse()
  const chart = (
    name: string,
    of: (y: (typeof years)[number]) => number | null,
    words: (v: number) => string,
  ) => {
    const most = Math.max(0, ...years.map((y) => of(y) ?? 0))
    const bars = years.map((y) => ({
      year: y.year,
      value: of(y),
      words: of(y) === null ? tell('not-known') : words(of(y)!),
      part: most ? (of(y) ?? 0) / most : 0,
    }))
    return { name, bars }
  }
  return [
    chart(tell('canopy-taken-mean-of-the'), (y) => y.share, shareWords),
    chart(tell('wounds'), (y) => y.wounds, String),
    chart(
      tell('hours'),
      (y) => y.hours,
      (h) => `${decimals(h, 1)} h`,
    ),
    chart(
      tell('fruit-picked'),
      (y) => y.crop_kg,
      (kg) => weightWords(kg, units.value),
    ),
  ]
})
</script>

<template>
  <section :aria-label="tell('block-by-year')" class="pb-4">
    <div class="flex flex-wrap gap-3 items-end py-3">
      <h2 class="text-part">{{ tell('by-year') }}</h2>
      <div>
        <label class="label" for="back-block">{{ tell('block-2') }}</label>
        <PickOne
          id="back-block"
          class="field"
          :model-value="block"
          @update:model-value="chosen = $event"
        >
          <option v-for="b in grove?.blocks ?? []" :key="b.id" :value="b.id">{{ b.name }}</option>
        </PickOne>
      </div>
      <p v-if="data" class="text-ink2 pb-2">
        {{ tell('trees-stand-in-it', { standing: data.standing }) }}
      </p>
      <BlockPicked v-if="block" :block-id="block" class="pb-1" />
    </div>
    <p v-if="error" class="wrong" role="alert">{{ sentence(error) }}</p>
    <p v-else-if="data && !data.years.length">{{ tell('nothing-was-cut-or-picked') }}</p>
    <div v-else-if="data" class="charts" data-test="block-back">
      <figure v-for="c in charts" :key="c.name">
        <figcaption class="label">{{ c.name }}</figcaption>
        <ul>
          <li v-for="b in c.bars" :key="b.year">
            <span class="num">{{ b.year }}</span>
            <i
              aria-hidden="true"
              :class="{ none: b.value === null }"
              :style="{ width: `${b.part * 100}%` }"
            />
            <span class="num">{{ b.words }}</span>
          </li>
        </ul>
      </figure>
    </div>
  </section>
</template>

<style scoped>
.charts {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(210px, 1fr));
  gap: 14px 26px;
}
li {
  display: grid;
  grid-template-columns: 2.8rem minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  font-size: var(--text-note);
}
li i {
  height: 12px;
  background: var(--leaf);
  min-width: 2px;
}
li i.none {
  background: none;
}
</style>
