<script setup lang="ts">
/**
 * A place, corrected: the curve of its months, frost dates, height, and what is about in the
 * region.
 */
import tell from 'words:place'
import DayField from '@/controls/DayField.vue'
import PickOne from '@/controls/PickOne.vue'
import { useAct } from '@/composables/useAct'
import { api, heed, sentence, type Schemas } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import MeasureField from '@/controls/MeasureField.vue'
import ClimateCurve from '@/drawings/ClimateCurve.vue'
import { useQuery } from '@tanstack/vue-query'
import { computed, reactive, ref, useId, watch } from 'vue'

const props = defineProps<{ site: Schemas['SiteViewOut'] }>()
const { units } = useSettings()
const id = useId()
const draft = reactive({
  latitude: '',
  climate: '',
  low: [] as number[],
  high: [] as number[],
  frost: true,
  last: '',
  first: '',
  elevation: null as number | null,
  dangers: [] as string[],
})
const { act, fields, trouble } = useAct()
const saved = ref(false)
watch(
  () => props.site,
  (s) => {
    Object.assign(draft, {
      latitude: String(s.latitude),
      climate: s.climate,
      low: [...s.tmin_c],
      high: [...s.tmax_c],
      frost: !!s.last_frost,
      last: s.last_frost ?? '',
      first: s.first_frost ?? '',
      elevation: s.elevation_m,
      dangers: [...s.dangers],
    })
  },
  { immediate: true },
)
const southern = computed(() => Number(draft.latitude.replace(',', '.')) < 0)
const { data: climates } = useQuery({
  queryKey: ['climates', southern],
  queryFn: () =>
    heed(
      api.GET('/api/climates', {
        params: { query: { southern: southern.value ? 'true' : 'false' } },
      }),
    ),
  staleTime: Infinity,
})
const { data: dangers } = useQuery({
  queryKey: ['dangers'],
  queryFn: () => heed(api.GET('/api/dangers')),
  staleTime: Infinity,
})
function take(id: string) {
  const c = climates.value?.climates.find((x) => x.id === id)
  if (!c) return
  Object.assign(draft, {
    low: [...c.tmin_c],
    high: [...c.tmax_c],
    climate: c.id,
    frost: !!c.last_frost,
    last: c.last_frost ?? '',
    first: c.first_frost ?? '',
  })
}
/**
 * The shipped climate nearest to the curve as it stands: its calendar of bloom and harvest holds.
 */
async function nearest() {
  trouble.value = ''
  try {
    const body = {
      latitude: Number(draft.latitude.replace(',', '.')),
      tmin_c: draft.low,
      tmax_c: draft.high,
    }
    draft.climate = (await heed(api.POST('/api/climates/nearest', { body }))).climate
  } catch (error) {
    trouble.value = sentence(error)
  }
}
async function save() {
  fields.value = {}
  trouble.value = ''
  saved.value = false
  const latitude = Number(draft.latitude.replace(',', '.'))
  if (draft.latitude.trim() === '' || Number.isNaN(latitude)) {
    fields.value = { '/latitude': tell('must-be-a-number-minus') }
    return
  }
  await act(async () => {
    const body = {
      version: props.site.version,
      latitude,
      longitude: props.site.longitude,
      elevation_m: draft.elevation,
      climate: draft.climate,
      tmin_c: draft.low,
      tmax_c: draft.high,
      last_frost: draft.frost ? draft.last || null : null,
      first_frost: draft.frost ? draft.first || null : null,
      dangers: draft.dangers,
    }
    await heed(api.PUT('/api/sites/{id}', { params: { path: { id: props.site.id } }, body }))
    saved.value = true
  })
}
</script>

<template>
  <form class="grid gap-4" :aria-label="tell('the-place')" @submit.prevent="save">
    <p class="text-note text-ink2">
      {{ tell('normals-from-drag-a-point', { origin: site.origin }) }}
    </p>
    <ClimateCurve
      v-if="draft.low.length"
      v-model:low="draft.low"
      v-model:high="draft.high"
      :wrong="fields"
    />
    <p v-for="(message, at) in fields" :key="at" class="wrong" role="alert">
      {{ String(at).split('/').slice(1).join(' ').replace(/_/g, ' ') }}: {{ message }}
    </p>
    <div class="grid sm:grid-cols-2 gap-3">
      <div>
        <label class="label" :for="`${id}c`">{{ tell('start-again-from-a-climate') }}</label>
        <PickOne :id="`${id}c`" class="field" model-value="" @update:model-value="take">
          <option value="">{{ tell('as-it-stands') }}</option>
          <option v-for="c in climates?.climates ?? []" :key="c.id" :value="c.id">
            {{ c.name }}
          </option>
        </PickOne>
      </div>
      <div>
        <label class="label" :for="`${id}k`">{{ tell('calendar-of-bloom-and-harvest') }}</label>
        <PickOne :id="`${id}k`" v-model="draft.climate" class="field">
          <option v-for="c in climates?.climates ?? []" :key="c.id" :value="c.id">
            {{ c.name }}
          </option>
        </PickOne>
        <button type="button" class="link text-note min-h-6" @click="nearest">
          {{ tell('the-one-nearest-to-the') }}
        </button>
      </div>
      <div>
        <label class="label" :for="`${id}l`">{{ tell('latitude-minus-in-the-south') }}</label>
        <input
          :id="`${id}l`"
          v-model="draft.latitude"
          class="field"
          inputmode="text"
          :aria-invalid="!!fields['/latitude']"
        />
      </div>
      <MeasureField
        v-model="draft.elevation"
        :label="tell('station-stands-at')"
        kind="length"
        :wrong="fields['/elevation_m']"
        :placeholder="units === 'metric' ? '90 m' : '300 ft'"
      />
    </div>
    <label class="flex gap-2 items-center"
      ><input v-model="draft.frost" type="checkbox" /> {{ tell('there-is-frost-in-one') }}</label
    >
    <div v-if="draft.frost" class="grid sm:grid-cols-2 gap-3">
      <div>
        <label class="label" :for="`${id}lf`">{{ tell('last-frost-of-spring-one') }}</label>
        <DayField :id="`${id}lf`" v-model="draft.last" yearly />
      </div>
      <div>
        <label class="label" :for="`${id}ff`">{{ tell('first-frost-of-autumn-one') }}</label>
        <DayField :id="`${id}ff`" v-model="draft.first" yearly />
      </div>
    </div>
    <fieldset>
      <legend class="label">{{ tell('about-in-the-region') }}</legend>
      <div class="grid sm:grid-cols-2 gap-x-6 gap-y-2">
        <label v-for="d in dangers?.dangers ?? []" :key="d.id" class="flex gap-2 items-start">
          <input v-model="draft.dangers" type="checkbox" :value="d.id" />
          <span
            ><b class="tag text-base">{{ d.name }}</b>
            <span class="text-note text-ink2">{{ d.says }}.</span></span
          >
        </label>
      </div>
    </fieldset>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p v-if="saved" role="status">{{ tell('saved-every-window-is-worked') }}</p>
    <button class="btn btn-go sm:justify-self-start sm:px-10">{{ tell('save-the-place') }}</button>
  </form>
</template>
