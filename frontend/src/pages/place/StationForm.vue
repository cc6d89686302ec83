<script setup lang="ts">
/**
 * Daily minima and maxima of one's own station: what was found line by line, what they make of the
 * place, and only then taken.
 */
import { decimals } from '@/words/numbers'
import tell from 'words:place'
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
  get gaps() {
    return tell('leave-the-gaps')
  },
  get duplicates() {
    return tell('keep-the-first-of-each')
  },
  get swapped() {
    return tell('turn-the-columns-round')
  },
  get fahrenheit() {
    return tell('convert-from-f')
  },
}
const offers = computed(() => [
  ...new Set(
    (found.value?.problems ?? [])
      .map((p) => p.accept)
      .filter((a): a is keyof typeof ACCEPTS => !!a),
  ),
])
const degrees = (c: number) =>
  units.value === 'metric' ? decimals(c, 1) : decimals(c * 1.8 + 32, 1)
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
      {{ tell('columns-date-tmin-tmax-and') }}
      <a class="link text-ink" :href="`/api/sites/${siteId}/days.csv`" download>{{
        tell('the-days-there-are-as')
      }}</a>
    </p>
    <div class="grid sm:grid-cols-2 gap-3">
      <div>
        <label class="label" :for="`${id}f`">{{ tell('station-file') }}</label>
        <input
          :id="`${id}f`"
          type="file"
          accept=".csv,.txt,text/csv"
          class="field"
          @change="read"
        />
      </div>
      <div>
        <label class="label" :for="`${id}r`">{{ tell('frost-in-one-year-of') }}</label>
        <PickOne :id="`${id}r`" v-model="risk" class="field" @update:model-value="text && check()">
          <option :value="0.05">{{ tell('twenty') }}</option>
          <option :value="0.1">{{ tell('ten') }}</option>
          <option :value="0.2">{{ tell('five') }}</option>
          <option :value="0.5">{{ tell('two') }}</option>
        </PickOne>
      </div>
    </div>
    <div>
      <label class="label" :for="`${id}t`">{{ tell('or-paste-the-days') }}</label>
      <textarea
        :id="`${id}t`"
        v-model="text"
        class="field font-mono text-small"
        rows="4"
        :placeholder="tell('date-tmin-tmax-rain-2026')"
      />
    </div>
    <button
      type="button"
      class="btn btn-small justify-self-start"
      :disabled="busy || !text.trim()"
      @click="check()"
    >
      {{ busy ? tell('reading') : tell('check-the-days') }}
    </button>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <div v-if="found" aria-live="polite" data-test="station-found">
      <template v-if="found.problem_count">
        <p class="font-semibold">
          {{ tell('things-found-nothing-is-taken', { problemCount: found.problem_count }) }}
        </p>
        <ul
          class="max-h-60 overflow-y-auto my-2 text-note"
          tabindex="0"
          :aria-label="tell('problems')"
        >
          <li v-for="(p, i) in found.problems" :key="i">
            <b class="num">{{ p.line ? tell('line', { line: p.line }) : tell('the-list') }}</b>,
            {{ p.column }}:
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
        ><p role="status">{{ tell('days-taken', { count: found.count }) }}</p></template
      >
      <template v-else>
        <p>
          {{ tell('days-2', { count: found.count })
          }}<template v-if="found.years">{{
            tell('whole-years-to', { years: found.years, first: found.first, last: found.last })
          }}</template
          >.
          <template v-if="found.tmin_c && found.tmax_c"
            >{{ ' '
            }}{{
              tell('coldest-month-warmest', {
                count: degrees(Math.min(...found.tmin_c)),
                Math2: degrees(Math.max(...found.tmax_c)),
                which: units === 'metric' ? tell('c') : tell('f'),
              })
            }}
            <template v-if="found.last_frost && found.first_frost">{{
              tell('last-frost-first', {
                lastFrost: monthDayWords(found.last_frost),
                firstFrost: monthDayWords(found.first_frost),
              })
            }}</template>
            <template v-else>{{ tell('no-frost-at-this-risk') }}</template>
            {{
              found.hot_from && found.hot_to
                ? tell('hot-season-to', {
                    hotFrom: monthDayWords(found.hot_from),
                    hotTo: monthDayWords(found.hot_to),
                  })
                : tell('no-hot-season')
            }}.
          </template>
          <template v-else>{{ tell('no-normals', { whyNot: found.why_not }) }}</template>
        </p>
        <div class="flex flex-wrap gap-2 mt-2">
          <button
            v-if="found.tmin_c"
            type="button"
            class="btn btn-small btn-go"
            @click="check(true, true)"
          >
            {{ tell('take-days-and-normals') }}
          </button>
          <button type="button" class="btn btn-small" @click="check(true)">
            {{ tell('take-the-days-only') }}
          </button>
        </div>
      </template>
    </div>
  </div>
</template>
