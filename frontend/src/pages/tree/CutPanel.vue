<script setup lang="ts">
/** The cuts: proposed, marked by oneself, or counted where the limbs are not known. */
import tell from 'words:tree'
import type { Tree } from '@/api/client'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import CountPanel from './CountPanel.vue'

const props = defineProps<{ id: string; tree: Tree }>()
const route = useRoute()
/** Of a tree that is not drawn no limb is planned: its cuts are counted. */
const counted = computed(() => route.name === 'tree-cut' && props.tree.standing !== 'drawn')
const ways = computed(() => [
  ...(props.tree.standing === 'drawn'
    ? [
        { to: `/tree/${props.id}/cut`, name: tell('proposed'), of: 'tree-cut' },
        { to: `/tree/${props.id}/cut/marks`, name: tell('my-own-marks'), of: 'tree-marks' },
      ]
    : []),
  { to: `/tree/${props.id}/cut/count`, name: tell('counted-2'), of: 'tree-count' },
])
</script>

<template>
  <div class="grid gap-3 content-start">
    <nav v-if="ways.length > 1" :aria-label="tell('how-the-cuts-are-found')" class="ways no-print">
      <RouterLink
        v-for="w in ways"
        :key="w.to"
        :to="w.to"
        class="choice"
        :class="{ on: route.name === w.of }"
        :aria-current="route.name === w.of ? 'page' : undefined"
        >{{ w.name }}</RouterLink
      >
    </nav>
    <CountPanel v-if="counted" :id="id" :tree="tree" />
    <RouterView v-else v-slot="{ Component }"
      ><component :is="Component" :id="id" :tree="tree"
    /></RouterView>
  </div>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.ways .choice {
  display: inline-flex;
  align-items: center;
}
</style>
