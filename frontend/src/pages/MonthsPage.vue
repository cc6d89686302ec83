<script setup lang="ts">
/** The season by month: hours, and what the work asks for, as it is known today. */
import { decimals, grouped } from '@/words/numbers'
import tell from 'words:weeks'
import { api, heed, sentence, type Schemas } from '@/api/client'
import { useGrove } from '@/composables/useGrove'
import { useSettings } from '@/composables/useSettings'
import PickOne from '@/controls/PickOne.vue'
import { dayWords, monthWords } from '@/geometry/day'
import { heapWords, inUnits, volumeWords } from '@/geometry/measure'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'

const { units } = useSettings()
const { data: grove } = useGrove()
const block = ref('')
const { data, error, isPending } = useQuery({
  queryKey: ['season-plan', block, units],
  queryFn: () =>
    heed(
      api.GET('/api/season-plan', {
        params: { query: { block_id: block.value || null, units: units.value } },
      }),
    ),
  placeholderData: keepPreviousData,
})
const most = computed(() => Math.max(1, ...(data.value?.months ?? []).map((m) => m.hours)))
const hours = (h: number) => (h >= 10 ? `${grouped(Math.round(h))} h` : `${decimals(h, 1)} h`)
const LITTLE = 0.05
/** What a month asks for, or all of them; blades as whole ones where they are bought. */
function asks(s: Schemas['SuppliesOut'], whole: boolean): string[] {
  const blades = (n: number) => (whole ? String(Math.ceil(n)) : decimals(n, 1))
  const [ground, unit] = inUnits(s.mulch_m2, 'm2', units.value)
  const said = [
    s.whitewash_l >= LITTLE &&
      tell('whitewash', { whitewash: volumeWords(s.whitewash_l, units.value) }),
    s.disinfectant_l >= LITTLE &&
      tell('disinfectant-ready-mixed', {
        disinfectant: volumeWords(s.disinfectant_l, units.value),
      }),
    s.rags > 0 && tell('rags', { rags: s.rags }),
    s.saw_blades >= LITTLE && tell('saw-blades', { sawBlades: blades(s.saw_blades) }),
    s.secateur_blades >= LITTLE &&
      tell('secateur-blades', { secateurBlades: blades(s.secateur_blades) }),
    s.chips_m3 >= LITTLE &&
      tell('gives-of-chips-mulch-for', {
        chipsM3: heapWords(s.chips_m3, units.value),
        count: Math.round(ground),
        unit,
      }),
  ]
  return said.filter((one): one is string => !!one)
}
</script>

<template>
  <div class="px-6 py-3 max-sm:px-3 max-w-4xl mx-auto grid gap-3">
    <header class="flex flex-wrap items-baseline gap-x-4 gap-y-1 pb-2 border-b-2 border-ink">
      <h1 class="text-title">{{ tell('the-months-ahead') }}</h1>
      <p v-if="data" class="text-ink2">
        {{ tell('from-on', { hours: hours(data.hours), day: dayWords(data.day) }) }}
      </p>
      <div class="ml-auto flex flex-wrap gap-2 items-center no-print">
        <label class="sr-only" for="months-block">{{ tell('block-2') }}</label>
        <PickOne id="months-block" v-model="block" class="field !w-auto">
          <option value="">{{ tell('all-blocks') }}</option>
          <option v-for="b in grove?.blocks ?? []" :key="b.id" :value="b.id">{{ b.name }}</option>
        </PickOne>
        <RouterLink class="btn btn-small" to="/weeks">{{ tell('by-week') }}</RouterLink>
      </div>
    </header>
    <p v-if="isPending" class="py-6">{{ tell('gathering-the-months') }}</p>
    <p v-else-if="error" class="wrong" role="alert">{{ sentence(error) }}</p>
    <template v-else-if="data">
      <p class="text-note">
        {{ tell('what-is-known-today-with') }}
      </p>
      <section v-if="data.hours" class="sheet-card" :aria-label="tell('what-all-of-it-takes')">
        <h2 class="text-head">{{ tell('what-all-of-it-takes') }}</h2>
        <ul class="mt-1 sm:columns-2">
          <li v-for="a in asks(data.supplies, true)" :key="a">{{ a }}</li>
        </ul>
        <p class="text-note text-ink2 mt-1">
          {{
            tell('of-it-as-bought-clean', {
              agent: data.agent,
              stockMl: volumeWords(data.supplies.stock_ml / 1000, units),
              care: data.care,
            })
          }}
          <template v-if="data.unsized"
            >{{ ' ' }}{{ tell('of-trees-no-size-is', { unsized: data.unsized })
            }}{{ ' ' }}</template
          >
        </p>
      </section>
      <p v-else class="py-4">{{ tell('nothing-is-known-yet-for') }}</p>
      <ol class="grid">
        <li v-for="m in data.months" :key="m.first" class="month" data-test="month">
          <h2 class="tag text-lead">{{ monthWords(m.first) }}</h2>
          <div>
            <div class="flex items-center gap-3">
              <span
                class="bar"
                :style="{ width: `calc(${(m.hours / most) * 100}% - 5rem)` }"
                aria-hidden="true"
              />
              <b class="num">{{ hours(m.hours) }}</b>
            </div>
            <p v-if="asks(m.supplies, false).length" class="text-note">
              {{ asks(m.supplies, false).join(' · ') }}
            </p>
            <details v-if="m.works.length">
              <summary class="text-note link inline-block min-h-6">
                {{ tell('pieces-of-work', { works: m.works.length }) }}
              </summary>
              <ul class="text-note mt-1">
                <li v-for="(w, i) in m.works" :key="i">
                  <b>{{ w.block }}</b>: {{ w.says }}, {{ grouped(w.trees) }}
                  {{ tell('trees-3', { trees: w.trees }) }}, {{ hours(w.hours) }}
                </li>
              </ul>
            </details>
          </div>
        </li>
      </ol>
    </template>
  </div>
</template>

<style scoped>
.month {
  display: grid;
  grid-template-columns: 9.5rem minmax(0, 1fr);
  gap: 0 12px;
  padding: 8px 0;
  border-bottom: 1.5px solid var(--rule);
  align-items: start;
}
.bar {
  height: 16px;
  min-width: 2px;
  background: var(--leaf);
  border: 1.5px solid var(--ink);
}
@media (max-width: 560px) {
  .month {
    grid-template-columns: 1fr;
  }
}
</style>
