<script setup lang="ts">
/** What a tree's block and row are called, notes on them, and how the row is set out. */
import tell from 'words:tree'
import { api, heed, type Tree } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { useGrove } from '@/composables/useGrove'
import MeasureField from '@/controls/MeasureField.vue'
import WordField from '@/controls/WordField.vue'
import PhotoTake from '@/controls/PhotoTake.vue'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, reactive, ref, useId, watch } from 'vue'

const props = defineProps<{ tree: Tree }>()
const { data: grove } = useGrove()
const { act, busy, fields, trouble } = useAct()
const id = useId()
const block = ref('')
const row = ref('')
const notes = reactive({ row: '', block: '' })
const spacing = ref<number | null>(null)
const bearing = ref<number | null>(null)
const turned = ref<number | null>(null)
watch(
  () => [props.tree.block, props.tree.row, props.tree.row_note, props.tree.block_note],
  ([b, r, ofRow, ofBlock]) => {
    block.value = b!
    row.value = r!
    Object.assign(notes, { row: ofRow, block: ofBlock })
  },
  { immediate: true },
)
const queries = useQueryClient()
const photosOf = (query: { row_id: string } | { block_id: string }) =>
  heed(api.GET('/api/photos', { params: { query } }))
const { data: photos } = useQuery({
  queryKey: ['photos', () => props.tree.row_id],
  queryFn: async () => ({
    row: (await photosOf({ row_id: props.tree.row_id })).photos,
    block: (await photosOf({ block_id: props.tree.block_id })).photos,
  }),
})
const places = computed(() => [
  { name: tell('the-row-2'), of: `row_id=${props.tree.row_id}`, photos: photos.value?.row ?? [] },
  {
    name: tell('the-block'),
    of: `block_id=${props.tree.block_id}`,
    photos: photos.value?.block ?? [],
  },
])
async function save() {
  await act(async () => {
    const { block_note, row_note } = props.tree
    if (block.value !== props.tree.block || notes.block !== block_note || turned.value !== null) {
      const version = grove.value?.blocks.find((b) => b.id === props.tree.block_id)?.version
      const params = { path: { id: props.tree.block_id } }
      const body = {
        name: block.value,
        version: version ?? null,
        note: notes.block,
        bearing_deg: turned.value,
      }
      await heed(api.PATCH('/api/blocks/{id}', { params, body }))
      turned.value = null
    }
    if (row.value !== props.tree.row || notes.row !== row_note || spacing.value) {
      const params = { path: { id: props.tree.row_id } }
      const body = {
        name: row.value,
        note: notes.row,
        spacing_m: spacing.value,
        bearing_deg: spacing.value ? bearing.value : null,
      }
      await heed(api.PATCH('/api/rows/{id}', { params, body }))
      spacing.value = null
    }
  })
}
</script>

<template>
  <details>
    <summary class="tag text-lead">{{ tell('its-block-and-row-names') }}</summary>
    <form class="grid grid-cols-2 gap-3 mt-2" @submit.prevent="save">
      <div>
        <label class="label" :for="`${id}-block`">{{ tell('block-2') }}</label>
        <input :id="`${id}-block`" v-model="block" class="field" maxlength="60" />
      </div>
      <div>
        <label class="label" :for="`${id}-row`">{{ tell('row-empty-for-its-number') }}</label>
        <input :id="`${id}-row`" v-model="row" class="field" maxlength="40" />
      </div>
      <div>
        <label class="label" :for="`${id}-block-note`">{{ tell('note-on-the-block') }}</label>
        <input :id="`${id}-block-note`" v-model="notes.block" class="field" maxlength="2000" />
      </div>
      <div>
        <label class="label" :for="`${id}-row-note`">{{ tell('note-on-the-row') }}</label>
        <input :id="`${id}-row-note`" v-model="notes.row" class="field" maxlength="2000" />
      </div>
      <MeasureField
        v-model="spacing"
        :label="tell('set-the-row-out-anew')"
        kind="length"
        :placeholder="tell('as-it-stands')"
        :wrong="fields['/spacing_m']"
      />
      <WordField v-model="bearing" :label="tell('the-row-runs-to')" kind="direction" />
      <WordField
        v-model="turned"
        :label="tell('turn-the-block-its-rows')"
        kind="direction"
        :wrong="fields['/bearing_deg']"
      />
      <p v-if="fields['/name']" class="wrong col-span-2">{{ fields['/name'] }}</p>
      <p v-else-if="trouble" class="wrong col-span-2" role="alert">{{ trouble }}</p>
      <button class="btn self-end" :disabled="busy">{{ tell('save-these') }}</button>
    </form>
    <div class="grid grid-cols-2 gap-3 mt-3">
      <PhotoTake
        v-for="p in places"
        :key="p.of"
        :tree="tree.id"
        :name="p.name"
        :of="p.of"
        moment="before"
        :photos="p.photos"
        @taken="queries.invalidateQueries({ queryKey: ['photos'] })"
      />
    </div>
  </details>
</template>
