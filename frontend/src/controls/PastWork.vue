<script setup lang="ts">
/**
 * Work already done, or a correction of an entry: a new entry either way. What was typed stays when
 * saving fails.
 */
import { useAct } from '@/composables/useAct'
import { api, heed, type LogEntry, type Work } from '@/api/client'
import { newId } from '@/api/ids'
import MeasureField from '@/controls/MeasureField.vue'
import { reactive } from 'vue'

const props = defineProps<{
  treeId: string
  day: string
  frameHeight: number | null
  wrong?: LogEntry
}>()
const emit = defineEmits<{ done: [] }>()
const WORKS: [Work, string][] = [
  ['thin', 'thinning, whole branches'],
  ['height', 'lowering, heading back'],
  ['sucker', 'suckers'],
  ['sanitation', 'dead and broken wood'],
  ['sprout', 'water sprouts'],
  ['skirt', 'the skirt'],
  ['hedge', 'the hedge wall'],
  ['tip', 'tips'],
  ['renewal', 'a third of the tree'],
  ['shear', 'shearing'],
  ['fruit', 'fruit off a young tree'],
  ['skeleton', 'skeleton prune'],
  ['pot', 'shaping a pot'],
]
const w = props.wrong
const draft = reactive({
  date: w?.date ?? props.day,
  work: (w?.work ?? 'thin') as Work,
  share: w?.share != null ? String(Math.round(w.share * 1000) / 10) : '',
  before: w?.height_before_m ?? props.frameHeight,
  after: w?.height_after_m ?? null,
  who: w?.who ?? '',
  note: w?.note ?? '',
})
const { act, fields, trouble } = useAct()
const id = newId()
async function save() {
  const share =
    draft.share.trim() === '' ? null : Number(draft.share.replace(',', '.').replace('%', '')) / 100
  if (share !== null && !(share >= 0 && share <= 1)) {
    fields.value = { '/share': 'must be between 0 and 100 %' }
    return
  }
  await act(async () => {
    const body = {
      id,
      date: draft.date,
      work: draft.work,
      share,
      height_before_m: draft.before,
      height_after_m: draft.after,
      who: draft.who,
      note: draft.note,
      minutes: null,
      corrects: w?.id ?? null,
    }
    await heed(api.POST('/api/trees/{id}/log', { params: { path: { id: props.treeId } }, body }))
    emit('done')
  })
}
</script>

<template>
  <form
    class="grid grid-cols-2 gap-x-3 gap-y-2 border-2 border-ink rounded-[8px] p-3 mb-3"
    :aria-label="w ? 'Correct an entry' : 'Log a cut already made'"
    @submit.prevent="save"
  >
    <p v-if="w" class="col-span-2 text-[0.92rem] text-ink2">
      The entry stays as it is; this one is written after it and holds.
    </p>
    <div>
      <label class="label" :for="`d${id}`">Day</label>
      <input
        :id="`d${id}`"
        v-model="draft.date"
        type="date"
        class="field"
        :aria-invalid="!!fields['/date']"
      />
      <p v-if="fields['/date']" class="wrong">{{ fields['/date'] }}</p>
    </div>
    <div>
      <label class="label" :for="`w${id}`">Work</label>
      <select :id="`w${id}`" v-model="draft.work" class="field">
        <option v-for="[key, name] in WORKS" :key="key" :value="key">{{ name }}</option>
      </select>
    </div>
    <div>
      <label class="label" :for="`s${id}`">Share of canopy, %, if known</label>
      <input
        :id="`s${id}`"
        v-model="draft.share"
        class="field"
        inputmode="decimal"
        placeholder="10"
        :aria-invalid="!!fields['/share']"
      />
      <p v-if="fields['/share']" class="wrong">{{ fields['/share'] }}</p>
    </div>
    <div>
      <label class="label" :for="`p${id}`">Who</label>
      <input :id="`p${id}`" v-model="draft.who" class="field" maxlength="60" />
    </div>
    <MeasureField
      v-model="draft.before"
      label="Height before"
      kind="length"
      :wrong="fields['/height_before_m']"
    />
    <MeasureField
      v-model="draft.after"
      label="Height after"
      kind="length"
      :wrong="fields['/height_after_m']"
    />
    <div class="col-span-2">
      <label class="label" :for="`n${id}`">Note</label>
      <input :id="`n${id}`" v-model="draft.note" class="field" maxlength="2000" />
    </div>
    <p v-if="trouble" class="wrong col-span-2" role="alert">{{ trouble }}</p>
    <button class="btn btn-go col-span-2">{{ w ? 'Write the correction' : 'Log it' }}</button>
  </form>
</template>
