<script setup lang="ts">
/** The verdict and its price, what would change it, what the tree needs next, and the two ways on. */
import tell from 'words:tree'
import DayField from '@/controls/DayField.vue'
import { api, heed, type Tree } from '@/api/client'
import { useNarrow } from '@/composables/useNarrow'
import { useSettings } from '@/composables/useSettings'
import { useDay, useStage, useWork } from '@/composables/useStage'
import VerdictBox from '@/controls/VerdictBox.vue'
import WorkPicker from '@/controls/WorkPicker.vue'
import ToneMark from '@/drawings/ToneMark.vue'
import YearPrice from '@/drawings/YearPrice.vue'
import { dayWords } from '@/geometry/day'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, onBeforeUnmount, ref, watchEffect } from 'vue'

const props = defineProps<{ tree: Tree }>()
const { units } = useSettings()
const narrow = useNarrow()
const day = useDay()
const work = useWork(() => props.tree)
const verdict = computed(() => props.tree.verdicts.find((v) => v.work === work.value))
const { place } = useStage(() => ({}))
const here = ref<HTMLElement | null>(null)
watchEffect(() => (place.value = here.value))
onBeforeUnmount(() => (place.value = null))

const { data: needs } = useQuery({
  queryKey: ['needs', () => props.tree.id, day, units],
  queryFn: () =>
    heed(
      api.GET('/api/trees/{id}/needs', {
        params: { path: { id: props.tree.id }, query: { day: day.value, units: units.value } },
      }),
    ),
  placeholderData: keepPreviousData,
})
const { data: year, isPending: yearComes } = useQuery({
  queryKey: ['almanac', () => props.tree.id, 'year'],
  queryFn: () =>
    heed(api.GET('/api/almanac', { params: { query: { tree: props.tree.id, months: 13 } } })),
  placeholderData: keepPreviousData,
})
const lane = computed(() => year.value?.lanes.find((l) => l.work === work.value))
const sheet = computed(() => props.tree.sheets.find((s) => s.state === 'open'))
type Need = NonNullable<typeof needs.value>['needs'][number]
const to = (n: Need) => (n.plan_id ? `/sheet/${n.plan_id}` : null)
</script>

<template>
  <div class="now">
    <p v-if="tree.removed_on" class="keep" role="status">
      {{ tell('it-is-gone-since-its', { removedOn: dayWords(tree.removed_on) }) }}
      <RouterLink class="link" :to="`/tree/${tree.id}/record`">{{ tell('record') }}</RouterLink>.
    </p>
    <template v-else>
      <VerdictBox
        v-if="verdict"
        :verdict="verdict"
        :tree-id="tree.id"
        :block-id="tree.block_id"
        @day="day = $event"
      />
      <div class="do">
        <RouterLink class="btn" :to="`/tree/${tree.id}/look`">{{ tell('look-at-it') }}</RouterLink>
        <RouterLink v-if="sheet" class="btn btn-go" :to="`/sheet/${sheet.id}`">{{
          tell('go-on-with-the-sheet')
        }}</RouterLink>
        <RouterLink v-else class="btn btn-go" :to="`/tree/${tree.id}/cut`">{{
          tell('plan-the-cuts')
        }}</RouterLink>
        <RouterLink class="link col-span-2" :to="`/tree/${tree.id}/look/shoot`">{{
          tell('whose-shoot-is-it')
        }}</RouterLink>
      </div>
    </template>
    <div v-if="narrow" ref="here" class="here"></div>
    <section
      v-if="!tree.removed_on && lane && year"
      :aria-label="tell('over-the-year-2')"
      class="grid gap-1"
    >
      <div class="flex items-center gap-2">
        <WorkPicker v-model="work" :verdicts="tree.verdicts" class="min-w-48" />
        <span v-if="lane.prices" class="ml-auto text-ink2 text-note">{{
          tell('line-crops-lost-of-what')
        }}</span>
      </div>
      <YearPrice
        :lane="lane"
        :from="year.from"
        :to="year.to"
        :today="year.today"
        :day="day ?? year.today"
        :width="narrow ? 362 : 508"
        @day="day = $event === year.today ? undefined : $event"
      />
      <label class="sr-only" for="now-day">{{ tell('day') }}</label>
      <DayField
        id="now-day"
        :model-value="day ?? tree.day"
        @update:model-value="day = $event || undefined"
      />
    </section>
    <section
      v-if="needs && !yearComes && !tree.removed_on"
      :aria-label="tell('what-it-needs-next')"
    >
      <h2 class="text-part">{{ tell('what-it-needs-next') }}</h2>
      <p v-if="!needs.needs.length" class="text-ink2">
        {{ tell('nothing-has-to-be-done') }}
      </p>
      <ul>
        <li v-for="(n, i) in needs.needs" :key="i" class="need" data-test="need">
          <ToneMark :tone="n.tone" small />
          <RouterLink v-if="to(n)" class="link" :to="to(n)!">{{ n.says }}</RouterLink>
          <span v-else>{{ n.says }}</span>
          <span class="num text-right"
            >{{ n.when }}, {{ Math.max(1, Math.round(n.minutes)) }} min</span
          >
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.now {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.do {
  display: grid;
  grid-template-columns: 2fr 3fr;
  gap: 10px;
}
.do .btn {
  min-height: 52px;
  font-size: var(--text-part);
}
.here {
  margin: 0 -14px;
  background: var(--paper);
  border: solid var(--ink);
  border-width: var(--line) 0;
}
.need {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 12px;
  align-items: center;
  padding: 7px 0;
  border-top: 1px solid var(--rule);
}
.num {
  font: 600 var(--text-base) var(--font-tag);
}
@media (max-width: 720px) {
  .do .btn {
    min-height: 60px;
  }
}
</style>
