<script setup lang="ts">
/**
 * Daily minima and maxima of one's own station: what was found line by line, what they make of the
 * place, and only then taken.
 */
import PickOne from '@/controls/PickOne.vue'
import { useAct } from '@/composables/useAct'
import { api, heed, type Schemas } from '@/api/client'
import { monthDayWords } from '@/geometry/day'
import { useSettings } from '@/composables/useSettings'
import { computed, ref, useId } from 'vue'

const props = defineProps<{ siteId: string }>()
const { units } = useSettings()
const id = useId()
const text = ref('')
const accept = ref<Schemas['DaysIn']['accept']>([])
const risk = ref(0.1)
const found = ref<Schemas['DaysOut'] | null>(null)
const { act, busy, trouble } = useAct()
const ACCEPTS = {
  gaps: 'Leave the gaps',
  duplicates: 'Keep the first of each day',
  swapped: 'Turn the columns round',
  fahrenheit: 'Convert from °F',
}
const offers = computed(() => [
  ...new Set(
    (found.value?.problems ?? [])
      .map((p) => p.accept)
      .filter((a): a is keyof typeof ACCEPTS => !!a),
  ),
])
const degrees = (c: number) => (units.value === 'metric' ? c.toFixed(1) : (c * 1.8 + 32).toFixed(1))
async function read(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  text.value = await file.text()
  accept.value = []
  await check()
}
async function check(save = false, asNormals = false) {
  const run = async () => {
    const body = {
      text: text.value,
      accept: accept.value,
      risk: risk.value,
      save,
      as_normals: asNormals,
    }
    found.value = await heed(
      api.POST('/api/sites/{id}/days', { params: { path: { id: props.siteId } }, body }),
    )
  }
  await act(run, save ? undefined : [])
}
function allow(word: keyof typeof ACCEPTS) {
  accept.value = [...accept.value!, word]
  void check()
}
</script>

<template>
  <div class="grid gap-3">
    <p class="text-note text-ink2">
      Columns date, tmin, tmax and, if there is one, rain.
      <a class="link text-ink" :href="`/api/sites/${siteId}/days.csv`" download
        >The days there are, as CSV</a
      >
    </p>
    <div class="grid sm:grid-cols-2 gap-3">
      <div>
        <label class="label" :for="`${id}f`">Station file</label>
        <input
          :id="`${id}f`"
          type="file"
          accept=".csv,.txt,text/csv"
          class="field"
          @change="read"
        />
      </div>
      <div>
        <label class="label" :for="`${id}r`">Frost in one year of</label>
        <PickOne :id="`${id}r`" v-model="risk" class="field" @update:model-value="text && check()">
          <option :value="0.05">twenty</option>
          <option :value="0.1">ten</option>
          <option :value="0.2">five</option>
          <option :value="0.5">two</option>
        </PickOne>
      </div>
    </div>
    <div>
      <label class="label" :for="`${id}t`">Or paste the days</label>
      <textarea
        :id="`${id}t`"
        v-model="text"
        class="field font-mono text-small"
        rows="4"
        placeholder="date,tmin,tmax,rain&#10;2026-01-01,7.2,15.9,0"
      />
    </div>
    <button
      type="button"
      class="btn btn-small justify-self-start"
      :disabled="busy || !text.trim()"
      @click="check()"
    >
      {{ busy ? 'Reading …' : 'Check the days' }}
    </button>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <div v-if="found" aria-live="polite" data-test="station-found">
      <template v-if="found.problem_count">
        <p class="font-semibold">
          {{ found.problem_count }} {{ found.problem_count === 1 ? 'thing' : 'things' }} found;
          nothing is taken until each is mended or accepted.
        </p>
        <ul class="max-h-60 overflow-y-auto my-2 text-note" tabindex="0" aria-label="Problems">
          <li v-for="(p, i) in found.problems" :key="i">
            <b class="num">{{ p.line ? `Line ${p.line}` : 'The list' }}</b>, {{ p.column }}:
            {{ p.message }}
          </li>
        </ul>
        <div class="flex flex-wrap gap-2">
          <button
            v-for="o in offers"
            :key="o"
            type="button"
            class="btn btn-small"
            @click="allow(o)"
          >
            {{ ACCEPTS[o] }}
          </button>
        </div>
      </template>
      <template v-else-if="found.saved"
        ><p role="status">{{ found.count }} days taken.</p></template
      >
      <template v-else>
        <p>
          {{ found.count }} days<template v-if="found.years"
            >, {{ found.years }} whole years, {{ found.first }} to {{ found.last }}</template
          >.
          <template v-if="found.tmin_c && found.tmax_c">
            Coldest month {{ degrees(Math.min(...found.tmin_c)) }}, warmest
            {{ degrees(Math.max(...found.tmax_c)) }} {{ units === 'metric' ? '°C' : '°F' }};
            <template v-if="found.last_frost && found.first_frost"
              >last frost {{ monthDayWords(found.last_frost) }}, first
              {{ monthDayWords(found.first_frost) }};</template
            >
            <template v-else>no frost at this risk;</template>
            {{
              found.hot_from && found.hot_to
                ? `hot season ${monthDayWords(found.hot_from)} to ${monthDayWords(found.hot_to)}`
                : 'no hot season'
            }}.
          </template>
          <template v-else>No normals: {{ found.why_not }}.</template>
        </p>
        <div class="flex flex-wrap gap-2 mt-2">
          <button
            v-if="found.tmin_c"
            type="button"
            class="btn btn-small btn-go"
            @click="check(true, true)"
          >
            Take days and normals
          </button>
          <button type="button" class="btn btn-small" @click="check(true)">
            Take the days only
          </button>
        </div>
      </template>
    </div>
  </div>
</template>
