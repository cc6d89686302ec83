<script setup lang="ts">
/** One thing that would make a verdict surer, asked once and written down of the tree. */
import tell from 'words:parts'
import DayField from './DayField.vue'
import { useAct } from '@/composables/useAct'
import { api, heed, type Schemas } from '@/api/client'
import MeasureField from '@/controls/MeasureField.vue'
import { useSettings } from '@/composables/useSettings'
import { lengthWords } from '@/geometry/measure'
import { ref, useId } from 'vue'

const props = defineProps<{
  ask: Schemas['AskOut']
  treeId: string
  blockId?: string
  day: string
}>()
const id = useId()
const { units } = useSettings()
const on = ref('')
const length = ref<number | null>(null)
const whole = ref(false)
const { act, trouble } = useAct()
async function save() {
  const value = props.ask.sort === 'length' ? length.value : on.value
  if (!value) return
  await act(async () => {
    const body = { kind: props.ask.kind, value: String(value), date: props.day }
    if (whole.value && props.blockId)
      await heed(
        api.POST('/api/blocks/{id}/observations', {
          params: { path: { id: props.blockId } },
          body,
        }),
      )
    else
      await heed(
        api.POST('/api/trees/{id}/observations', { params: { path: { id: props.treeId } }, body }),
      )
  })
}
</script>

<template>
  <form class="flex flex-wrap items-end gap-2 no-print" data-test="ask" @submit.prevent="save">
    <MeasureField
      v-if="ask.sort === 'length'"
      v-model="length"
      :label="ask.words"
      kind="length"
      :placeholder="lengthWords(0.6, units)"
    />
    <div v-else>
      <label class="label" :for="id">{{ ask.words }}</label>
      <DayField :id="id" v-model="on" />
    </div>
    <label v-if="blockId && ask.sort === 'length'" class="flex items-center gap-2 min-h-touch"
      ><input v-model="whole" type="checkbox" /> {{ tell('for-the-whole-block') }}</label
    >
    <button class="btn btn-small">{{ tell('write-down') }}</button>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
  </form>
</template>
