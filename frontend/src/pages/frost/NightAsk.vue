<script setup lang="ts">
/**
 * Which night: one the station measured, or what was read off a thermometer; the hours may stay
 * unknown.
 */
import tell from 'words:frost'
import DayField from '@/controls/DayField.vue'
import { useAct } from '@/composables/useAct'
import { api, heed, type Schemas } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { dayWords } from '@/geometry/day'
import { parseWarmth, warmthWords } from '@/geometry/warmth'
import StationForm from '@/pages/place/StationForm.vue'
import { computed, reactive, ref, watch, toRef } from 'vue'
import { useColdNights } from './site'

const props = defineProps<{ siteId: string; today: string }>()
const emit = defineEmits<{ found: [night: Schemas['NightOut'], body: Schemas['NightIn']] }>()
const { units } = useSettings()
const { data } = useColdNights(toRef(props, 'siteId'))
const night = reactive({ day: '', min: '', hours: '', dry: false, source: 'typed' })
const { act, busy, trouble } = useAct()
const shown = ref(5)
const min = computed(() => parseWarmth(night.min, units.value))
const hours = computed(() =>
  night.hours.trim() === '' ? null : Number(night.hours.replace(',', '.')),
)
const wrong = computed(() => ({
  min:
    night.min.trim() !== '' && min.value === null
      ? tell('not-a-temperature', {
          which: units.value === 'metric' ? tell('say-4-5') : tell('say-24'),
        })
      : '',
  hours:
    hours.value !== null && !(hours.value > 0 && hours.value <= 24)
      ? tell('between-a-quarter-of-an')
      : '',
}))
const ready = computed(() => night.day && min.value !== null && !wrong.value.hours)
watch(
  () => props.siteId,
  () => Object.assign(night, { day: '', min: '', hours: '', source: 'typed' }),
)
async function run() {
  const body = {
    day: night.day,
    min_c: min.value!,
    hours: hours.value,
    dry_soil: night.dry,
    source: night.source,
    save: false,
  }
  await act(async () => {
    emit(
      'found',
      await heed(
        api.POST('/api/sites/{id}/night', { params: { path: { id: props.siteId } }, body }),
      ),
      body,
    )
  }, [])
}
function take(n: Schemas['ColdNightOut']) {
  Object.assign(night, {
    day: n.day,
    min: warmthWords(n.min_c, units.value),
    hours: '',
    source: data.value?.station ?? 'station',
  })
  void run()
}
</script>

<template>
  <section :aria-label="tell('the-night')" class="grid gap-3">
    <div v-if="data" class="grid gap-2">
      <p v-if="data.foreseen" class="keep">
        {{
          tell('foreseen-for-in-see-to', {
            day: dayWords(data.foreseen.day),
            at: warmthWords(data.foreseen.at_c, units),
            block: data.foreseen.block,
          })
        }}
      </p>
      <p v-if="!data.nights.length" class="text-ink2">
        {{ tell('the-station-tells-of-no', { station: data.station }) }}
      </p>
      <template v-else>
        <p class="text-ink2">
          {{
            tell('cold-nights-at-the', {
              station: data.station,
              which: data.simulated ? ' ' + tell('a-stand-in-made-up') : '',
            })
          }}
        </p>
        <ul class="flex flex-wrap gap-2" :aria-label="tell('cold-nights')">
          <li v-for="n in data.nights.slice(0, shown)" :key="n.day">
            <button type="button" class="btn btn-small" :disabled="busy" @click="take(n)">
              {{ dayWords(n.day) }}
              <span class="num font-normal">{{ warmthWords(n.min_c, units) }}</span>
              <span v-if="n.saved" class="font-normal">{{ tell('written-down') }}</span>
            </button>
          </li>
          <li v-if="data.nights.length > shown">
            <button type="button" class="btn btn-small" @click="shown = 400">
              {{ tell('earlier', { nights: data.nights.length - shown }) }}
            </button>
          </li>
        </ul>
      </template>
    </div>
    <form class="ask" @submit.prevent="run">
      <div>
        <label class="label" for="night">{{ tell('or-the-night-of') }}</label>
        <DayField
          id="night"
          v-model="night.day"
          :max="today"
          required
          @update:model-value="night.source = 'typed'"
        />
      </div>
      <div>
        <label class="label" for="min">{{
          tell('coldest-at-the-station', { which: units === 'metric' ? tell('c') : tell('f') })
        }}</label>
        <input
          id="min"
          v-model="night.min"
          class="field"
          autocomplete="off"
          :aria-invalid="!!wrong.min"
          aria-describedby="min-wrong"
          @update:model-value="night.source = 'typed'"
        />
        <p id="min-wrong" class="wrong">{{ wrong.min }}</p>
      </div>
      <div>
        <label class="label" for="hours">{{ tell('hours-so-cold-if-known') }}</label>
        <input
          id="hours"
          v-model="night.hours"
          class="field"
          inputmode="decimal"
          autocomplete="off"
          :placeholder="tell('not-known')"
          :aria-invalid="!!wrong.hours"
          aria-describedby="hours-wrong"
        />
        <p id="hours-wrong" class="wrong">{{ wrong.hours }}</p>
      </div>
      <label class="flex gap-2 items-center min-h-touch col-span-2"
        ><input v-model="night.dry" type="checkbox" class="w-6 h-6" />
        {{ tell('dry-soil-or-wilted-trees') }}</label
      >
      <button class="btn btn-go" :disabled="!ready || busy">
        {{ busy ? tell('reckoning') : tell('what-was-hurt') }}
      </button>
    </form>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <details>
      <summary class="tag min-h-8">{{ tell('bring-in-your-own-station') }}</summary>
      <StationForm :site-id="siteId" class="mt-2" />
    </details>
  </section>
</template>

<style scoped>
.ask {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px 12px;
  align-items: start;
}
@media (max-width: 640px) {
  .ask {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
