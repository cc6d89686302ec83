<script setup lang="ts">
/** Fruit picked in a block, one button for each kind that stands there. */
import tell from 'words:parts'
import { useGrove } from '@/composables/useGrove'
import { computed } from 'vue'
import SayButtons from './SayButtons.vue'

const props = defineProps<{ blockId: string }>()
const { data: grove } = useGrove()
const kinds = computed(() => {
  const rows = new Set(
    (grove.value?.rows ?? []).filter((r) => r.block_id === props.blockId).map((r) => r.id),
  )
  return new Set((grove.value?.trees ?? []).filter((t) => rows.has(t.row_id)).map((t) => t.species))
})
</script>

<template>
  <div class="flex flex-wrap gap-2" role="group" :aria-label="tell('picked-today')">
    <SayButtons
      v-for="species in kinds"
      :key="species"
      :acts="[
        { act: 'picked', label: tell('picked-today-2', { species: species.replaceAll('-', ' ') }) },
      ]"
      scope="block"
      :scope-id="blockId"
      :species="[species]"
    />
  </div>
</template>
