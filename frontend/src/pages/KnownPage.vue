<script setup lang="ts">
/** What is known: every value with its unit, range and provenance. */
import { api, heed, sentence } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { inUnits } from '@/geometry/measure'
import { useQuery } from '@tanstack/vue-query'
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
const LIMIT = 120
const found = computed(() => {
  const words = find.value.toLowerCase().split(/\s+/).filter(Boolean)
  return (data.value?.values ?? []).filter((v) =>
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
</script>

<template>
  <div class="max-w-5xl mx-auto px-4 py-4">
    <div class="flex flex-wrap gap-3 items-end justify-between border-b-2 border-ink pb-3">
      <div>
        <h1 class="text-[1.7rem]">What is known</h1>
        <p class="text-[0.92rem] text-ink2">
          Every number a verdict rests on: its unit, what may stand in its place, and where it comes
          from.
        </p>
      </div>
      <div>
        <label class="label" for="find-known">Find</label>
        <input
          id="find-known"
          v-model="find"
          class="field w-72"
          placeholder="lemon, frost, side branch …"
        />
      </div>
    </div>
    <p v-if="isPending" class="py-4">Fetching …</p>
    <p v-else-if="error" class="wrong py-4" role="alert">{{ sentence(error) }}</p>
    <template v-else>
      <p class="py-2 text-[0.92rem] text-ink2" role="status">
        {{ found.length }} values, catalogue {{ data!.version
        }}{{ found.length > LIMIT ? `; the first ${LIMIT} are shown` : '' }}.
      </p>
      <ul>
        <li v-for="v in found.slice(0, LIMIT)" :key="v.id" class="known">
          <p>
            {{ v.says }}<span v-if="nameOf(v.id)" class="text-ink2">, {{ nameOf(v.id) }}</span>
          </p>
          <p class="num">
            <b>{{ shown(v.value, v.unit) }}</b> {{ inUnits(0, v.unit, units)[1]
            }}<span v-if="v.low !== null" class="text-ink2 block text-[0.85rem]"
              >{{ number(v.low, v.unit) }} to
              {{ v.high === null ? '' : number(v.high, v.unit) }}</span
            >
          </p>
          <p class="text-[0.92rem]">
            {{ v.sure }}<span v-if="v.source" class="text-ink2">: {{ v.source }}</span
            ><span v-if="v.rivals" class="text-ink2"> Others say {{ v.rivals }}.</span>
          </p>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.known {
  display: grid;
  grid-template-columns: 1.3fr 0.9fr 1.1fr;
  gap: 4px 18px;
  padding: 8px 0;
  border-bottom: 1.5px solid var(--rule);
}
.known .num {
  white-space: normal;
}
@media (max-width: 720px) {
  .known {
    grid-template-columns: 1fr;
  }
}
</style>
