<script setup lang="ts" generic="T extends Row">
/**
 * A list sorted by any column, narrowed by words, several of its rows chosen for one thing done to
 * all. A long list draws only the lines in view.
 */
import tell from 'words:parts'
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { useResizeObserver } from '@vueuse/core'
import { computed, ref, useId } from 'vue'
import ListViews from './ListViews.vue'
import SortButton from './SortButton.vue'
import type { List, Row } from './useList'

const props = defineProps<{
  list: List<T>
  /** So many rows, in words. */
  many: (n: number) => string
  /** What can be looked for. */
  hint: string
  /** A row among its like, where its first cell does not tell it apart. */
  called?: (row: T) => string
  /** What stands no longer is struck through. */
  struck?: (row: T) => boolean
}>()
const slots = defineSlots<{
  /** How a cell is drawn, where it is more than its words. */
  cell?(at: { column: string; row: T; says: string }): unknown
  /** What can be done to the chosen rows. */
  chosen?(at: { rows: T[]; done: () => void }): unknown
}>()
const id = useId()
const { now, columns, shown, chosen, choose, all, isChosen, chooseNone, sort, order, read } =
  props.list

/** Above so many lines only those in view are drawn. */
const LONG = 300
const body = ref<HTMLElement>()
/** From the head of the page to the first row [px]; it moves when what stands above it grows. */
const above = ref(0)
useResizeObserver([body, () => document.body], () => {
  if (body.value) above.value = body.value.getBoundingClientRect().top + window.scrollY
})
const long = computed(() => shown.value.length > LONG)
const lines = useWindowVirtualizer(
  computed(() => ({
    count: long.value ? shown.value.length : 0,
    estimateSize: () => 45,
    overscan: 12,
    scrollMargin: above.value,
    getItemKey: (index: number) => shown.value[index]!.id,
  })),
)
const drawn = computed(() => {
  if (!long.value) return { before: 0, after: 0, rows: shown.value.map((row, i) => ({ row, i })) }
  const items = lines.value.getVirtualItems()
  const margin = lines.value.options.scrollMargin
  return {
    before: items.length ? items[0]!.start - margin : 0,
    after: items.length ? lines.value.getTotalSize() - items.at(-1)!.end + margin : 0,
    rows: items.flatMap(({ index: i }) => (shown.value[i] ? [{ row: shown.value[i], i }] : [])),
  }
})
const measured = (el: unknown) => long.value && el && lines.value.measureElement(el as HTMLElement)
const nameOf = (row: T) => props.called?.(row) ?? read(columns.value[0]!, row)
const checked = (event: Event) => (event.target as HTMLInputElement).checked
</script>

<template>
  <div class="grid gap-2">
    <div class="flex flex-wrap gap-3 items-end no-print">
      <div>
        <label class="label" :for="`${id}o`">{{ tell('only') }}</label>
        <input :id="`${id}o`" v-model="now.only" class="field w-64" :placeholder="hint" />
      </div>
      <p class="tag text-lead pb-2" aria-live="polite">
        {{ many(shown.length)
        }}<template v-if="chosen.length">{{ tell('chosen', { chosen: chosen.length }) }}</template>
      </p>
      <ListViews :list="list" class="ml-auto" />
    </div>
    <slot v-if="chosen.length" name="chosen" :rows="chosen" :done="chooseNone"></slot>
    <table class="list" :aria-rowcount="shown.length + 1">
      <thead>
        <tr>
          <th v-if="slots.chosen" scope="col" class="tick no-print">
            <input
              type="checkbox"
              :aria-label="tell('choose-all-that-are-shown')"
              :checked="all"
              @change="choose(shown, checked($event))"
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
        <tr
          v-for="{ row, i } in drawn.rows"
          :key="row.id"
          :ref="measured"
          :data-index="i"
          data-test="listed"
          :class="{ 'line-through text-ink2': struck?.(row) }"
        >
          <td v-if="slots.chosen" class="tick no-print">
            <input
              type="checkbox"
              :aria-label="tell('choose-2', { row: nameOf(row) })"
              :checked="isChosen(row)"
              @change="choose([row], checked($event))"
            />
          </td>
          <component
            :is="at ? 'td' : 'th'"
            v-for="(c, at) in columns"
            :key="c.id"
            :scope="at ? undefined : 'row'"
            :class="{ num: c.num, wide: c.wide }"
            :data-column="c.id"
          >
            <slot name="cell" :column="c.id" :row="row" :says="read(c, row)">
              {{ read(c, row) }}
            </slot>
          </component>
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
  vertical-align: bottom;
  border-bottom: var(--line) solid var(--ink);
}
thead button {
  font: 600 var(--text-base) var(--font-tag);
}
td.tick,
th.tick {
  width: 44px;
  vertical-align: top;
}
.tick input {
  display: block;
}
tbody th,
td {
  text-align: left;
  font-weight: 400;
  height: 44px;
  padding: 8px 14px 8px 0;
  vertical-align: baseline;
  border-bottom: 1px solid var(--rule);
}
tbody th {
  font: 600 var(--text-lead) var(--font-tag);
}
@media (max-width: 900px) {
  .wide {
    display: none;
  }
}
</style>
