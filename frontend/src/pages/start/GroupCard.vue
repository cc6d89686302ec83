<script setup lang="ts">
/** Like trees as they were understood: what was said, what is asked, and the rest to be added. */
import tell from 'words:start'
import PickOne from '@/controls/PickOne.vue'
import type { Grove, Schemas } from '@/api/client'
import MeasureField from '@/controls/MeasureField.vue'
import WhichFields from '@/controls/WhichFields.vue'
import VolumeField from '@/controls/VolumeField.vue'
import { useNames } from '@/composables/useNames'
import { useSettings } from '@/composables/useSettings'
import { diameterWords } from '@/geometry/measure'
import { computed, useId } from 'vue'
import { openOf, type Draft } from './said'

const props = defineProps<{
  grove: Grove
  nth: number
  asks: Schemas['PlantingAskOut'][]
  wrong: Record<string, string>
}>()
const draft = defineModel<Draft>({ required: true })
const { rows, number } = useNames()
const { units } = useSettings()
/** A hand's measure of the catalogue, in the reader's units. */
const hand = (part: string) => diameterWords(number(`hand/${part}`) ?? 0, units.value)
const id = useId()
const open = computed(() => openOf(draft.value))
/** Questions that are still open; a kind that was read but may be another stays asked. */
const asked = computed(() =>
  props.asks.filter((a) => open.value.includes(a.field) || a.field === 'species'),
)
const questionOf = (field: string) => asked.value.find((a) => a.field === field)?.words
const kind = computed(() => rows('species').find((s) => s.id === draft.value.species)?.name)
const age = computed({
  get: () =>
    draft.value.planted_year === null
      ? ''
      : String(new Date(props.grove.day).getFullYear() - draft.value.planted_year),
  set: (typed: string) => {
    const years = Number(typed)
    draft.value.planted_year =
      typed.trim() !== '' && years >= 0
        ? new Date(props.grove.day).getFullYear() - Math.floor(years)
        : null
  },
})
const sizes = computed(() => draft.value.height_m || draft.value.spread_m || draft.value.trunk_mm)
function year(event: Event) {
  draft.value.planted_year = Number((event.target as HTMLInputElement).value) || null
}
</script>

<template>
  <fieldset class="sheet-card" data-test="group">
    <legend class="plate">
      {{ draft.count ?? '?' }} {{ kind ?? tell('of-a-kind-not-known') }}
      <span v-if="draft.together" class="text-ink2">{{ tell('in-one-hole-or-pot') }}</span>
    </legend>
    <p v-for="ask in asked" :key="ask.field" class="keep mb-2">{{ ask.words }}</p>
    <div class="grid grid-cols-2 sm:grid-cols-4 gap-3">
      <div>
        <label class="label" :for="`${id}-count`">{{ tell('trees') }}</label>
        <input
          :id="`${id}-count`"
          v-model.number="draft.count"
          type="number"
          min="1"
          max="2000"
          class="field"
          :aria-invalid="!!wrong['/count']"
        />
        <p v-if="wrong['/count']" class="wrong">{{ wrong['/count'] }}</p>
      </div>
      <div>
        <label class="label" :for="`${id}-species`">{{ tell('kind') }}</label>
        <PickOne
          :id="`${id}-species`"
          v-model="draft.species"
          class="field"
          :class="{ gap: !draft.species }"
        >
          <option value="" disabled>{{ tell('pick-one') }}</option>
          <option v-for="s in rows('species')" :key="s.id" :value="s.id">{{ s.name }}</option>
        </PickOne>
        <RouterLink v-if="!draft.species" class="underline" to="/place">
          {{ tell('a-kind-of-your-own-2') }}
        </RouterLink>
      </div>
      <div>
        <label class="label" :for="`${id}-year`">{{ tell('planted-year') }}</label>
        <input
          :id="`${id}-year`"
          type="number"
          min="1850"
          max="2200"
          class="field"
          :class="{ gap: !draft.planted_year }"
          :value="draft.planted_year ?? ''"
          :aria-invalid="!!wrong['/planted_year']"
          @input="year"
        />
        <p v-if="wrong['/planted_year']" class="wrong">{{ wrong['/planted_year'] }}</p>
      </div>
      <div>
        <label class="label" :for="`${id}-age`">{{ tell('or-how-old-years') }}</label>
        <input
          :id="`${id}-age`"
          v-model="age"
          inputmode="numeric"
          class="field"
          :class="{ gap: !draft.planted_year }"
        />
      </div>
      <VolumeField
        v-if="draft.in_pot"
        v-model="draft.pot_l"
        :gap="!draft.pot_l"
        :label="tell('pot')"
        :wrong="wrong['/pot_l']"
      />
      <label v-if="draft.in_pot" class="flex gap-2 items-center self-end min-h-touch">
        <input v-model="draft.under_cover" type="checkbox" />
        {{ tell('under-cover-in-winter') }}
      </label>
    </div>
    <details class="mt-3" :open="!!sizes">
      <summary class="tag text-lead">{{ tell('how-large-height-spread-trunk') }}</summary>
      <div class="grid grid-cols-3 gap-3 mt-2">
        <MeasureField
          v-model="draft.height_m"
          :label="tell('height')"
          kind="length"
          :wrong="wrong['/height_m']"
        />
        <MeasureField
          v-model="draft.spread_m"
          :label="tell('spread')"
          kind="length"
          :wrong="wrong['/spread_m']"
        />
        <MeasureField
          v-model="draft.trunk_mm"
          :label="tell('trunk-across')"
          kind="diameter"
          :placeholder="units === 'us' ? '8&quot;' : '200 mm'"
          :wrong="wrong['/trunk_mm']"
        />
      </div>
      <p class="text-ink2 mt-1">
        {{ tell('the-trunk-above-the-union', { which: hand('fist'), which2: hand('span') }) }}
      </p>
    </details>
    <details class="mt-3" :open="!!(draft.rootstock || draft.cultivar || draft.origin)">
      <summary class="tag text-lead">{{ tell('which-cultivar-rootstock-how-raised') }}</summary>
      <div class="grid grid-cols-1 sm:grid-cols-3 gap-3 mt-2">
        <WhichFields
          v-model:cultivar="draft.cultivar"
          v-model:rootstock="draft.rootstock"
          v-model:origin="draft.origin"
          :species="draft.species"
          :wrong="wrong"
        />
      </div>
    </details>
    <details class="mt-3" :open="!!(draft.row || draft.rows > 1 || draft.spacing_m)">
      <summary class="tag text-lead">
        {{
          tell('where-2', {
            block: draft.block,
            row: draft.row && tell('row-5', { row: draft.row }),
          })
        }}
      </summary>
      <div class="grid grid-cols-2 sm:grid-cols-4 gap-3 mt-2">
        <div>
          <label class="label" :for="`${id}-block`">{{ tell('block-2') }}</label>
          <input
            :id="`${id}-block`"
            v-model="draft.block"
            class="field"
            maxlength="120"
            :list="`${id}-blocks`"
          />
          <datalist :id="`${id}-blocks`">
            <option v-for="b in grove.blocks" :key="b.id" :value="b.name" />
          </datalist>
        </div>
        <div>
          <label class="label" :for="`${id}-row`">{{ tell('row-6') }}</label>
          <input
            :id="`${id}-row`"
            v-model="draft.row"
            class="field"
            maxlength="40"
            :placeholder="tell('a-new-one')"
          />
        </div>
        <div v-if="(draft.count ?? 0) > 1">
          <label class="label" :for="`${id}-rows`">{{ tell('in-how-many-rows') }}</label>
          <input
            :id="`${id}-rows`"
            v-model.number="draft.rows"
            type="number"
            min="1"
            max="200"
            class="field"
            :aria-invalid="!!wrong['/rows']"
          />
          <p v-if="wrong['/rows']" class="wrong">{{ wrong['/rows'] }}</p>
        </div>
        <label class="flex gap-2 items-center self-end min-h-touch">
          <input v-model="draft.in_pot" type="checkbox" /> {{ tell('in-a-pot') }}
        </label>
        <MeasureField
          v-if="(draft.count ?? 0) > 1"
          v-model="draft.spacing_m"
          :label="tell('apart-in-the-row')"
          kind="length"
          :wrong="wrong['/spacing_m']"
        />
        <MeasureField
          v-if="draft.rows > 1"
          v-model="draft.row_spacing_m"
          :label="tell('between-rows')"
          kind="length"
          :wrong="wrong['/row_spacing_m']"
        />
      </div>
    </details>
    <p v-if="questionOf('species') && !draft.species && wrong['/species']" class="wrong">
      {{ wrong['/species'] }}
    </p>
  </fieldset>
</template>
