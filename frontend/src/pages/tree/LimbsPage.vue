<script setup lang="ts">
/** The limbs of a tree, measured beside its drawing. */
import type { Tree } from '@/api/client'
import { useStage } from '@/composables/useStage'
import LimbsPanel from './LimbsPanel.vue'

defineProps<{ tree: Tree }>()
const { from, selected } = useStage(() => ({ pick: (limb) => (selected.value = limb) }))
</script>

<template>
  <LimbsPanel :tree="tree" :from="from" :selected="selected" @select="selected = $event" />
</template>
