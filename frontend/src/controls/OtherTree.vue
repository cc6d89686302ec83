<script setup lang="ts">
/** That was another tree: which one, by its name. */
import tell from 'words:parts'
import { api, heed } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { useGrove } from '@/composables/useGrove'
import { nameMatches } from '@/geometry/plan'
import { computed, ref, useId } from 'vue'

const props = defineProps<{ entry: string; treeId: string }>()
const emit = defineEmits<{ done: [] }>()
const id = useId()
const { data: grove } = useGrove()
const { act, busy, trouble, fields } = useAct()
const typed = ref('')
const SHOWN = 6
/** Those of its own row first, while nothing is typed. */
const found = computed(() => {
  const trees = (grove.value?.trees ?? []).filter((t) => t.id !== props.treeId)
  const own = grove.value?.trees.find((t) => t.id === props.treeId)
  const asked = typed.value.trim()
  return asked
    ? trees.filter((t) => nameMatches(asked, t.name)).slice(0, SHOWN)
    : trees.filter((t) => t.row_id === own?.row_id).slice(0, SHOWN)
})
async function put(tree: string) {
  const done = await act(() =>
    heed(
      api.PUT('/api/log/{id}', { params: { path: { id: props.entry } }, body: { tree_id: tree } }),
    ),
  )
  if (done) emit('done')
}
</script>

<template>
  <div class="grid gap-2 my-2" data-test="other-tree">
    <div>
      <label class="label" :for="id">{{ tell('which-tree-was-it') }}</label>
      <input :id="id" v-model="typed" class="field max-w-xs" autocomplete="off" placeholder="4 8" />
    </div>
    <div class="flex flex-wrap gap-2">
      <button
        v-for="t in found"
        :key="t.id"
        type="button"
        class="btn"
        :disabled="busy"
        @click="put(t.id)"
      >
        {{ t.name }}
      </button>
    </div>
    <p v-if="trouble" class="wrong" role="alert">{{ fields['/tree_id'] ?? trouble }}</p>
  </div>
</template>
