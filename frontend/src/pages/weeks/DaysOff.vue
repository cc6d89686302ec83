<script setup lang="ts">
/** Days on which somebody does no work here, or for rain nobody does. */
import tell from 'words:weeks'
import { api, heed, type Schemas } from '@/api/client'
import { newId } from '@/api/ids'
import { useAct } from '@/composables/useAct'
import DayField from '@/controls/DayField.vue'
import PickOne from '@/controls/PickOne.vue'
import { dayWords } from '@/geometry/day'
import { ref, useId } from 'vue'

defineProps<{
  off: Schemas['DaysOffOut'][]
  helpers: Schemas['CrewHelperOut'][]
  /** Whoever looks may write days off. */
  plans: boolean
}>()
const at = useId()
const open = ref(false)
const who = ref('')
const first = ref<string | null>(null)
const last = ref<string | null>(null)
const why = ref('')
const { act, busy, trouble, fields } = useAct()
async function note() {
  const body = {
    person_id: who.value || null,
    first: first.value!,
    last: last.value ?? first.value!,
    why: why.value || (who.value ? '' : tell('rain')),
  }
  const params = { path: { id: newId() } }
  if (await act(() => heed(api.PUT('/api/crew/away/{id}', { params, body })))) {
    open.value = false
    first.value = last.value = null
    why.value = ''
  }
}
const back = (id: string) =>
  act(() => heed(api.DELETE('/api/crew/away/{id}', { params: { path: { id } } })))
const span = (o: Schemas['DaysOffOut']) =>
  o.first === o.last
    ? dayWords(o.first)
    : tell('to-4', { first: dayWords(o.first), last: dayWords(o.last) })
</script>

<template>
  <section class="py-2 no-print" :aria-label="tell('days-off')">
    <ul class="flex flex-wrap gap-x-5 gap-y-1 items-center">
      <li v-for="o in off" :key="o.id" class="flex items-center gap-2 text-note" data-test="off">
        <b>{{ o.name ?? tell('nobody-works') }}</b> {{ o.name ? tell('off-2') : '' }} {{ span(o)
        }}{{ o.why && `, ${o.why}` }}
        <button
          v-if="plans"
          type="button"
          class="link min-h-6"
          :disabled="busy"
          @click="back(o.id)"
        >
          {{ tell('take-back') }}
        </button>
      </li>
      <li v-if="plans">
        <button type="button" class="btn btn-small" :aria-expanded="open" @click="open = !open">
          {{ tell('rain-or-days-off') }}
        </button>
      </li>
    </ul>
    <form v-if="open" class="grid sm:grid-cols-4 gap-3 mt-2 items-start" @submit.prevent="note">
      <div>
        <label class="label" :for="`${at}w`">{{ tell('who') }}</label>
        <PickOne :id="`${at}w`" v-model="who" class="field">
          <option value="">{{ tell('nobody-works-rain') }}</option>
          <option v-for="h in helpers" :key="h.id" :value="h.id">{{ h.name }}</option>
        </PickOne>
      </div>
      <div>
        <label class="label" :for="`${at}f`">{{ tell('from-2') }}</label>
        <DayField :id="`${at}f`" v-model="first" />
      </div>
      <div>
        <label class="label" :for="`${at}l`">{{ tell('to-both-included') }}</label>
        <DayField :id="`${at}l`" v-model="last" />
        <p v-if="fields['/last']" class="wrong">{{ fields['/last'] }}</p>
      </div>
      <div>
        <label class="label" :for="`${at}y`">{{ tell('why') }}</label>
        <input :id="`${at}y`" v-model="why" class="field" maxlength="120" autocomplete="off" />
      </div>
      <p v-if="trouble && !fields['/last']" class="wrong sm:col-span-4" role="alert">
        {{ trouble }}
      </p>
      <button class="btn btn-go sm:col-span-4 justify-self-start" :disabled="busy || !first">
        {{ tell('note-it') }}
      </button>
    </form>
  </section>
</template>
