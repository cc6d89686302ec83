<script setup lang="ts">
/**
 * Work already done, or a correction of an entry: a new entry either way. What was typed stays when
 * saving fails.
 */
import tell from 'words:parts'
import { WORK_DONE } from './words'
import WhoField from '@/controls/WhoField.vue'
import DayField from './DayField.vue'
import PickOne from './PickOne.vue'
import { useAct } from '@/composables/useAct'
import { api, heed, type LogEntry, type Work } from '@/api/client'
import { newId } from '@/api/ids'
import { useCount, type CountedCut } from '@/composables/useCount'
import CountSteps from '@/controls/CountSteps.vue'
import CountTotal from '@/controls/CountTotal.vue'
import MeasureField from '@/controls/MeasureField.vue'
import { computed, reactive, ref } from 'vue'

const props = defineProps<{
  treeId: string
  day: string
  frameHeight: number | null
  wrong?: LogEntry
}>()
const emit = defineEmits<{ done: [] }>()
const WORKS = Object.entries(WORK_DONE) as [Work, string][]
const w = props.wrong
const draft = reactive({
  date: w?.date ?? props.day,
  work: (w?.work ?? 'thin') as Work,
  before: w?.height_before_m ?? props.frameHeight,
  after: w?.height_after_m ?? null,
  who: w?.who ?? '',
  note: w?.note ?? '',
})
const { act, fields, trouble } = useAct()
const cuts = ref<CountedCut[]>(
  (w?.counted ?? []).map((c) => ({
    ...(c.class ? { class: c.class } : { mm: c.mm }),
    n: c.n,
    sprout: c.sprout,
    dead: c.dead,
  })),
)
const before = JSON.stringify(cuts.value)
const anew = () => cuts.value.length > 0 && JSON.stringify(cuts.value) !== before
const { count, wrong: notTrue } = useCount(
  () => props.treeId,
  cuts,
  computed(() => draft.work),
  computed(() => cuts.value.length > 0),
  () => draft.date,
)
const id = newId()
async function save() {
  await act(async () => {
    const body = {
      id,
      date: draft.date,
      work: draft.work,
      // a correction that counts nothing anew keeps what was known
      share: anew() ? null : (w?.share ?? null),
      cuts: cuts.value,
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
    :aria-label="w ? tell('correct-an-entry') : tell('log-a-cut-already-made')"
    @submit.prevent="save"
  >
    <p v-if="w" class="col-span-2 text-note text-ink2">
      {{ tell('the-entry-stays-as-it') }}
    </p>
    <div>
      <label class="label" :for="`d${id}`">{{ tell('day') }}</label>
      <DayField :id="`d${id}`" v-model="draft.date" />
      <p v-if="fields['/date']" class="wrong">{{ fields['/date'] }}</p>
    </div>
    <div>
      <label class="label" :for="`w${id}`">{{ tell('work') }}</label>
      <PickOne :id="`w${id}`" v-model="draft.work" class="field">
        <option v-for="[key, name] in WORKS" :key="key" :value="key">{{ name }}</option>
      </PickOne>
    </div>
    <WhoField v-model="draft.who" />
    <MeasureField
      v-model="draft.before"
      :label="tell('height-before')"
      kind="length"
      :wrong="fields['/height_before_m']"
    />
    <MeasureField
      v-model="draft.after"
      :label="tell('height-after')"
      kind="length"
      :wrong="fields['/height_after_m']"
    />
    <details v-if="!w?.plan_id" class="col-span-2" :open="!w">
      <summary class="tag py-2.5">
        {{ w ? tell('count-the-cuts-anew') : tell('how-many-how-thick') }}
      </summary>
      <CountSteps v-model="cuts" />
      <CountTotal v-if="count && cuts.length" :count="count" :wrong="notTrue" />
      <p v-if="fields['/trunk_mm']" class="wrong">{{ fields['/trunk_mm'] }}</p>
    </details>
    <div class="col-span-2">
      <label class="label" :for="`n${id}`">{{ tell('note') }}</label>
      <input :id="`n${id}`" v-model="draft.note" class="field" maxlength="2000" />
    </div>
    <p v-if="trouble" class="wrong col-span-2" role="alert">{{ trouble }}</p>
    <button class="btn btn-go col-span-2">
      {{ w ? tell('write-the-correction') : tell('log-it') }}
    </button>
  </form>
</template>
