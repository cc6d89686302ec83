<script setup lang="ts">
/** What a tree's block and row are called. */
import { api, heed, type Tree } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { useGrove } from '@/composables/useGrove'
import { ref, useId, watch } from 'vue'

const props = defineProps<{ tree: Tree }>()
const { data: grove } = useGrove()
const { act, busy, fields, trouble } = useAct()
const id = useId()
const block = ref('')
const row = ref('')
watch(
  () => [props.tree.block, props.tree.row],
  ([b, r]) => {
    block.value = b!
    row.value = r!
  },
  { immediate: true },
)
async function save() {
  await act(async () => {
    if (block.value !== props.tree.block) {
      const version = grove.value?.blocks.find((b) => b.id === props.tree.block_id)?.version
      const params = { path: { id: props.tree.block_id } }
      const body = { name: block.value, version: version ?? null }
      await heed(api.PATCH('/api/blocks/{id}', { params, body }))
    }
    if (row.value !== props.tree.row) {
      const params = { path: { id: props.tree.row_id } }
      await heed(api.PATCH('/api/rows/{id}', { params, body: { name: row.value } }))
    }
  })
}
</script>

<template>
  <details>
    <summary class="tag text-lg">What its block and row are called</summary>
    <form class="grid grid-cols-2 gap-3 mt-2" @submit.prevent="save">
      <div>
        <label class="label" :for="`${id}-block`">Block</label>
        <input :id="`${id}-block`" v-model="block" class="field" maxlength="60" />
      </div>
      <div>
        <label class="label" :for="`${id}-row`">Row; empty for its number</label>
        <input :id="`${id}-row`" v-model="row" class="field" maxlength="40" />
      </div>
      <p v-if="fields['/name']" class="wrong col-span-2">{{ fields['/name'] }}</p>
      <p v-else-if="trouble" class="wrong col-span-2" role="alert">{{ trouble }}</p>
      <button class="btn" :disabled="busy">Call them so</button>
    </form>
  </details>
</template>
