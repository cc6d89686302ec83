<script setup lang="ts">
/** One thing done to all the trees that were chosen. */
import tell from 'words:parts'
import { api, heed, type GroveTree, type Schemas } from '@/api/client'
import { newId } from '@/api/ids'
import { useAct } from '@/composables/useAct'
import { useGrove } from '@/composables/useGrove'
import DoneForm from '@/controls/DoneForm.vue'
import MeasureField from '@/controls/MeasureField.vue'
import PickOne from '@/controls/PickOne.vue'
import { COUNTED, WORK_DONE } from '@/controls/words'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, useId } from 'vue'
import ManySheets from './ManySheets.vue'

const props = defineProps<{ trees: GroveTree[] }>()
const emit = defineEmits<{ done: [] }>()
const id = useId()
const { data: grove } = useGrove()
type What = 'sheets' | 'height' | 'log'
const what = ref<What | null>(null)
const ids = computed(() => props.trees.map((t) => t.id))
const wanted = ref<number | null>(null)
const work = useLocalStorage<Schemas['DoneIn']['work']>('billhook-many-work', 'sucker')
const WORKS = Object.entries(WORK_DONE) as [Schemas['DoneIn']['work'], string][]
const { act, busy, fields, trouble } = useAct()
async function all(does: () => Promise<unknown>) {
  if (await act(does)) {
    what.value = null
    emit('done')
  }
}
const picked = () =>
  all(() =>
    heed(
      api.POST('/api/says', {
        body: { saying: 'picked', tree_ids: ids.value, scope: null, scope_id: '', species: [] },
      }),
    ),
  )
const hold = () =>
  all(() => heed(api.PUT('/api/aims', { body: { tree_ids: ids.value, height_m: wanted.value! } })))
const log = (said: { who: string; minutes: number | null; count: number | null }) =>
  all(() =>
    heed(
      api.POST('/api/today/done', {
        body: {
          id: newId(),
          tree_ids: ids.value,
          work: work.value,
          date: grove.value!.day,
          ...said,
        },
      }),
    ),
  )
const toggle = (one: What) => (what.value = what.value === one ? null : one)
</script>

<template>
  <section class="keep grid gap-2 no-print" :aria-label="tell('for-the-chosen-trees')">
    <div class="flex flex-wrap gap-2 items-center">
      <b class="tag text-lead mr-1">
        {{ trees.length }} {{ tell('trees-3', { trees: trees.length }) }}{{ ' ' }}</b
      >
      <button
        type="button"
        class="btn btn-small"
        :aria-expanded="what === 'sheets'"
        @click="toggle('sheets')"
      >
        {{ tell('make-their-sheets') }}
      </button>
      <button
        type="button"
        class="btn btn-small"
        :aria-expanded="what === 'log'"
        @click="toggle('log')"
      >
        {{ tell('log-work') }}
      </button>
      <button
        type="button"
        class="btn btn-small"
        :aria-expanded="what === 'height'"
        @click="toggle('height')"
      >
        {{ tell('wanted-height') }}
      </button>
      <button type="button" class="btn btn-small" :disabled="busy" @click="picked">
        {{ tell('picked-today') }}
      </button>
    </div>
    <ManySheets v-if="what === 'sheets'" :tree-ids="ids" />
    <form
      v-if="what === 'height'"
      class="flex flex-wrap gap-2 items-end"
      :aria-label="tell('wanted-height')"
      @submit.prevent="hold"
    >
      <MeasureField
        v-model="wanted"
        :label="tell('how-high-they-are-wanted')"
        kind="length"
        :wrong="fields['/height_m']"
      />
      <button class="btn btn-go" :disabled="busy || wanted === null">
        {{ tell('hold-them-there') }}
      </button>
    </form>
    <div v-if="what === 'log'">
      <label class="label" :for="`${id}w`">{{ tell('work-done-today') }}</label>
      <PickOne :id="`${id}w`" v-model="work" class="field !w-64">
        <option v-for="[key, name] in WORKS" :key="key" :value="key">{{ name }}</option>
      </PickOne>
      <DoneForm :trees="trees.length" :counts="COUNTED.has(work)" log @done="log" />
    </div>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
  </section>
</template>
