<script setup lang="ts">
/**
 * One thing a look found to be done: whether today allows it and what it costs, and done on the
 * spot, counted; else it stays as work for the day that allows it.
 */
import tell from 'words:walk'
import { api, heed, type Schemas } from '@/api/client'
import { newId } from '@/api/ids'
import { useAct } from '@/composables/useAct'
import CountLog from '@/controls/CountLog.vue'
import DoneForm from '@/controls/DoneForm.vue'
import { COUNTED } from '@/controls/words'
import { dayWords } from '@/geometry/day'
import { computed, ref } from 'vue'

const props = defineProps<{ finding: Schemas['FindingOut']; treeId: string; day: string }>()
const emit = defineEmits<{ done: [] }>()
const work = computed(() => props.finding.work!)
const verdict = computed(() => props.finding.verdict)
const open = computed(() => ['go', 'light'].includes(verdict.value?.status ?? ''))
const mode = ref<'' | 'done'>('')
const done = computed(() => props.finding.done)
const stays = computed(() => {
  if (open.value || done.value) return ''
  const opens = verdict.value?.opens
  return opens ? tell('it-waits-for', { opens: dayWords(opens) }) : tell('it-waits-until-a-day')
})
const { act, trouble } = useAct()
function logged() {
  mode.value = ''
  emit('done')
}
async function log(said: { who: string; minutes: number | null; count: number | null }) {
  const body = {
    id: newId(),
    tree_ids: [props.treeId],
    work: work.value,
    found: props.finding.answer,
    date: props.day,
    ...said,
  }
  if (await act(() => heed(api.POST('/api/today/done', { body })))) logged()
}
</script>

<template>
  <div class="grid gap-1">
    <p v-if="verdict" class="text-note">{{ verdict.sentence.replace(/\.?$/, '.') }} {{ stays }}</p>
    <p v-if="done" role="status" class="font-semibold">{{ tell('in-the-log-as-done') }}</p>
    <button
      v-else-if="open"
      type="button"
      class="btn btn-small w-fit"
      :aria-expanded="mode === 'done'"
      :aria-label="tell('done-on-the-spot', { finding: finding.text })"
      @click="mode = mode ? '' : 'done'"
    >
      {{ tell('done-on-the-spot-2') }}
    </button>
    <template v-if="mode === 'done'">
      <DoneForm v-if="COUNTED.has(work)" :trees="1" counts log @done="log" />
      <CountLog v-else :tree-id="treeId" :work="work" :found="finding.answer" @logged="logged" />
    </template>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
  </div>
</template>
