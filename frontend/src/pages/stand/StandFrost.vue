<script setup lang="ts">
/** Frost of a block or row: its hurt trees, the worst first, and the crop that comes back. */
import tell from 'words:stand'
import type { GroveTree } from '@/api/client'
import { computed, toRef } from 'vue'
import BlockCrop from '../frost/BlockCrop.vue'
import HurtTrees from '../frost/HurtTrees.vue'
import { useHurt } from '../frost/site'

const props = defineProps<{
  siteId: string
  block: { id: string; name: string }
  trees: GroveTree[]
}>()
const { data } = useHurt(toRef(props, 'siteId'))
const hurt = computed(() => {
  const here = new Set(props.trees.map((t) => t.id))
  return (data.value?.trees ?? []).filter((t) => here.has(t.tree_id))
})
</script>

<template>
  <div v-if="data" class="grid gap-5 max-w-3xl">
    <p>
      <RouterLink class="link" to="/frost">{{ tell('the-whole-place-before-and') }}</RouterLink>
    </p>
    <HurtTrees :site-id="siteId" :hurt="hurt" :blocks="[block]" />
    <BlockCrop :blocks="[block]" />
  </div>
</template>
