<script setup lang="ts">
/**
 * Trees that nobody has drawn: what to look for and count on each; told once where it is the same,
 * and printed with a box for each tree.
 */
import tell from 'words:parts'
import type { Schemas } from '@/api/client'
import { computed } from 'vue'
import RecipeLine from '../RecipeLine.vue'
import SaidText from '../SaidText.vue'

type ToCount = Schemas['ToCountOut']
const props = defineProps<{ trees: ToCount[] }>()
const alike = computed(() => {
  const found = new Map<string, { recipe: ToCount['recipe']; trees: ToCount[] }>()
  for (const tree of props.trees) {
    const same = JSON.stringify(tree.recipe.lines.map(({ n, what, where }) => [n, what, where]))
    const group = found.get(same) ?? { recipe: tree.recipe, trees: [] }
    group.trees.push(tree)
    found.set(same, group)
  }
  return [...found.values()]
})
const print = () => window.print()
</script>

<template>
  <section :aria-label="tell('to-count')" class="grid gap-2" data-test="to-count">
    <div class="flex flex-wrap gap-3 items-center">
      <h2 class="text-head">{{ tell('to-count-where-no-limbs') }}</h2>
      <button type="button" class="btn btn-small no-print" @click="print">
        {{ tell('print-these') }}
      </button>
    </div>
    <div v-for="group in alike" :key="group.trees[0]!.tree_id" class="break-inside-avoid">
      <p>
        <RouterLink
          v-for="t in group.trees"
          :key="t.tree_id"
          class="link mr-3 inline-block"
          :to="`/tree/${t.tree_id}/cut`"
          ><span class="box" aria-hidden="true">☐ </span>{{ t.tree }}</RouterLink
        >
      </p>
      <p v-for="r in group.recipe.reasons" :key="r.code" class="text-ink2">
        <SaidText :text="r.text" />
      </p>
      <ol>
        <RecipeLine v-for="(line, i) in group.recipe.lines" :key="i" :line="line" />
      </ol>
    </div>
  </section>
</template>

<style scoped>
.box {
  display: none;
}
@media print {
  .box {
    display: inline;
  }
}
</style>
