<script setup lang="ts">
/**
 * Trees as a list: sorted by any column, narrowed by words, several chosen for one thing done to
 * all. A long list draws only the lines in view.
 */
import SortButton from '../SortButton.vue'
import type { GroveTree } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { useNarrow } from '@/composables/useNarrow'
import ToneMark from '@/drawings/ToneMark.vue'
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { useElementBounding, useWindowScroll } from '@vueuse/core'
import { computed, ref, useId } from 'vue'
import ManyTrees from './ManyTrees.vue'
import TreeViews from './TreeViews.vue'
import { useTreeList } from './useTreeList'

const props = defineProps<{ trees: GroveTree[] }>()
const { units } = useSettings()
const id = useId()
const list = useTreeList(() => props.trees, units)
const { now, columns, shown, sort, order, read } = list

const chosen = ref(new Set<string>())
/** Only what is shown can be chosen. */
const many = computed(() => shown.value.filter((t) => chosen.value.has(t.id)))
function choose(ids: string[], on: boolean) {
  const next = new Set(chosen.value)
  for (const one of ids)
    if (on) next.add(one)
    else next.delete(one)
  chosen.value = next
}
const all = computed(() => shown.value.length > 0 && many.value.length === shown.value.length)

/** Above so many lines only those in view are drawn. */
const LONG = 300
const narrow = useNarrow()
const line = computed(() => (narrow.value ? 68 : 45))
const body = ref<HTMLElement>()
const { top } = useElementBounding(body)
const { y } = useWindowScroll()
const long = computed(() => shown.value.length > LONG)
const lines = useWindowVirtualizer(
  computed(() => ({
    count: long.value ? shown.value.length : 0,
    estimateSize: () => line.value,
    overscan: 12,
    scrollMargin: top.value + y.value,
  })),
)
const drawn = computed(() => {
  if (!long.value) return { before: 0, after: 0, trees: shown.value }
  const items = lines.value.getVirtualItems()
  const [first, last] = [items[0], items.at(-1)]
  if (!first || !last) return { before: 0, after: 0, trees: shown.value.slice(0, 40) }
  return {
    before: first.index * line.value,
    after: (shown.value.length - 1 - last.index) * line.value,
    trees: shown.value.slice(first.index, last.index + 1),
  }
})
const checked = (event: Event) => (event.target as HTMLInputElement).checked
</script>

<template>
  <div class="grid gap-2">
    <div class="flex flex-wrap gap-3 items-end no-print">
      <div>
        <label class="label" :for="`${id}o`">Only</label>
        <input
          :id="`${id}o`"
          v-model="now.only"
          class="field w-64"
          placeholder="name, kind, need"
        />
      </div>
      <p class="tag text-lead pb-2" aria-live="polite">
        {{ shown.length }} {{ shown.length === 1 ? 'tree' : 'trees'
        }}<template v-if="many.length">, {{ many.length }} chosen</template>
      </p>
      <TreeViews :list="list" class="ml-auto" />
    </div>
    <ManyTrees v-if="many.length" :trees="many" @done="chosen = new Set()" />
    <table class="list" :aria-rowcount="shown.length + 1">
      <thead>
        <tr>
          <th scope="col" class="tick no-print">
            <input
              type="checkbox"
              aria-label="Choose all that are shown"
              :checked="all"
              @change="
                choose(
                  shown.map((t) => t.id),
                  checked($event),
                )
              "
            />
          </th>
          <th
            v-for="c in columns"
            :key="c.id"
            scope="col"
            :class="{ wide: c.wide }"
            :aria-sort="order(c.id)"
          >
            <SortButton :name="c.name" :order="order(c.id)" @click="sort(c.id)" />
          </th>
        </tr>
      </thead>
      <tbody ref="body">
        <tr v-if="drawn.before" aria-hidden="true" :style="{ height: `${drawn.before}px` }"></tr>
        <tr v-for="t in drawn.trees" :key="t.id" data-test="listed" :class="{ long }">
          <td class="tick no-print">
            <input
              type="checkbox"
              :aria-label="`Choose ${t.name}`"
              :checked="chosen.has(t.id)"
              @change="choose([t.id], checked($event))"
            />
          </td>
          <template v-for="c in columns" :key="c.id">
            <th v-if="c.id === 'tree'" scope="row">
              <RouterLink class="link" :to="`/tree/${t.id}`">{{ t.name }}</RouterLink>
            </th>
            <td v-else :class="{ num: c.num, wide: c.wide }" :data-column="c.id">
              <ToneMark v-if="c.id === 'need'" :tone="t.tone" small class="tone" />
              {{ read(c, t) }}
            </td>
          </template>
        </tr>
        <tr v-if="drawn.after" aria-hidden="true" :style="{ height: `${drawn.after}px` }"></tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.list {
  border-collapse: collapse;
  width: 100%;
}
thead th {
  text-align: left;
  border-bottom: var(--line) solid var(--ink);
}
thead button {
  font: 600 var(--text-base) var(--font-tag);
  min-height: 44px;
}
.tick {
  width: 44px;
  vertical-align: middle;
}
.tick input {
  display: block;
}
tbody th,
td {
  text-align: left;
  font-weight: 400;
  padding: 6px 12px 6px 0;
  border-bottom: 1px solid var(--rule);
}
/* the same height for each line of a long list, so that what is not drawn can be left room for */
.long th,
.long td {
  height: 45px;
  padding-block: 0;
  max-width: 26rem;
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}
tbody th {
  font: 600 var(--text-lead) var(--font-tag);
  white-space: nowrap;
}
.tone {
  display: inline-block;
  vertical-align: -4px;
  margin-right: 6px;
}
@media (max-width: 900px) {
  .wide {
    display: none;
  }
  .long td,
  .long th {
    height: 68px;
    line-height: 1.2;
  }
  .long td {
    white-space: normal;
  }
}
</style>
