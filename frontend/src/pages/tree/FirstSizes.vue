<script setup lang="ts">
/** Height, spread and trunk for a tree that has no frame yet; what was said of them stands there. */
import tell from 'words:tree'
import { useAct } from '@/composables/useAct'
import { api, heed, type Tree } from '@/api/client'
import MeasureField from '@/controls/MeasureField.vue'
import { reactive } from 'vue'

const props = defineProps<{ tree: Tree }>()
const sizes = reactive<{ height: number | null; spread: number | null; trunk: number | null }>({
  height: props.tree.sizes.height_m,
  spread: props.tree.sizes.spread_m,
  trunk: props.tree.sizes.trunk_mm,
})
const { act, fields, trouble } = useAct()
async function sketch() {
  await act(async () => {
    const body = { height_m: sizes.height!, spread_m: sizes.spread!, trunk_mm: sizes.trunk! }
    await heed(
      api.POST('/api/trees/{id}/sketch', { params: { path: { id: props.tree.id } }, body }),
    )
  })
}
</script>

<template>
  <form class="grid grid-cols-3 gap-3 mt-4" @submit.prevent="sketch">
    <MeasureField
      v-model="sizes.height"
      :label="tell('height')"
      kind="length"
      :wrong="fields['/height_m']"
    />
    <MeasureField
      v-model="sizes.spread"
      :label="tell('spread')"
      kind="length"
      :wrong="fields['/spread_m']"
    />
    <MeasureField
      v-model="sizes.trunk"
      :label="tell('trunk-across')"
      kind="diameter"
      :wrong="fields['/trunk_mm']"
    />
    <p v-if="trouble" class="wrong col-span-3" role="alert">{{ trouble }}</p>
    <button
      class="btn btn-go col-span-3"
      :disabled="!sizes.height || !sizes.spread || !sizes.trunk"
    >
      {{ tell('draw-its-outline') }}
    </button>
    <RouterLink class="link col-span-3" :to="`/tree/${tree.id}/trace`">{{
      tell('or-trace-it-on-a')
    }}</RouterLink>
  </form>
</template>
