<script setup lang="ts">
/** The height that was just dragged on the drawing: kept for the tree, and for its like if wanted. */
import tell from 'words:tree'
import { api, heed, type Schemas } from '@/api/client'
import { onUndone } from '@/composables/useUndo'
import { useAct } from '@/composables/useAct'
import { useSettings } from '@/composables/useSettings'
import { lengthWords } from '@/geometry/measure'
import { ref, watch } from 'vue'

type Scope = Schemas['AimIn']['scope']
const props = defineProps<{ treeId: string }>()
const { units } = useSettings()
const { act, busy, trouble } = useAct()
const said = ref<{ height: number; scope: Scope } | null>(null)
watch(
  () => props.treeId,
  () => (said.value = null),
)
const NAMES: Record<Scope, string> = {
  get tree() {
    return tell('this-tree')
  },
  get row() {
    return tell('its-row')
  },
  get block() {
    return tell('its-block')
  },
  get holding() {
    return tell('all-trees')
  },
}
/** A width that was said stays. */
async function want(height: number, scope: Scope = 'tree') {
  const params = { params: { path: { id: props.treeId } } }
  const done = await act(async () => {
    const aim = await heed(api.GET('/api/trees/{id}/aim', params))
    const width_m = aim.scopes.find((s) => s.scope === scope)?.width_m ?? null
    await heed(
      api.PUT('/api/trees/{id}/aim', { ...params, body: { scope, height_m: height, width_m } }),
    )
  })
  if (done) said.value = { height, scope }
}
onUndone(() => (said.value = null))
defineExpose({ want })
</script>

<template>
  <p v-if="trouble" class="wrong px-4" role="alert">{{ trouble }}</p>
  <div v-else-if="said" class="flex flex-wrap items-center gap-2 px-4 pb-2" role="status">
    <span
      >{{
        tell('is-wanted-for', { height: lengthWords(said.height, units), what: NAMES[said.scope] })
      }}
      <template v-if="said.scope === 'tree'">{{ tell('also-for') }}</template></span
    >
    <template v-if="said.scope === 'tree'">
      <button
        v-for="s in ['row', 'block'] as const"
        :key="s"
        type="button"
        class="btn btn-small"
        :disabled="busy"
        @click="want(said.height, s)"
      >
        {{ NAMES[s] }}
      </button>
    </template>
  </div>
</template>
