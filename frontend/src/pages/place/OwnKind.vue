<script setup lang="ts">
/** A kind of tree that is not known, described by its events. */
import tell from 'words:place'
import { months } from '@/geometry/day'
import PickOne from '@/controls/PickOne.vue'
import { useAct } from '@/composables/useAct'
import { api, heed } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import MeasureField from '@/controls/MeasureField.vue'
import { reactive, ref, useId } from 'vue'

const { units } = useSettings()
const id = useId()
const draft = reactive({
  name: '',
  evergreen: true,
  everbearing: false,
  bloom: [4, 5],
  harvest: [10, 12],
  vigour: 3,
  size: 'middling' as 'low' | 'middling' | 'tall',
  frost: '',
  habit: 'rounded',
  bears: 'along' as 'ends' | 'along',
  wound: 75 as number | null,
})
const HABITS = ['rounded', 'spreading', 'upright', 'columnar', 'weeping']
const { act, fields, trouble } = useAct()
const made = ref('')
async function save() {
  made.value = ''
  const typed = Number(draft.frost.replace(',', '.').replace('−', '-'))
  if (draft.frost.trim() && Number.isNaN(typed)) {
    fields.value = { '/frost_c': tell('must-be-a-number-of') }
    return
  }
  const frost = draft.frost.trim() ? (units.value === 'metric' ? typed : (typed - 32) / 1.8) : 2
  await act(async () => {
    const body = {
      name: draft.name,
      evergreen: draft.evergreen,
      everbearing: draft.everbearing,
      bloom: draft.everbearing ? null : draft.bloom,
      harvest: draft.everbearing ? null : draft.harvest,
      vigour: draft.vigour,
      size: draft.size,
      frost_c: frost,
      coldest_night_c: Math.max(-8, frost),
      habit: draft.habit,
      bears: draft.bears,
      wound_mm: draft.wound ?? 75,
    }
    made.value = (await heed(api.POST('/api/species', { body }))).name
  })
}
</script>

<template>
  <form class="grid gap-3" :aria-label="tell('a-kind-of-your-own')" @submit.prevent="save">
    <div class="grid sm:grid-cols-3 gap-3">
      <div>
        <label class="label" :for="`${id}n`">{{ tell('what-it-is-called') }}</label>
        <input
          :id="`${id}n`"
          v-model="draft.name"
          class="field"
          maxlength="120"
          required
          :placeholder="tell('feijoa')"
          :aria-invalid="!!fields['/name']"
        />
        <p v-if="fields['/name']" class="wrong">{{ fields['/name'] }}</p>
      </div>
      <div>
        <label class="label" :for="`${id}s`">{{ tell('grows') }}</label>
        <PickOne :id="`${id}s`" v-model="draft.size" class="field">
          <option value="low">{{ tell('low') }}</option>
          <option value="middling">{{ tell('middling') }}</option>
          <option value="tall">{{ tell('tall-2') }}</option>
        </PickOne>
      </div>
      <div>
        <label class="label" :for="`${id}f`">{{
          tell('hurt-by-nights-of', { which: units === 'metric' ? tell('c') : tell('f') })
        }}</label>
        <input
          :id="`${id}f`"
          v-model="draft.frost"
          class="field"
          inputmode="text"
          :placeholder="units === 'metric' ? '2' : '36'"
          :aria-invalid="!!fields['/frost_c']"
        />
        <p v-if="fields['/frost_c']" class="wrong">{{ fields['/frost_c'] }}</p>
      </div>
    </div>
    <div class="grid sm:grid-cols-3 gap-3">
      <div>
        <label class="label" :for="`${id}h`">{{ tell('its-habit') }}</label>
        <PickOne :id="`${id}h`" v-model="draft.habit" class="field">
          <option v-for="h in HABITS" :key="h" :value="h">{{ tell('a-habit', { h }) }}</option>
        </PickOne>
      </div>
      <div>
        <label class="label" :for="`${id}b`">{{ tell('bears') }}</label>
        <PickOne :id="`${id}b`" v-model="draft.bears" class="field">
          <option value="along">{{ tell('along-its-branches') }}</option>
          <option value="ends">{{ tell('at-the-ends-of-shoots') }}</option>
        </PickOne>
      </div>
      <MeasureField
        v-model="draft.wound"
        :label="tell('a-wound-closes-up-to')"
        kind="diameter"
        :wrong="fields['/wound_mm']"
      />
    </div>
    <label class="flex gap-2 items-center"
      ><input v-model="draft.evergreen" type="checkbox" />
      {{ tell('keeps-its-leaves-through-winter') }}</label
    >
    <label class="flex gap-2 items-center"
      ><input v-model="draft.everbearing" type="checkbox" />
      {{ tell('blooms-and-bears-all-year') }}</label
    >
    <div v-if="!draft.everbearing" class="grid grid-cols-2 sm:grid-cols-4 gap-3">
      <template v-for="event in ['bloom', 'harvest'] as const" :key="event">
        <div v-for="(end, i) in ['from', 'to']" :key="end">
          <label class="label" :for="`${id}${event}${i}`">{{
            tell('from-or-to', { event, end })
          }}</label>
          <PickOne :id="`${id}${event}${i}`" v-model="draft[event][i]" class="field">
            <option v-for="(m, k) in months()" :key="m" :value="k + 1">{{ m }}</option>
          </PickOne>
        </div>
      </template>
    </div>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p v-if="made" role="status">
      {{ tell('is-known-now', { made }) }}
      <RouterLink class="link" to="/start">{{ tell('plant-it') }}</RouterLink>
    </p>
    <button class="btn btn-small justify-self-start" :disabled="!draft.name.trim()">
      {{ tell('add-this-kind') }}
    </button>
  </form>
</template>
