<script setup lang="ts">
/** What trees need next, like needs together, in walking order. */
import tell from 'words:grove'
import type { Grove, GroveTree } from '@/api/client'
import ToneMark from '@/drawings/ToneMark.vue'
import { rowsWords } from '@/geometry/rows'
import { computed, reactive } from 'vue'

const props = defineProps<{ grove: Grove; siteId: string; lit?: Set<string> }>()
defineEmits<{ open: [tree: GroveTree] }>()

/** Groups whose trees are named, and how many at most. */
const open = reactive(new Set<string>())
const FEW = 120
/** Like needs side by side, in walking order: block, row, tree. */
const needs = computed(() => {
  const g = props.grove
  const blocks = new Map(g.blocks.map((b) => [b.id, b]))
  const rows = new Map(g.rows.map((r) => [r.id, r]))
  const groups = new Map<
    string,
    {
      key: string
      block: string
      tone: GroveTree['tone']
      text: string
      trees: GroveTree[]
      rows: Set<number>
    }
  >()
  for (const tree of g.trees) {
    const row = rows.get(tree.row_id)
    const block = row && blocks.get(row.block_id)
    if (!row || !block || block.site_id !== props.siteId) continue
    if (props.lit && !props.lit.has(tree.id)) continue
    const key = `${block.id}/${tree.need_alike}`
    const group = groups.get(key) ?? {
      key,
      block: block.name,
      tone: tree.tone,
      text: tree.need_alike,
      trees: [],
      rows: new Set<number>(),
    }
    group.trees.push(tree)
    group.rows.add(row.n)
    groups.set(key, group)
  }
  const order = { go: 0, light: 1, wait: 2, stop: 3 }
  return [...groups.values()].sort(
    (a, b) =>
      order[a.tone] - order[b.tone] || a.block.localeCompare(b.block, undefined, { numeric: true }),
  )
})
const which = (rows: Set<number>) =>
  `${tell('rows-3', { size: rows.size })} ${rowsWords([...rows].sort((a, b) => a - b))}`
</script>

<template>
  <ul class="mt-2">
    <li v-for="n in needs" :key="n.key" class="need">
      <ToneMark :tone="n.tone" class="mt-1" small />
      <div class="min-w-0">
        <h2 class="text-lead">
          <RouterLink class="link" :to="`/block/${n.key.split('/')[0]}`">{{ n.block }}</RouterLink>,
          {{ which(n.rows) }}
        </h2>
        <p class="text-note text-ink2">{{ n.text }}</p>
        <p v-if="n.trees.length <= 6" class="text-note">
          <button
            v-for="t in n.trees"
            :key="t.id"
            type="button"
            class="link mr-3 min-h-6"
            @click="$emit('open', t)"
          >
            {{ t.name }}
          </button>
        </p>
        <RouterLink
          v-if="n.rows.size === 1"
          class="link text-note mr-3"
          :to="`/row/${n.trees[0]!.row_id}/walk`"
          >{{ tell('walk-the-row') }}</RouterLink
        >
        <details
          v-if="n.trees.length > 6"
          class="text-note"
          @toggle="
            ($event.target as HTMLDetailsElement).open ? open.add(n.key) : open.delete(n.key)
          "
        >
          <summary>{{ tell('trees-5', { trees: n.trees.length }) }}</summary>
          <template v-if="open.has(n.key)">
            <button
              v-for="t in n.trees.slice(0, FEW)"
              :key="t.id"
              type="button"
              class="link mr-3 min-h-6"
              @click="$emit('open', t)"
            >
              {{ t.name }}
            </button>
            <RouterLink v-if="n.trees.length > FEW" class="link" to="/grove?view=list">{{
              tell('and-more-in-the-list', { trees: n.trees.length - FEW })
            }}</RouterLink>
          </template>
        </details>
      </div>
      <span class="tag text-lead">{{ n.trees.length }}</span>
    </li>
  </ul>
</template>

<style scoped>
.need {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 12px;
  padding: 10px 0;
  border-top: 1.5px solid var(--rule);
}
.need:first-child {
  border-top: var(--line) solid var(--ink);
}
</style>
