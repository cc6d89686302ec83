<script setup lang="ts">
/**
 * Heights of a block: its rows in section with the sun on them, schools of renewal over years, a
 * school adopted, a hedging round. A row of it may be meant.
 */
import tell from 'words:heights'
import PickOne from '@/controls/PickOne.vue'
import { useWays } from '@/composables/useWays'
import { api, heed, sentence } from '@/api/client'
import { useGrove } from '@/composables/useGrove'
import { useSettings } from '@/composables/useSettings'
import MeasureField from '@/controls/MeasureField.vue'
import BlockPicked from '@/controls/BlockPicked.vue'
import WhyDialog from '@/controls/WhyDialog.vue'
import { dayWords } from '@/geometry/day'
import { lengthWords, windWords } from '@/geometry/measure'
import type { Wall } from '@/geometry/section'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, reactive, ref, toRef } from 'vue'
import AdoptForm from './AdoptForm.vue'
import HedgingPanel from './HedgingPanel.vue'
import SchoolCard from './SchoolCard.vue'
import SectionPanel from './SectionPanel.vue'

const props = defineProps<{ blockId: string; rowId?: string }>()
const blockId = toRef(props, 'blockId')
const { units } = useSettings()
const { data: grove } = useGrove()
const {
  data: block,
  error,
  isPending,
} = useQuery({
  queryKey: ['heights', blockId],
  queryFn: () =>
    heed(api.GET('/api/blocks/{id}/heights', { params: { path: { id: blockId.value } } })),
  enabled: computed(() => !!blockId.value),
  placeholderData: keepPreviousData,
})
const { ways, wayOf } = useWays()
const ask = reactive({
  years: 6,
  cap: null as number | null,
  recovery: '',
  regrow: null as number | null,
  late: 0,
  swing: false,
  machine: false,
})
const curve = computed(() => {
  const parts = ask.recovery
    .split(/[\s;]+/)
    .filter(Boolean)
    .map((p) => Number(p.replace(',', '.')) / 100)
  return parts.length && parts.every((p) => p >= 0 && p <= 1) ? parts : null
})
const body = computed(() => ({
  schools: ways.value.map((w) => w.id),
  years: ask.years,
  cap_m: ask.cap,
  recovery: curve.value,
  regrow_m: ask.regrow,
  swing: ask.swing ? 0.15 : null,
  late_years: ask.late || null,
  by_machine: ask.machine,
  units: units.value,
}))
const { data: schools, error: wrong } = useQuery({
  queryKey: ['schools', blockId, body],
  queryFn: () =>
    heed(
      api.POST('/api/blocks/{id}/schools', {
        params: { path: { id: blockId.value } },
        body: body.value,
      }),
    ),
  enabled: computed(() => !!block.value && !!ways.value.length),
  placeholderData: keepPreviousData,
})
const tallest = computed(() =>
  Math.max(1, ...(schools.value?.compared.flatMap((c) => c.height_m) ?? [])),
)
const chosen = ref('')
const pick = computed(() => schools.value?.compared.find((c) => c.school === chosen.value))
const row = ref(props.rowId ?? '')
const rowsHere = computed(() => grove.value?.rows.filter((r) => r.block_id === blockId.value) ?? [])
/** What whole rows go down in is a thing of the block; a row of another block is none. */
const rowPicked = computed(() =>
  wayOf(chosen.value)?.one_tree && rowsHere.value.some((r) => r.id === row.value) ? row.value : '',
)
const ready = ref(false)
const working = ref(false)
const wall = ref<Wall | null>(null)
</script>

<template>
  <div class="grid gap-4">
    <p v-if="isPending && blockId">{{ tell('fetching-the-block') }}</p>
    <p v-else-if="error" class="wrong" role="alert">{{ sentence(error) }}</p>
    <template v-else-if="block">
      <p class="text-ink2 text-note leading-tight">
        {{
          tell('apart-bearing-trees-with-a', {
            rows: block.rows.length,
            which: block.hedgerows ? tell('hedgerows') : tell('rows-4'),
            spacing: lengthWords(block.spacing_m, units),
            count: Math.round(block.bearing_deg),
            bearing: windWords(block.bearing_deg),
            trees: block.trees,
            measured: block.measured,
          })
        }}<br />
        {{ tell('vigour-of-5-lower-fruit', { vigour: block.vigour, date: dayWords(block.date) }) }}
      </p>
      <SectionPanel
        :key="block.block_id"
        :block="block"
        @wall="wall = $event"
        @ready="ready = true"
      />
      <section
        v-if="ready"
        :aria-label="tell('renewal-over-years')"
        class="grid gap-3 border-t-2 border-ink pt-3"
      >
        <div class="flex flex-wrap gap-4 items-end">
          <h2 class="text-head">
            {{
              tell('seasons-ways', { years: ask.years, compared: schools?.compared.length ?? 0 })
            }}
          </h2>
          <div>
            <label class="label" for="seasons">{{ tell('seasons') }}</label>
            <input
              id="seasons"
              v-model.number="ask.years"
              class="field w-24"
              type="number"
              min="3"
              max="12"
            />
          </div>
          <MeasureField
            :label="tell('another-height-to-try')"
            kind="length"
            :model-value="ask.cap"
            :placeholder="lengthWords(block.cap_m, units)"
            @update:model-value="ask.cap = $event"
          />
          <details>
            <summary class="tag py-2">{{ tell('my-own-numbers') }}</summary>
            <div class="grid gap-2 sm:grid-cols-2">
              <div>
                <label class="label" for="recovery">{{ tell('a-limb-bears-so-many') }}</label>
                <input
                  id="recovery"
                  v-model="ask.recovery"
                  class="field"
                  placeholder="5 50 90"
                  :aria-invalid="!!ask.recovery && !curve"
                />
              </div>
              <MeasureField
                :label="tell('a-tipped-tree-gains-a')"
                kind="length"
                :model-value="ask.regrow"
                @update:model-value="ask.regrow = $event"
              />
              <div>
                <label class="label" for="late">{{ tell('begin-so-many-years-late') }}</label>
                <input
                  id="late"
                  v-model.number="ask.late"
                  class="field"
                  type="number"
                  min="0"
                  max="6"
                />
              </div>
              <label class="flex gap-2 items-center min-h-touch"
                ><input v-model="ask.machine" type="checkbox" />
                {{ tell('whole-rows-and-tips-by') }}</label
              >
              <label class="flex gap-2 items-center min-h-touch"
                ><input v-model="ask.swing" type="checkbox" />
                {{ tell('a-heavy-year-follows-a') }}</label
              >
            </div>
          </details>
        </div>
        <BlockPicked :block-id="block.block_id" />
        <p v-if="wrong" class="wrong" role="alert">{{ sentence(wrong) }}</p>
        <div v-if="schools" class="cards">
          <SchoolCard
            v-for="c in schools.compared"
            :key="c.school"
            :school="c"
            :cap="schools.cap_m"
            :first="schools.first_year"
            :tallest="tallest"
            :chosen="chosen === c.school"
            @choose="chosen = c.school"
          />
        </div>
        <div v-if="pick" class="text-note" data-test="picked">
          <p>
            {{ pick.reasons[0]?.text }}
            <button type="button" class="link" @click="working = true">{{ tell('why') }}</button>
          </p>
          <p class="num whitespace-normal">
            {{
              tell('hours-by-year-hard-cuts', {
                hours: pick.hours.map((h) => Math.round(h)).join(', '),
                hardCuts: pick.hard_cuts.join(', '),
                underCapFrom:
                  pick.under_cap_from === null
                    ? tell('never-wholly-under-the-height')
                    : tell('under-the-height-from-year', { underCapFrom: pick.under_cap_from + 1 }),
              })
            }}
          </p>
          <WhyDialog
            v-model="working"
            :title="pick.name"
            :sentence="pick.reasons[0]?.text ?? ''"
            :reasons="[...pick.reasons, ...pick.barred]"
          />
        </div>
        <div
          v-if="
            pick &&
            wayOf(pick.school)?.adopted &&
            wayOf(pick.school)?.one_tree &&
            !pick.barred.length
          "
        >
          <label class="label" for="for-row">{{ tell('adopt-it-for') }}</label>
          <PickOne id="for-row" v-model="row" class="field w-auto">
            <option value="">{{ tell('the-whole-block') }}</option>
            <option v-for="r in rowsHere" :key="r.id" :value="r.id">
              {{ tell('row-2', { n: r.n }) }}
            </option>
          </PickOne>
        </div>
        <AdoptForm
          v-if="schools || wrong"
          :scope="rowPicked ? 'row' : 'block'"
          :scope-id="rowPicked || block.block_id"
          :school="pick && !pick.barred.length ? pick.school : ''"
          :school-name="pick?.name ?? ''"
          :years="ask.years"
          :low="block.low_m"
          :tip="block.tip_m"
          :rotations="block.rotations"
        />
      </section>
      <HedgingPanel
        v-if="wall && ready && block.hedgerows"
        :block-id="block.block_id"
        :wall="wall"
      />
      <p v-if="ready && (schools || wrong)" class="text-small text-ink2">
        {{ tell('machines-ladders-and-lines-nobody') }}
      </p>
    </template>
  </div>
</template>

<style scoped>
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
  gap: 14px;
}
</style>
