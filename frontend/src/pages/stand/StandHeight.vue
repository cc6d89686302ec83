<script setup lang="ts">
/**
 * How high a block or row is wanted, and, where its trees stand as rows, their section, ways of
 * renewal and hedging.
 */
import type { Grove, GroveTree } from '@/api/client'
import { useAim } from '@/composables/useAim'
import AimPanel from '@/controls/AimPanel.vue'
import { computed } from 'vue'
import SampleTrees from './SampleTrees.vue'
import BlockHeights from '../heights/BlockHeights.vue'

const props = defineProps<{
  of: 'block' | 'row'
  block: Grove['blocks'][number]
  rowId?: string
  trees: GroveTree[]
}>()
const first = computed(() => props.trees[0])
/** Waited for, so that nothing moves when it comes. */
const { isFetched } = useAim(computed(() => first.value?.id ?? ''))
</script>

<template>
  <div v-if="isFetched" class="grid gap-5">
    <AimPanel
      v-if="first"
      class="max-w-xl"
      :tree-id="first.id"
      :height="first.height_m"
      :scope="of"
    />
    <SampleTrees v-if="of === 'block' && trees.length > 5" :block-id="block.id" />
    <BlockHeights v-if="block.in_rows" :block-id="block.id" :row-id="rowId" />
  </div>
</template>
