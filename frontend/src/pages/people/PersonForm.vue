<script setup lang="ts">
/** What is known of somebody: only the name must be said. */
import tell from 'words:people'
import { api, heed, type Schemas } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { usePeople } from '@/composables/usePeople'
import { useSettings } from '@/composables/useSettings'
import MeasureField from '@/controls/MeasureField.vue'
import { parseWeight, weightWords } from '@/geometry/measure'
import { computed, nextTick, ref, useId } from 'vue'

const props = defineProps<{ id: string; person?: Schemas['PersonOut'] }>()
const emit = defineEmits<{ kept: [] }>()
const { units } = useSettings()
const { act, busy, fields, trouble } = useAct()
const at = useId()
const name = ref(props.person?.name ?? '')
const reach = ref(props.person?.reach_m ?? null)
const pole = ref(props.person?.pole_m ?? null)
const carries = ref(
  props.person?.carries_kg ? weightWords(props.person.carries_kg, units.value) : '',
)
const hours = ref(props.person?.hours_week?.toString() ?? '')
const week = computed(() => (/^\s*\d+([.,]\d+)?\s*$/.test(hours.value) ? num(hours.value) : null))
const num = (text: string) => Number(text.trim().replace(',', '.'))
const noWeek = computed(() => hours.value.trim() !== '' && week.value === null)
const { skills: known, paces } = usePeople()
const usual = known.value.filter((s) => s.usual).map((s) => s.id)
const skills = ref(props.person?.skills ?? usual)
const pace = ref<number | null>(props.person?.pace ?? null)
const kg = computed(() => parseWeight(carries.value, units.value))
const unread = computed(() => carries.value.trim() !== '' && kg.value === null)
const sizes = ref<HTMLFormElement>()
async function keep() {
  // what cannot be read says so at its field, and is not left out in silence
  fields.value = {}
  await nextTick()
  const unreadable = sizes.value?.querySelector<HTMLElement>('[aria-invalid="true"]')
  if (unreadable) return unreadable.focus()
  const body = {
    name: name.value.trim(),
    reach_m: reach.value,
    pole_m: pole.value,
    carries_kg: kg.value,
    hours_week: week.value,
    skills: skills.value,
    pace: pace.value,
  }
  const params = { path: { id: props.id } }
  if (await act(() => heed(api.PUT('/api/people/{id}', { params, body })))) emit('kept')
}
</script>

<template>
  <form ref="sizes" class="grid sm:grid-cols-4 gap-3 items-start mt-2" @submit.prevent="keep">
    <div>
      <label class="label" :for="`${at}n`">{{ tell('name') }}</label>
      <input
        :id="`${at}n`"
        v-model="name"
        class="field"
        maxlength="60"
        autocomplete="off"
        :aria-invalid="!!fields['/name']"
      />
      <p v-if="fields['/name']" class="wrong">{{ fields['/name'] }}</p>
    </div>
    <MeasureField
      :label="tell('reaches-by-hand')"
      kind="length"
      :model-value="reach"
      :wrong="fields['/reach_m']"
      @update:model-value="reach = $event"
    />
    <MeasureField
      :label="tell('with-a-pole-2')"
      kind="length"
      :model-value="pole"
      :wrong="fields['/pole_m']"
      @update:model-value="pole = $event"
    />
    <div>
      <label class="label" :for="`${at}c`">{{
        tell('may-carry', { which: units === 'us' ? 'lb' : 'kg' })
      }}</label>
      <input
        :id="`${at}c`"
        v-model="carries"
        class="field"
        inputmode="decimal"
        autocomplete="off"
        :aria-invalid="unread || !!fields['/carries_kg']"
      />
      <p v-if="unread || fields['/carries_kg']" class="wrong">
        {{ unread ? tell('cannot-read-this-type-15') : fields['/carries_kg'] }}
      </p>
    </div>
    <div>
      <label class="label" :for="`${at}h`">{{ tell('hours-a-week-for-the') }}</label>
      <input
        :id="`${at}h`"
        v-model="hours"
        class="field"
        inputmode="decimal"
        autocomplete="off"
        :aria-invalid="noWeek || !!fields['/hours_week']"
      />
      <p v-if="noWeek || fields['/hours_week']" class="wrong">
        {{ noWeek ? tell('cannot-read-this-type-24') : fields['/hours_week'] }}
      </p>
    </div>
    <fieldset class="sm:col-span-3">
      <legend class="label">{{ tell('works') }}</legend>
      <div class="flex flex-wrap gap-2">
        <button
          v-for="p in paces"
          :key="p.factor"
          type="button"
          class="btn btn-small"
          :aria-pressed="(pace ?? 1) === p.factor"
          @click="pace = p.factor"
        >
          {{ p.says }}
        </button>
      </div>
    </fieldset>
    <fieldset class="sm:col-span-4">
      <legend class="label">{{ tell('may') }}</legend>
      <div class="flex flex-wrap gap-x-5">
        <label v-for="s in known" :key="s.id" class="flex items-center gap-2 min-h-touch">
          <input v-model="skills" type="checkbox" class="check" :value="s.id" />{{ s.says }}
        </label>
      </div>
    </fieldset>
    <p v-if="trouble" class="wrong sm:col-span-4" role="alert">{{ trouble }}</p>
    <button class="btn btn-go sm:col-span-4 justify-self-start" :disabled="busy || !name.trim()">
      {{ person ? tell('keep-it') : tell('put-on-the-list') }}
    </button>
  </form>
</template>
