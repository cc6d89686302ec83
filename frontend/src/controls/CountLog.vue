<script setup lang="ts">
/** Cuts taken off in passing, counted and put into the log of one tree. */
import tell from 'words:parts'
import { newId } from '@/api/ids'
import { api, heed, type Work } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { useCount, type CountedCut } from '@/composables/useCount'
import { useTree } from '@/composables/useTree'
import { shareWords } from '@/geometry/measure'
import { computed, ref, toRef } from 'vue'
import CountSteps from './CountSteps.vue'
import CountTotal from './CountTotal.vue'

const props = defineProps<{
  treeId: string
  work?: Work
  /** The finding of a look that it is. */
  found?: string
}>()
const emit = defineEmits<{ logged: [] }>()
const { data: tree } = useTree(toRef(props, 'treeId'), ref(undefined))
const cuts = ref<CountedCut[]>([])
const work = computed<Work>(() => props.work ?? 'thin')
const ready = computed(() => tree.value?.sizes.trunk_mm != null)
const { count, wrong } = useCount(() => props.treeId, cuts, work, ready)
const { act, busy, trouble } = useAct()
const said = ref('')
let id = newId()
async function log() {
  const body = {
    id,
    date: tree.value!.day,
    work: work.value,
    cuts: cuts.value,
    who: '',
    note: '',
    found: props.found ?? null,
  }
  const done = await act(() =>
    heed(api.POST('/api/trees/{id}/counted', { params: { path: { id: props.treeId } }, body })),
  )
  if (!done) return
  said.value = tell('in-the-log-about-of', { share: shareWords(count.value?.share ?? 0) })
  cuts.value = []
  id = newId()
  emit('logged')
}
</script>

<template>
  <p v-if="tree && !ready">
    {{ tell('its-trunk-is-not-measured') }}
    <RouterLink class="link" :to="`/tree/${treeId}/cut/count`">{{
      tell('say-how-thick-it-is')
    }}</RouterLink>
  </p>
  <div v-else-if="tree" class="grid gap-2" data-test="count-log">
    <CountSteps v-model="cuts" />
    <CountTotal v-if="count" :count="count" :wrong="wrong" />
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p v-if="said" role="status">{{ said }}</p>
    <button type="button" class="btn btn-go" :disabled="!cuts.length || busy || wrong" @click="log">
      {{ tell('into-the-log') }}
    </button>
  </div>
</template>
