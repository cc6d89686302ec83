<script setup lang="ts">
/** Trees as a list: sorted by any column, narrowed by words, each a line to its page. */
import type { GroveTree } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import ToneMark from '@/drawings/ToneMark.vue'
import { lengthWords } from '@/geometry/measure'
import { nameMatches } from '@/geometry/plan'
import { computed, ref, useId } from 'vue'

const props = defineProps<{ trees: GroveTree[] }>()
const { units } = useSettings()
const id = useId()
const only = ref('')
const COLUMNS = [
  { name: 'Tree', of: (t: GroveTree) => t.name },
  { name: 'Kind', of: (t: GroveTree) => t.kind_name },
  { name: 'Planted', of: (t: GroveTree) => t.planted_year },
  { name: 'Tall', of: (t: GroveTree) => t.height_m ?? -1 },
  { name: 'Needs next', of: (t: GroveTree) => t.need },
] as const
/** The column it is sorted by, and which way; as it is walked where none is chosen. */
const by = ref<{ nth: number; down: boolean } | null>(null)
function sort(nth: number) {
  by.value =
    by.value?.nth === nth ? (by.value.down ? null : { nth, down: true }) : { nth, down: false }
}
const order = (nth: number) =>
  by.value?.nth !== nth ? 'none' : by.value.down ? 'descending' : 'ascending'
const words = new Intl.Collator(undefined, { numeric: true })
const compare = (a: string | number, b: string | number) =>
  typeof a === 'number' && typeof b === 'number' ? a - b : words.compare(String(a), String(b))
const shown = computed(() => {
  const asked = only.value.trim()
  const found = props.trees.filter(
    (t) => !asked || nameMatches(asked, `${t.name} ${t.kind_name} ${t.need}`),
  )
  const sorted = by.value
  if (!sorted) return found
  const { of } = COLUMNS[sorted.nth]!
  const sign = sorted.down ? -1 : 1
  return [...found].sort((a, b) => sign * compare(of(a), of(b)))
})
</script>

<template>
  <div class="grid gap-2">
    <div class="flex flex-wrap gap-3 items-end">
      <div>
        <label class="label" :for="`${id}o`">Only</label>
        <input :id="`${id}o`" v-model="only" class="field w-64" placeholder="name, kind, need" />
      </div>
      <p class="tag text-lg pb-2" aria-live="polite">
        {{ shown.length }} {{ shown.length === 1 ? 'tree' : 'trees' }}
      </p>
    </div>
    <table class="list">
      <thead>
        <tr>
          <th v-for="(c, i) in COLUMNS" :key="c.name" scope="col" :aria-sort="order(i)">
            <button type="button" @click="sort(i)">
              {{ c.name
              }}<span aria-hidden="true">{{
                { none: '', ascending: ' ▲', descending: ' ▼' }[order(i)]
              }}</span>
            </button>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="t in shown" :key="t.id" data-test="listed">
          <th scope="row">
            <RouterLink class="link" :to="`/tree/${t.id}`">{{ t.name }}</RouterLink>
          </th>
          <td>{{ t.kind_name }}</td>
          <td class="num">{{ t.planted_year }}</td>
          <td class="num">{{ t.height_m === null ? '' : lengthWords(t.height_m, units) }}</td>
          <td><ToneMark :tone="t.tone" small class="tone" /> {{ t.need }}</td>
        </tr>
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
  font: 600 1.05rem var(--font-tag);
  min-height: 44px;
}
tbody tr {
  content-visibility: auto;
  contain-intrinsic-size: auto 44px;
}
tbody th,
td {
  text-align: left;
  font-weight: 400;
  padding: 6px 12px 6px 0;
  border-bottom: 1px solid var(--rule);
}
tbody th {
  font: 600 1.1rem var(--font-tag);
  white-space: nowrap;
}
.tone {
  display: inline-block;
  vertical-align: -4px;
  margin-right: 6px;
}
@media (max-width: 720px) {
  thead th:nth-child(3),
  td:nth-child(3),
  thead th:nth-child(2),
  td:nth-child(2) {
    display: none;
  }
}
</style>
