<script setup lang="ts">
/**
 * The fortnight's work in walking order, what the weather does to it, and what is too late this
 * season.
 */
import { decimals } from '@/words/numbers'
import tell from 'words:today'
import { api, heed, sentence, type Schemas } from '@/api/client'
import { useGrove } from '@/composables/useGrove'
import { useSettings } from '@/composables/useSettings'
import { dayWords } from '@/geometry/day'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { useSessionStorage } from '@vueuse/core'
import { defineAsyncComponent, computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import WorkItem from './today/WorkItem.vue'

const WeatherStrip = defineAsyncComponent(() => import('@/drawings/WeatherStrip.vue'))
const WhyDialog = defineAsyncComponent(() => import('@/controls/WhyDialog.vue'))

const { units } = useSettings()
const { data: grove } = useGrove()
const { data, error, isPending } = useQuery({
  queryKey: ['today', units],
  queryFn: () => heed(api.GET('/api/today', { params: { query: { units: units.value } } })),
  placeholderData: keepPreviousData,
})
const site = computed(() => grove.value?.sites[0]?.id)
const { data: weather } = useQuery({
  queryKey: ['weather', site],
  queryFn: () =>
    heed(api.GET('/api/sites/{id}/weather', { params: { path: { id: site.value! } } })),
  enabled: computed(() => !!site.value),
})
const router = useRouter()
watch(grove, (g) => g?.holding === null && void router.replace('/start'), { immediate: true })
type Item = Schemas['ItemOut']
/** One after the other as one walks, or like work together. */
const by = useSessionStorage<'walk' | 'kind' | 'helper'>('billhook-today-by', 'walk')
const helped = computed(() => data.value?.items.some((i) => i.helper))
const WAYS = computed(() => [
  { id: 'walk' as const, name: tell('by-walk') },
  { id: 'kind' as const, name: tell('by-kind-of-work') },
  ...(helped.value ? [{ id: 'helper' as const, name: tell('by-helper') }] : []),
])
/** Whose work is nobody's. */
const NOBODY = ''
const keys = {
  walk: (item: Item) => item.block,
  kind: (item: Item) => item.says.split(',')[0]!,
  helper: (item: Item) => item.helper ?? NOBODY,
}
const groups = computed(() => {
  const found = new Map<string, Item[]>()
  for (const item of data.value?.items ?? []) {
    const key = keys[by.value](item)
    found.set(key, [...(found.get(key) ?? []), item])
  }
  // what is nobody's comes last
  return [...found].sort(([a], [b]) => Number(a === NOBODY) - Number(b === NOBODY))
})
const next = computed(() => data.value?.next)
const nextDay = computed(() => next.value?.opens ?? next.value?.last_good)
const open = ref<Item | null>(null)
const hours = (minutes: number) =>
  minutes >= 90
    ? tell('hours-3', { minutes: decimals(minutes / 60, 1) })
    : tell('minutes-2', { count: Math.round(minutes) })
const print = () => window.print()
</script>

<template>
  <div class="px-6 py-3 max-sm:px-3 max-w-[1360px] mx-auto">
    <p v-if="isPending" class="py-6">{{ tell('walking-the-rows') }}</p>
    <p v-else-if="error" class="wrong py-6" role="alert">{{ sentence(error) }}</p>
    <template v-else-if="data">
      <header class="flex flex-wrap items-baseline gap-x-4 gap-y-1 pb-2 border-b-2 border-ink">
        <h1 class="text-title">{{ tell('today-4', { day: dayWords(data.day) }) }}</h1>
        <p class="text-ink2">
          {{
            tell('the-fortnight-to-of-work', {
              until: dayWords(data.until),
              minutes: hours(data.minutes),
            })
          }}
        </p>
        <div class="ml-auto flex flex-wrap gap-2 no-print">
          <span class="flex gap-2" role="group" :aria-label="tell('in-which-order')">
            <button
              v-for="w in WAYS"
              :key="w.id"
              type="button"
              class="btn btn-small"
              :aria-pressed="by === w.id"
              @click="by = w.id"
            >
              {{ w.name }}
            </button>
          </span>
          <RouterLink class="btn btn-small" to="/weeks">{{ tell('by-week') }}</RouterLink>
          <RouterLink class="btn btn-small" to="/months">{{ tell('by-month') }}</RouterLink>
          <a class="btn btn-small" href="/api/calendar.ics" download="billhook.ics">{{
            tell('calendar-file')
          }}</a>
          <button type="button" class="btn btn-small" @click="print">{{ tell('print') }}</button>
        </div>
      </header>
      <p v-if="data.forecast" class="py-2 text-note" data-test="no-forecast">
        {{ data.forecast }}
      </p>
      <p v-if="grove && !grove.trees.length" class="py-6">
        {{ tell('no-tree-stands-here-yet') }}
        <RouterLink to="/start" class="link">{{ tell('say-what-stands-there') }}</RouterLink>
      </p>
      <div class="split">
        <div class="min-w-0">
          <section v-if="data.late.length" :aria-label="tell('late')" class="late">
            <h2 class="text-part">{{ tell('late') }}</h2>
            <ul class="mt-2">
              <WorkItem
                v-for="item in data.late"
                :key="item.key"
                :item="item"
                :day="data.day"
                with-block
                @working="open = $event"
              />
            </ul>
          </section>
          <template v-if="!groups.length && !data.late.length && grove?.trees.length">
            <p class="pt-4">{{ tell('nothing-wants-doing-this-fortnight') }}</p>
            <section v-if="next" :aria-label="tell('next-2')" data-test="next">
              <h2 class="text-part mt-3">
                {{ tell('next-2') }}<template v-if="nextDay">, {{ dayWords(nextDay) }}</template>
              </h2>
              <ul>
                <WorkItem :item="next" :day="data.day" with-block @working="open = $event" />
              </ul>
            </section>
          </template>
          <section
            v-for="[name, items] in groups"
            :key="name"
            :aria-label="name || tell('nobody-named')"
            class="pt-3"
          >
            <h2 :class="by === 'walk' ? 'plate text-part' : 'text-part'">
              {{ name || tell('nobody-named') }}
            </h2>
            <ul class="mt-2">
              <WorkItem
                v-for="item in items"
                :key="item.key"
                :item="item"
                :day="data.day"
                :with-block="by !== 'walk'"
                @working="open = $event"
              />
            </ul>
          </section>
        </div>
        <aside class="grid gap-5 content-start pt-3">
          <section v-if="weather" :aria-label="tell('weather')">
            <h2 class="text-part">{{ tell('weather') }}</h2>
            <p class="text-note text-ink2">
              {{ weather.station
              }}<template v-if="weather.simulated">{{ tell('invented-for-the-demo') }}</template
              >.
              <RouterLink class="link text-ink" to="/place#weather">{{ tell('more') }}</RouterLink>
            </p>
            <WeatherStrip
              v-if="weather.days.length || weather.forecast.length"
              :days="weather.days"
              :forecast="weather.forecast"
            />
          </section>
          <section v-if="data.too_late.length" :aria-label="tell('too-late-this-season')">
            <h2 class="text-part">{{ tell('too-late-this-season') }}</h2>
            <ul>
              <WorkItem
                v-for="item in data.too_late"
                :key="item.key"
                :item="item"
                :day="data.day"
                @working="open = $event"
              />
            </ul>
          </section>
          <section v-if="data.put_off.length" :aria-label="tell('put-off')">
            <h2 class="text-part">{{ tell('put-off') }}</h2>
            <ul>
              <WorkItem
                v-for="item in data.put_off"
                :key="item.key"
                :item="item"
                :day="data.day"
                @working="open = $event"
              />
            </ul>
          </section>
          <p class="text-small text-ink2">
            {{ tell('rake-the-base-and-look') }}
          </p>
        </aside>
      </div>
      <WhyDialog
        v-if="open"
        :model-value="true"
        :title="open.says"
        :sentence="open.closed_by ?? ''"
        :reasons="open.reasons"
        @update:model-value="open = null"
      />
    </template>
  </div>
</template>

<style scoped>
.late {
  border-left: 6px solid var(--tape);
  padding: 8px 0 0 12px;
  margin-top: 12px;
}
.split {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 380px;
  gap: 0 36px;
}
@media (max-width: 1000px) {
  .split {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
