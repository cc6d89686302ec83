<script setup lang="ts">
/**
 * How the tree's block lies: the height it is kept at, its cold air, and whether it stands in
 * hedgerows.
 */
import tell from 'words:tree'
import { useAct } from '@/composables/useAct'
import { api, heed, type Tree } from '@/api/client'
import MeasureField from '@/controls/MeasureField.vue'
import { useGrove } from '@/composables/useGrove'
import { useSettings } from '@/composables/useSettings'
import { computed, reactive, watch } from 'vue'

const props = defineProps<{ tree: Tree }>()
const { data: grove } = useGrove()
const { units } = useSettings()
const block = computed(() => grove.value?.blocks.find((b) => b.id === props.tree.block_id))
const hedgerow = computed(
  () =>
    grove.value?.rows.some((r) => r.block_id === props.tree.block_id && r.kind === 'hedgerow') ??
    false,
)
const draft = reactive({
  cap: null as number | null,
  offset: '0',
  elevation: null as number | null,
  pocket: false,
  hedge: false,
})
const { act, fields, trouble } = useAct()
const degree = computed(() => (units.value === 'metric' ? 1 : 1.8))
watch(
  [block, hedgerow, units],
  () => {
    if (!block.value) return
    const offset = String(Math.round(block.value.offset_c * degree.value * 10) / 10)
    Object.assign(draft, {
      cap: block.value.cap_m,
      offset,
      elevation: block.value.elevation_m,
      pocket: block.value.frost_pocket,
      hedge: hedgerow.value,
    })
  },
  { immediate: true },
)
async function save() {
  const version = block.value?.version
  if (version === undefined) return
  const offset = Number(draft.offset.replace(',', '.').replace('−', '-')) / degree.value
  if (Number.isNaN(offset)) {
    fields.value = { '/offset_c': tell('must-be-a-number-of-degrees') }
    return
  }
  await act(async () => {
    const rows: 'hedgerow' | 'trees' = draft.hedge ? 'hedgerow' : 'trees'
    const body = {
      version,
      cap_m: draft.cap,
      offset_c: offset,
      elevation_m: draft.elevation,
      frost_pocket: draft.pocket,
      rows,
    }
    await heed(api.PUT('/api/blocks/{id}', { params: { path: { id: props.tree.block_id } }, body }))
  })
}
</script>

<template>
  <details>
    <summary class="tag text-lead">
      {{ tell('block-height-and-cold-air', { block: tree.block }) }}
    </summary>
    <form
      class="grid grid-cols-2 gap-3 mt-2"
      :aria-label="tell('block', { block: tree.block })"
      @submit.prevent="save"
    >
      <MeasureField
        v-model="draft.cap"
        :label="tell('kept-at-a-height-of')"
        kind="length"
        :wrong="fields['/cap_m']"
      />
      <div>
        <label class="label" for="block-offset">{{
          tell('nights-against-the-station', { which: units === 'metric' ? tell('c') : tell('f') })
        }}</label>
        <input
          id="block-offset"
          v-model="draft.offset"
          class="field"
          inputmode="text"
          placeholder="-1.5"
          :aria-invalid="!!fields['/offset_c']"
        />
        <p v-if="fields['/offset_c']" class="wrong">{{ fields['/offset_c'] }}</p>
      </div>
      <MeasureField
        v-model="draft.elevation"
        :label="tell('height-above-the-sea')"
        kind="length"
        :wrong="fields['/elevation_m']"
      />
      <label class="flex gap-2 items-center"
        ><input v-model="draft.pocket" type="checkbox" /> {{ tell('cold-air-gathers-here') }}</label
      >
      <label class="flex gap-2 items-center"
        ><input v-model="draft.hedge" type="checkbox" /> {{ tell('stands-in-hedgerows') }}</label
      >
      <p v-if="trouble" class="wrong col-span-2" role="alert">{{ trouble }}</p>
      <button class="btn btn-small col-span-2">{{ tell('save-for-the-whole-block') }}</button>
    </form>
  </details>
</template>
