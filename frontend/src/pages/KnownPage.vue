<script setup lang="ts">
/** What is known: every value with its unit, range and provenance. */
import tell from 'words:more'
import { api, heed, sentence, type Schemas } from '@/api/client'
import ListTable from '@/controls/list/ListTable.vue'
import { useList } from '@/controls/list/useList'
import PickOne from '@/controls/PickOne.vue'
import { useSettings } from '@/composables/useSettings'
import { inUnits } from '@/geometry/measure'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'

const route = useRoute()
const { data, error, isPending } = useQuery({
  queryKey: ['catalogue', ''],
  queryFn: () => heed(api.GET('/api/catalogue', { params: { query: {} } })),
  staleTime: Infinity,
})
type Known = Schemas['KnownOut']
const sure = ref('')
const ways = computed(() => [...new Set((data.value?.values ?? []).map((v) => v.sure))].sort())
const found = computed(() =>
  (data.value?.values ?? []).filter((v) => !sure.value || v.sure === sure.value),
)
const { units } = useSettings()
const number = (value: number, unit: string) => String(inUnits(value, unit, units.value)[0])
const shown = (value: unknown, unit: string): string =>
  Array.isArray(value)
    ? value.map((v) => shown(v, unit)).join(', ')
    : typeof value === 'number'
      ? number(value, unit)
      : String(value)
const unitOf = (v: Known) => inUnits(0, v.unit, units.value)[1]
const between = (v: Known) =>
  v.low === null || v.high === null
    ? ''
    : tell('to-5', {
        low: number(v.low, v.unit),
        high: number(v.high, v.unit),
        unitOf: unitOf(v),
      }).trim()
const list = useList<Known>({
  get name() {
    return tell('known')
  },
  columns: [
    {
      id: 'says',
      get name() {
        return tell('what')
      },
      of: (v) => [v.says, v.of].filter(Boolean).join(', '),
    },
    {
      ...{
        id: 'value',
        get name() {
          return tell('value')
        },
      },
      of: (v) => (typeof v.value === 'number' ? v.value : shown(v.value, v.unit)),
      says: (v) => `${shown(v.value, v.unit)} ${unitOf(v)}`.trim(),
    },
    {
      id: 'between',
      get name() {
        return tell('may-be')
      },
      of: (v) => v.low ?? '',
      says: between,
      wide: true,
    },
    {
      ...{
        id: 'sure',
        get name() {
          return tell('how-sure')
        },
      },
      of: (v) => v.sure,
      says: (v) => [v.sure, v.source].filter(Boolean).join(': '),
    },
    {
      id: 'rivals',
      get name() {
        return tell('others-say-2')
      },
      of: (v) => v.rivals ?? '',
      wide: true,
      asked: true,
    },
  ],
  rows: () => found.value,
  matches: (asked, v) => {
    const text = `${v.id} ${v.says} ${v.of} ${v.provenance} ${v.unit}`.toLowerCase()
    return asked
      .toLowerCase()
      .split(/\s+/)
      .every((w) => text.includes(w))
  },
})
if (typeof route.query.find === 'string') list.now.value.only = route.query.find
</script>

<template>
  <div class="max-w-5xl mx-auto px-4 py-4">
    <div class="flex flex-wrap gap-3 items-end justify-between border-b-2 border-ink pb-3">
      <div>
        <h1 class="text-title">{{ tell('what-is-known') }}</h1>
        <p class="text-note text-ink2">
          {{ tell('every-number-a-verdict-rests') }}
        </p>
      </div>
      <div>
        <label class="label" for="how-sure">{{ tell('how-sure') }}</label>
        <PickOne id="how-sure" v-model="sure" class="field">
          <option value="">{{ tell('all-2') }}</option>
          <option v-for="w in ways" :key="w">{{ w }}</option>
        </PickOne>
      </div>
    </div>
    <p v-if="isPending" class="py-4">{{ tell('fetching') }}</p>
    <p v-else-if="error" class="wrong py-4" role="alert">{{ sentence(error) }}</p>
    <template v-else>
      <p class="py-2 text-note text-ink2">{{ tell('catalogue', { version: data!.version }) }}</p>
      <ListTable
        :list="list"
        :many="(n) => tell('so-many-values', { n })"
        :hint="tell('lemon-frost-side-branch')"
      />
    </template>
  </div>
</template>
