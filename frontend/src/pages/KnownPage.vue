<script setup lang="ts">
/** What is known: every value with its unit, range and provenance. */
import { api, heed, sentence, type Schemas } from '@/api/client'
import { saveFile, useSorting, type Column } from '@/controls/lists'
import PickOne from '@/controls/PickOne.vue'
import SortButton from '@/controls/SortButton.vue'
import { useSettings } from '@/composables/useSettings'
import { inUnits } from '@/geometry/measure'
import { useQuery } from '@tanstack/vue-query'
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { useElementBounding, useWindowScroll } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'

const route = useRoute()
const find = ref(typeof route.query.find === 'string' ? route.query.find : '')
const { data, error, isPending } = useQuery({
  queryKey: ['catalogue', ''],
  queryFn: () => heed(api.GET('/api/catalogue', { params: { query: {} } })),
  staleTime: Infinity,
})
/** Of which kind, climate or way it is said: the name of the row it stands in. */
const names = computed(
  () =>
    new Map(
      (data.value?.values ?? [])
        .filter((v) => v.id.endsWith('/name'))
        .map((v) => [v.id.slice(0, -5), String(v.value)]),
    ),
)
const nameOf = (id: string) => names.value.get(id.split('/').slice(0, 2).join('/'))
type Known = Schemas['KnownOut']
const sure = ref('')
const ways = computed(() => [...new Set((data.value?.values ?? []).map((v) => v.sure))].sort())
const found = computed(() => {
  const words = find.value.toLowerCase().split(/\s+/).filter(Boolean)
  return (data.value?.values ?? []).filter(
    (v) =>
      (!sure.value || v.sure === sure.value) &&
      words.every((w) => `${v.id} ${v.says} ${v.provenance} ${v.unit}`.toLowerCase().includes(w)),
  )
})
const { units } = useSettings()
const number = (value: number, unit: string) => String(inUnits(value, unit, units.value)[0])
const shown = (value: unknown, unit: string): string =>
  Array.isArray(value)
    ? value.map((v) => shown(v, unit)).join(', ')
    : typeof value === 'number'
      ? number(value, unit)
      : String(value)
const unitOf = (v: Known) => inUnits(0, v.unit, units.value)[1]
const columns: Column<Known>[] = [
  { id: 'says', name: 'What', of: (v) => [v.says, nameOf(v.id)].filter(Boolean).join(', ') },
  {
    id: 'value',
    name: 'Value',
    of: (v) => (typeof v.value === 'number' ? v.value : shown(v.value, v.unit)),
    says: (v) => `${shown(v.value, v.unit)} ${unitOf(v)}`.trim(),
  },
  {
    id: 'sure',
    name: 'How sure',
    of: (v) => v.sure,
    says: (v) => [v.sure, v.source].filter(Boolean).join(': '),
  },
]
const { shown: sorted, sort, order, csv } = useSorting(columns, found)
/** Only the lines in view are drawn. */
const list = ref<HTMLElement>()
const { top } = useElementBounding(list)
const { y } = useWindowScroll()
const lines = useWindowVirtualizer(
  computed(() => ({
    count: sorted.value.length,
    estimateSize: () => 68,
    overscan: 12,
    scrollMargin: top.value + y.value,
  })),
)
const inView = computed(() =>
  lines.value.getVirtualItems().map((i) => ({ ...i, v: sorted.value[i.index]! })),
)
const measure = (el: unknown) => el && lines.value.measureElement(el as HTMLElement)
</script>

<template>
  <div class="max-w-5xl mx-auto px-4 py-4">
    <div class="flex flex-wrap gap-3 items-end justify-between border-b-2 border-ink pb-3">
      <div>
        <h1 class="text-title">What is known</h1>
        <p class="text-note text-ink2">
          Every number a verdict rests on: its unit, what may stand in its place, and where it comes
          from.
        </p>
      </div>
      <div class="flex flex-wrap gap-3 items-end">
        <div>
          <label class="label" for="find-known">Find</label>
          <input
            id="find-known"
            v-model="find"
            class="field w-72"
            placeholder="lemon, frost, side branch …"
          />
        </div>
        <div>
          <label class="label" for="how-sure">How sure</label>
          <PickOne id="how-sure" v-model="sure" class="field">
            <option value="">all</option>
            <option v-for="w in ways" :key="w">{{ w }}</option>
          </PickOne>
        </div>
      </div>
    </div>
    <p v-if="isPending" class="py-4">Fetching …</p>
    <p v-else-if="error" class="wrong py-4" role="alert">{{ sentence(error) }}</p>
    <template v-else>
      <p class="py-2 text-note text-ink2" role="status">
        {{ found.length }} values, catalogue {{ data!.version }}.
        <button type="button" class="btn btn-small ml-3" @click="saveFile('known.csv', csv())">
          CSV of these
        </button>
      </p>
      <div class="heads">
        <SortButton
          v-for="c in columns"
          :key="c.id"
          :name="c.name"
          :order="order(c.id)"
          :aria-pressed="order(c.id) !== 'none'"
          @click="sort(c.id)"
        />
      </div>
      <ul ref="list" class="relative" :style="{ height: `${lines.getTotalSize()}px` }">
        <li
          v-for="{ v, index, start } in inView"
          :key="v.id"
          :ref="measure"
          :data-index="index"
          class="known"
          :style="{ transform: `translateY(${start - lines.options.scrollMargin}px)` }"
        >
          <p>
            {{ v.says }}<span v-if="nameOf(v.id)" class="text-ink2">, {{ nameOf(v.id) }}</span>
          </p>
          <p class="num">
            <b>{{ shown(v.value, v.unit) }}</b> {{ inUnits(0, v.unit, units)[1]
            }}<span v-if="v.low !== null" class="text-ink2 block text-small"
              >{{ number(v.low, v.unit) }} to
              {{ v.high === null ? '' : number(v.high, v.unit) }}</span
            >
          </p>
          <p class="text-note">
            {{ v.sure }}<span v-if="v.source" class="text-ink2">: {{ v.source }}</span
            ><span v-if="v.rivals" class="text-ink2"> Others say {{ v.rivals }}.</span>
          </p>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.known,
.heads {
  display: grid;
  grid-template-columns: 1.3fr 0.9fr 1.1fr;
  gap: 4px 18px;
}
.known {
  position: absolute;
  inset: 0 0 auto;
  padding: 8px 0;
  border-bottom: 1.5px solid var(--rule);
}
.known .num {
  white-space: normal;
}
@media (max-width: 720px) {
  .known,
  .heads {
    grid-template-columns: 1fr;
  }
}
</style>
