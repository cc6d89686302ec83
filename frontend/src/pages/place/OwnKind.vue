<script setup lang="ts">
/** A kind of tree that is not known, described by its events. */
import { MONTHS } from '@/geometry/day'
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
    fields.value = { '/frost_c': 'must be a number of degrees' }
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
  <form class="grid gap-3" aria-label="A kind of your own" @submit.prevent="save">
    <div class="grid sm:grid-cols-3 gap-3">
      <div>
        <label class="label" :for="`${id}n`">What it is called</label>
        <input
          :id="`${id}n`"
          v-model="draft.name"
          class="field"
          maxlength="120"
          required
          placeholder="feijoa"
          :aria-invalid="!!fields['/name']"
        />
        <p v-if="fields['/name']" class="wrong">{{ fields['/name'] }}</p>
      </div>
      <div>
        <label class="label" :for="`${id}s`">Grows</label>
        <PickOne :id="`${id}s`" v-model="draft.size" class="field">
          <option value="low">low</option>
          <option value="middling">middling</option>
          <option value="tall">tall</option>
        </PickOne>
      </div>
      <div>
        <label class="label" :for="`${id}f`"
          >Hurt by nights of, {{ units === 'metric' ? '°C' : '°F' }}</label
        >
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
        <label class="label" :for="`${id}h`">Its habit</label>
        <PickOne :id="`${id}h`" v-model="draft.habit" class="field">
          <option v-for="h in HABITS" :key="h" :value="h">{{ h }}</option>
        </PickOne>
      </div>
      <div>
        <label class="label" :for="`${id}b`">Bears</label>
        <PickOne :id="`${id}b`" v-model="draft.bears" class="field">
          <option value="along">along its branches</option>
          <option value="ends">at the ends of shoots</option>
        </PickOne>
      </div>
      <MeasureField
        v-model="draft.wound"
        label="A wound closes up to"
        kind="diameter"
        :wrong="fields['/wound_mm']"
      />
    </div>
    <label class="flex gap-2 items-center"
      ><input v-model="draft.evergreen" type="checkbox" /> keeps its leaves through winter</label
    >
    <label class="flex gap-2 items-center"
      ><input v-model="draft.everbearing" type="checkbox" /> blooms and bears all year</label
    >
    <div v-if="!draft.everbearing" class="grid grid-cols-2 sm:grid-cols-4 gap-3">
      <template v-for="event in ['bloom', 'harvest'] as const" :key="event">
        <div v-for="(end, i) in ['from', 'to']" :key="end">
          <label class="label" :for="`${id}${event}${i}`">{{ event }} {{ end }}</label>
          <PickOne :id="`${id}${event}${i}`" v-model="draft[event][i]" class="field">
            <option v-for="(m, k) in MONTHS" :key="m" :value="k + 1">{{ m }}</option>
          </PickOne>
        </div>
      </template>
    </div>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p v-if="made" role="status">
      {{ made }} is known now. <RouterLink class="link" to="/start">Plant it</RouterLink>
    </p>
    <button class="btn btn-small justify-self-start" :disabled="!draft.name.trim()">
      Add this kind
    </button>
  </form>
</template>
