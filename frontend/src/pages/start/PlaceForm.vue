<script setup lang="ts">
/**
 * Where the trees stand: a town, or here; the climate is proposed with its reason and may be
 * corrected, or typed as twelve pairs of temperatures.
 */
import tell from 'words:start'
import DayField from '@/controls/DayField.vue'
import { useAct } from '@/composables/useAct'
import { api, heed } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { months, monthDayWords } from '@/geometry/day'
import { useQuery } from '@tanstack/vue-query'
import { computed, nextTick, reactive, ref, useId, watch } from 'vue'
import TownField, { type Town } from './TownField.vue'

const props = defineProps<{ holding?: string }>()
const { units } = useSettings()
const id = useId()
const draft = reactive({
  holding: props.holding ?? '',
  site: '',
  latitude: '',
  longitude: null as number | null,
  zone: '',
  climate: '',
  own: false,
  tmin: Array<string>(12).fill(''),
  tmax: Array<string>(12).fill(''),
  last: '',
  first: '',
  frost: true,
})
const { act, fields, trouble, busy: saving } = useAct()
const southern = computed(() => Number(draft.latitude.replace(',', '.')) < 0)
const { data } = useQuery({
  queryKey: ['climates', southern],
  queryFn: () =>
    heed(
      api.GET('/api/climates', {
        params: { query: { southern: southern.value ? 'true' : 'false' } },
      }),
    ),
  staleTime: Infinity,
})
const proposal = ref<{ climate: string; why: string; runner_up: string } | null>(null)
const named = (climate: string) => data.value?.climates.find((c) => c.id === climate)?.name
function propose(found: { climate: string; why: string; runner_up: string }) {
  proposal.value = found
  draft.climate = found.climate
}
function pickTown(town: Town) {
  draft.latitude = String(town.latitude)
  draft.longitude = town.longitude
  if (!draft.site) draft.site = town.name
  propose(town)
}
/** A number as people type it; null where it is none. */
const degrees = (text: string) => {
  const typed = Number(text.replace(',', '.').replace('−', '-'))
  return text.trim() === '' || Number.isNaN(typed) ? null : typed
}
const longitude = ref('')
watch(
  () => draft.longitude,
  (now) => (longitude.value = now === null ? '' : String(now)),
)
/** Coordinates in place of a town: the climate is proposed from them. */
async function byPosition() {
  draft.longitude = degrees(longitude.value)
  const latitude = degrees(draft.latitude)
  if (latitude === null || draft.longitude === null) return
  const query = { latitude, longitude: draft.longitude }
  await act(async () => propose(await heed(api.GET('/api/places/near', { params: { query } }))), [])
}
const form = ref<HTMLFormElement>()
const wrongZone = ref('')
async function byZone() {
  wrongZone.value = ''
  if (!draft.zone.trim()) return
  try {
    const query = { zone: draft.zone.trim() }
    propose(await heed(api.GET('/api/places/zone', { params: { query } })))
  } catch {
    wrongZone.value = tell('is-no-hardiness-zone-they')
  }
}
const picked = computed(() => data.value?.climates.find((c) => c.id === draft.climate))
const celsius = (text: string) => {
  const value = Number(text.replace(',', '.'))
  return units.value === 'metric' ? value : ((value - 32) * 5) / 9
}
const shown = (c: number) =>
  units.value === 'metric'
    ? String(Math.round(c * 10) / 10)
    : String(Math.round((c * 1.8 + 32) * 10) / 10)
function takeOwn() {
  draft.own = true
  if (!picked.value) return
  draft.tmin = picked.value.tmin_c.map(shown)
  draft.tmax = picked.value.tmax_c.map(shown)
  draft.last = picked.value.last_frost ?? ''
  draft.first = picked.value.first_frost ?? ''
  draft.frost = !!picked.value.last_frost
}
const asMonthDay = (text: string) => (draft.frost && text ? text.slice(-5) : null)
async function save() {
  const latitude = degrees(draft.latitude)
  if (latitude === null) {
    fields.value = {
      '/latitude': tell('pick-a-town-or-give'),
    }
    return showTrouble()
  }
  const done = await act(async () => {
    const body = {
      holding: draft.holding || draft.site,
      site: draft.site || draft.holding,
      latitude,
      longitude: draft.longitude,
      climate: draft.own ? null : draft.climate || null,
      tmin_c: draft.own ? draft.tmin.map(celsius) : null,
      tmax_c: draft.own ? draft.tmax.map(celsius) : null,
      last_frost: draft.own ? asMonthDay(draft.last) : null,
      first_frost: draft.own ? asMonthDay(draft.first) : null,
      units: units.value,
    }
    await heed(api.POST('/api/sites', { body }))
  })
  if (!done) await showTrouble()
}
/** What is wrong is brought to where it can be seen. */
async function showTrouble() {
  await nextTick()
  form.value?.querySelector('.wrong')?.scrollIntoView({ block: 'center' })
}
</script>

<template>
  <form
    ref="form"
    class="grid gap-3"
    :aria-label="tell('where-the-trees-stand')"
    @submit.prevent="save"
  >
    <div class="grid sm:grid-cols-2 gap-3">
      <div>
        <label class="label" :for="`${id}h`">{{ tell('name-of-the-place') }}</label>
        <input
          :id="`${id}h`"
          v-model="draft.site"
          class="field"
          maxlength="120"
          required
          :placeholder="tell('my-garden')"
          :aria-invalid="!!fields['/site']"
        />
        <p v-if="fields['/site']" class="wrong">{{ fields['/site'] }}</p>
      </div>
    </div>
    <TownField @picked="pickTown" />
    <p v-if="proposal" class="keep" data-test="proposal">
      {{ proposal.why }}
      <button
        v-if="draft.climate === proposal.climate"
        type="button"
        class="link"
        @click="draft.climate = proposal.runner_up"
      >
        {{ tell('rather', { runnerUp: named(proposal.runner_up) }) }}
      </button>
      <span v-else>{{ tell('taken-2', { climate: named(draft.climate) }) }}</span>
    </p>
    <details :open="!!(fields['/latitude'] || fields['/longitude'])">
      <summary class="tag text-lead">{{ tell('no-town-near-coordinates-or') }}</summary>
      <div class="grid sm:grid-cols-2 gap-3 mt-2">
        <div>
          <label class="label" :for="`${id}l`">{{ tell('latitude-minus-in-the-south') }}</label>
          <input
            :id="`${id}l`"
            v-model="draft.latitude"
            class="field"
            inputmode="text"
            placeholder="36.8"
            :aria-invalid="!!fields['/latitude']"
            @change="byPosition"
          />
          <p v-if="fields['/latitude']" class="wrong">{{ fields['/latitude'] }}</p>
        </div>
        <div>
          <label class="label" :for="`${id}o`">{{ tell('longitude-minus-in-the-west') }}</label>
          <input
            :id="`${id}o`"
            v-model="longitude"
            class="field"
            inputmode="text"
            placeholder="-3.5"
            :aria-invalid="!!fields['/longitude']"
            @change="byPosition"
          />
          <p v-if="fields['/longitude']" class="wrong">{{ fields['/longitude'] }}</p>
        </div>
        <div>
          <label class="label" :for="`${id}z`">{{ tell('hardiness-zone') }}</label>
          <input
            :id="`${id}z`"
            v-model="draft.zone"
            class="field"
            maxlength="10"
            :placeholder="tell('n-9a')"
            :aria-invalid="!!wrongZone"
            @change="byZone"
          />
          <p v-if="wrongZone" class="wrong">{{ wrongZone }}</p>
        </div>
      </div>
    </details>
    <details v-if="!draft.own" :open="!!fields['/climate']">
      <summary class="tag text-lead">
        {{ tell('nearest-climate', { picked: picked ? `: ${picked.name}` : '' }) }}
      </summary>
      <fieldset>
        <legend class="sr-only">{{ tell('nearest-climate-2') }}</legend>
        <div class="grid sm:grid-cols-2 gap-2">
          <label
            v-for="c in data?.climates ?? []"
            :key="c.id"
            class="pick"
            :class="{ on: draft.climate === c.id }"
          >
            <input
              v-model="draft.climate"
              type="radio"
              name="climate"
              :value="c.id"
              class="sr-only"
            />
            <b class="tag text-lead">{{ c.name }}</b>
            <span class="text-small"
              >{{ ' '
              }}{{
                tell('coldest-month-warmest-2', {
                  count: shown(Math.min(...c.tmin_c)),
                  Math2: shown(Math.max(...c.tmax_c)),
                  which: units === 'metric' ? tell('c') : tell('f'),
                  lastFrost: c.last_frost
                    ? tell('frost-to', { lastFrost: monthDayWords(c.last_frost) })
                    : tell('no-frost'),
                })
              }}{{ ' ' }}</span
            >
          </label>
        </div>
        <p v-if="fields['/climate']" class="wrong">{{ fields['/climate'] }}</p>
        <button type="button" class="link mt-2" @click="takeOwn">
          {{
            tell('type-your-own-twelve-months', {
              which: picked ? tell('starting-from-this-one') : '',
            })
          }}
        </button>
      </fieldset>
    </details>
    <fieldset v-else>
      <legend class="label">
        {{
          tell('mean-daily-minimum-and-maximum', {
            which: units === 'metric' ? tell('c') : tell('f'),
          })
        }}
      </legend>
      <div class="grid grid-cols-4 sm:grid-cols-6 gap-2">
        <div v-for="(m, i) in months()" :key="m">
          <b class="tag">{{ m }}</b>
          <input
            v-model="draft.tmin[i]"
            class="field"
            inputmode="text"
            :aria-label="tell('minimum-2', { m })"
            :aria-invalid="!!fields[`/tmin_c/${i}`]"
            placeholder="min"
          />
          <input
            v-model="draft.tmax[i]"
            class="field mt-1"
            inputmode="text"
            :aria-label="tell('maximum-2', { m })"
            :aria-invalid="!!fields[`/tmax_c/${i}`]"
            :placeholder="tell('max')"
          />
          <p v-if="fields[`/tmin_c/${i}`] || fields[`/tmax_c/${i}`]" class="wrong">
            {{ fields[`/tmin_c/${i}`] ?? fields[`/tmax_c/${i}`] }}
          </p>
        </div>
      </div>
      <label class="flex gap-2 items-center mt-3"
        ><input v-model="draft.frost" type="checkbox" /> {{ tell('there-is-frost-in-one') }}</label
      >
      <div v-if="draft.frost" class="grid sm:grid-cols-2 gap-3 mt-2">
        <div>
          <label class="label" :for="`${id}lf`">{{ tell('last-frost-of-spring-one') }}</label>
          <DayField :id="`${id}lf`" v-model="draft.last" yearly />
          <p v-if="fields['/last_frost']" class="wrong">{{ fields['/last_frost'] }}</p>
        </div>
        <div>
          <label class="label" :for="`${id}ff`">{{ tell('first-frost-of-autumn-one') }}</label>
          <DayField :id="`${id}ff`" v-model="draft.first" yearly />
          <p v-if="fields['/first_frost']" class="wrong">{{ fields['/first_frost'] }}</p>
        </div>
      </div>
      <button type="button" class="link mt-2" @click="draft.own = false">
        {{ tell('pick-a-climate-instead') }}
      </button>
    </fieldset>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <button
      class="btn btn-go w-full sm:w-auto sm:justify-self-start sm:px-10"
      :disabled="saving || !draft.site"
    >
      {{ tell('here-my-trees-stand') }}
    </button>
  </form>
</template>

<style scoped>
.pick {
  display: grid;
  border: var(--line) solid var(--edge);
  border-radius: 8px;
  padding: 8px 12px;
  background: var(--sheet);
  cursor: pointer;
}
.pick.on {
  border-color: var(--ink);
  box-shadow: inset 6px 0 0 var(--leaf);
  padding-left: 16px;
}
.pick:focus-within {
  outline: 3px solid var(--frost);
  outline-offset: 2px;
}
</style>
