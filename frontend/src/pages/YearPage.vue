<script setup lang="ts">
/**
 * When each kind of work is right, over the year, for a tree, a block or the holding; any day opens
 * its reasons.
 */
import { TONE_WORDS } from '@/drawings/tones'
import tell from 'words:year'
import PickOne from '@/controls/PickOne.vue'
import { api, heed, sentence, type Schemas } from '@/api/client'
import { useGrove } from '@/composables/useGrove'
import { useKeys } from '@/composables/useKeys'
import { useNarrow } from '@/composables/useNarrow'
import WhyDialog from '@/controls/WhyDialog.vue'
import SayButtons from '@/controls/SayButtons.vue'
import AlmanacRibbon from '@/drawings/AlmanacRibbon.vue'
import ToneMark from '@/drawings/ToneMark.vue'
import { addDays, dayWords } from '@/geometry/day'
import { shareWords } from '@/geometry/measure'
import { runs } from '@/geometry/ribbon'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'

const route = useRoute()
const router = useRouter()
const narrow = useNarrow()
const { data: grove, error: unreached } = useGrove()
const word = (name: string) =>
  typeof route.query[name] === 'string' ? (route.query[name] as string) : undefined
const tree = computed(() => word('tree'))
const block = computed(
  () =>
    word('block') ??
    (tree.value
      ? undefined
      : grove.value?.blocks.find((b) => grove.value!.sites[0]?.id === b.site_id)?.id),
)
const whatIf = ref<Record<string, string>>({})
watch([tree, block], () => (whatIf.value = {}))
const months = ref(14)
const { data, error, isPending } = useQuery({
  queryKey: ['almanac', tree, block, whatIf, months],
  queryFn: () => {
    const of = tree.value
      ? { tree: tree.value }
      : block.value && block.value !== 'all'
        ? { block: block.value }
        : {}
    return heed(
      api.GET('/api/almanac', {
        params: { query: { ...of, ...whatIf.value, months: months.value } },
      }),
    )
  },
  placeholderData: keepPreviousData,
  enabled: computed(() => !!grove.value?.trees.length),
})
const day = ref('')
watch(data, (a) => a && (day.value < a.from || day.value > a.to) && (day.value = a.today), {
  immediate: true,
})
function step(by: number) {
  const to = addDays(day.value, by)
  if (data.value && to >= data.value.from && to <= data.value.to) day.value = to
}
useKeys([
  {
    keys: ['ArrowRight'],
    get says() {
      return tell('a-day-on-shift-a')
    },
    run: (e) => step(e.shiftKey ? 7 : 1),
    shown: '→',
  },
  {
    keys: ['ArrowLeft'],
    get says() {
      return tell('a-day-back-shift-a')
    },
    run: (e) => step(e.shiftKey ? -7 : -1),
    shown: '←',
  },
  {
    keys: ['Home'],
    get says() {
      return tell('today')
    },
    run: () => data.value && (day.value = data.value.today),
  },
])
type Segment = Schemas['SegmentOut']
const here = computed(() =>
  (data.value?.lanes ?? [])
    .map((lane) => ({
      lane,
      now: lane.segments.find((s) => s.from <= day.value && day.value <= s.to),
    }))
    .filter((x): x is { lane: Schemas['LaneOut']; now: Segment } => !!x.now),
)
const said = (s: Segment) =>
  s.reasons.filter((r) => !['yearly-budget', 'next-window'].includes(r.code))[0] ?? s.reasons[0]
const costOn = (lane: Schemas['LaneOut']) =>
  lane.costs.find((c) => c.from <= day.value && day.value <= c.to)?.says
/** What holds and until when; a run that reaches the end of the ribbon names no end. */
function head(lane: Schemas['LaneOut'], s: Segment): string {
  const end = runs(lane.segments).find((r) => r.from <= s.from && s.to <= r.to)!.to
  const share =
    s.max_share && s.status !== 'stop' ? tell('to-8', { maxShare: shareWords(s.max_share) }) : ''
  return `${TONE_WORDS[s.status]}${share}${end === lane.segments.at(-1)!.to ? '' : tell('until', { end: dayWords(end) })}`
}
/** The pick that is on, or the next. */
/** Trees whose year is another one, listed when asked for. */
const others = ref(false)
const harvest = computed(() =>
  block.value === 'all'
    ? undefined
    : data.value?.events.find((e) => e.name === 'harvest' && e.to >= data.value!.today),
)
const open = ref<{ title: string; sentence: string; reasons: Segment['reasons'] } | null>(null)
const NAMES: Record<string, string> = {
  get harvest_end() {
    return tell('the-harvest-ended')
  },
  get first_frost() {
    return tell('the-first-frost-came')
  },
}
const tried = computed(() =>
  Object.entries(whatIf.value)
    .map(([name, iso]) => tell('on-3', { what: NAMES[name], iso: dayWords(iso) }))
    .join(tell('and-between')),
)
function tryOut(name: string, iso: string) {
  whatIf.value = { ...whatIf.value, [name]: iso }
}
const choose = (id: string) => void router.replace({ query: { block: id } })
const ORIGINS: Record<string, string> = {
  get observed() {
    return tell('as-seen')
  },
  get computed() {
    return tell('worked-out-from-warmth-and')
  },
  get catalogue() {
    return tell('by-the-calendar-of-this')
  },
}
const print = () => window.print()
</script>

<template>
  <div class="px-6 py-2 max-sm:px-3">
    <p v-if="grove && !grove.trees.length" class="py-6">
      {{ tell('no-tree-stands-here-yet') }}
      <RouterLink to="/start" class="link">{{ tell('say-what-stands-there') }}</RouterLink>
    </p>
    <p v-else-if="unreached && !data" class="wrong py-6" role="alert">{{ sentence(unreached) }}</p>
    <p v-else-if="isPending" class="py-6">{{ tell('working-out-the-year') }}</p>
    <p v-else-if="error" class="wrong py-6" role="alert">{{ sentence(error) }}</p>
    <template v-else-if="data">
      <header class="flex flex-wrap items-center gap-x-4 gap-y-2 pb-1">
        <h1 class="plate text-title">{{ data.name }}</h1>
        <p class="text-note text-ink2 leading-tight">
          {{ data.kind_name }}<br />{{
            data.of === 1
              ? tell('this-tree')
              : data.trees === data.of
                ? tell('all-trees-2', { of: data.of })
                : tell('of-trees', { trees: data.trees, of: data.of }) + ' '
          }}<button
            v-if="data.others.length"
            type="button"
            class="link"
            :aria-expanded="others"
            @click="others = !others"
          >
            {{ tell('the-others-differ') }}
          </button>
        </p>
        <div class="ml-auto flex gap-2 items-center no-print max-sm:ml-0">
          <label class="sr-only" for="almanac-block">{{ tell('block-2') }}</label>
          <PickOne
            id="almanac-block"
            class="field !w-auto field-small !py-1"
            :model-value="tree ? '' : block"
            @update:model-value="choose"
          >
            <option v-if="tree" value="">{{ tell('this-tree') }}</option>
            <option value="all">{{ tell('the-whole-holding') }}</option>
            <option v-for="b in grove?.blocks ?? []" :key="b.id" :value="b.id">{{ b.name }}</option>
          </PickOne>
          <label class="sr-only" for="almanac-months">{{ tell('months') }}</label>
          <PickOne id="almanac-months" v-model="months" class="field !w-auto field-small !py-1">
            <option v-for="m in [12, 14, 18]" :key="m" :value="m">
              {{ tell('months-2', { m }) }}
            </option>
          </PickOne>
          <RouterLink v-if="tree" class="btn btn-small" :to="`/tree/${tree}`">{{
            tell('the-tree-3')
          }}</RouterLink>
          <button type="button" class="btn btn-small" @click="print">{{ tell('print') }}</button>
        </div>
        <p class="flex gap-4 tag" aria-hidden="true">
          <span
            v-for="t in ['go', 'light', 'wait', 'stop'] as const"
            :key="t"
            class="inline-flex items-center gap-1.5"
            ><ToneMark :tone="t" small /> {{ TONE_WORDS[t] }}</span
          >
        </p>
      </header>
      <ul
        v-if="others && data.others.length"
        class="flex flex-wrap gap-x-5 pb-2"
        data-test="others"
      >
        <li v-for="o in data.others" :key="o.tree_id">
          <RouterLink class="link" :to="`/year?tree=${o.tree_id}`">{{ o.name }}</RouterLink>
          {{ o.kind_name
          }}<template v-if="o.trees > 1">{{ tell('alike', { trees: o.trees }) }}</template>
        </li>
      </ul>
      <div
        class="overflow-x-auto"
        role="region"
        :aria-label="tell('ribbon-of-the-year')"
        :tabindex="narrow ? 0 : undefined"
      >
        <AlmanacRibbon
          :almanac="data"
          :day="day"
          :width="1232"
          :style="narrow ? 'min-width: 980px' : ''"
          @day="day = $event"
          @try-out="tryOut"
        />
      </div>
      <p
        v-if="Object.keys(whatIf).length"
        class="flex flex-wrap gap-3 items-center text-note"
        role="status"
        data-test="what-if"
      >
        <b>{{ tell('what-if') }}</b> {{ tell('nothing-is-saved', { tried }) }}
        <button type="button" class="btn btn-small no-print" @click="whatIf = {}">
          {{ tell('back-to-the-dates-that') }}
        </button>
      </p>
      <section
        class="day"
        :aria-label="tell('what-holds-on', { day: dayWords(day) })"
        aria-live="polite"
      >
        <div>
          <h2 class="text-head" data-test="day">{{ day ? dayWords(day) : '' }}</h2>
          <p class="text-note text-ink2 no-print">
            <kbd>←</kbd> <kbd>→</kbd> {{ tell('a-day-with-shift-a') }} <kbd>Home</kbd>
            {{ tell('today') }}
          </p>
        </div>
        <ul class="lanes">
          <li v-for="x in here" :key="x.lane.work" class="grid grid-cols-[auto_1fr] gap-x-3">
            <ToneMark :tone="x.now.status" small class="mt-1" />
            <div>
              <h3 class="text-lead">{{ x.lane.name }}: {{ head(x.lane, x.now) }}</h3>
              <p class="text-small text-ink2">
                <b v-if="costOn(x.lane)" class="text-ink" data-test="cost">{{ costOn(x.lane) }}.</b>
                {{ said(x.now)?.text }}
                <button
                  type="button"
                  class="link text-ink no-print"
                  :aria-label="tell('why-2', { lane: x.lane.name })"
                  @click="
                    open = {
                      title: x.lane.name,
                      sentence: head(x.lane, x.now),
                      reasons: x.now.reasons,
                    }
                  "
                >
                  {{ tell('why') }}
                </button>
              </p>
            </div>
          </li>
        </ul>
      </section>
      <section v-if="harvest" class="mb-3" :aria-label="tell('the-pick')">
        <p class="text-note">
          {{
            tell('the-pick-to', {
              from: dayWords(harvest.from),
              to: dayWords(harvest.to),
              which: harvest.origin === 'observed' ? tell('as-it-was-seen') : tell('about-2'),
            })
          }}
        </p>
        <SayButtons
          :acts="[
            {
              act: 'picked',
              label: tree
                ? tell('picked-today')
                : tell('picked-today-all-here', { kindName: data.kind_name }),
            },
            { act: 'no-fruit', label: tell('no-fruit-this-year') },
          ]"
          v-bind="
            tree
              ? { treeIds: [tree] }
              : { scope: 'block' as const, scopeId: block, species: [data.species] }
          "
        />
      </section>
      <details class="mb-5 text-note">
        <summary class="tag text-lead">{{ tell('dates-of-these-months-and') }}</summary>
        <table class="mt-2">
          <caption class="sr-only">
            {{
              tell('events')
            }}
          </caption>
          <thead class="sr-only">
            <tr>
              <th scope="col">{{ tell('event') }}</th>
              <th scope="col">{{ tell('days') }}</th>
              <th scope="col">{{ tell('origin') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="e in data.events" :key="e.name + e.from">
              <th scope="row" class="text-left font-normal pr-6">{{ e.says }}</th>
              <td class="num pr-6">
                {{ dayWords(e.from)
                }}{{ e.to === e.from ? '' : ' ' + tell('to-7', { to: dayWords(e.to) }) }}
              </td>
              <td class="text-ink2">
                {{ ORIGINS[e.origin] ?? e.origin
                }}<template v-if="e.moved_days">{{
                  tell('moved-days-by-what-earlier', {
                    which: e.moved_days > 0 ? '+' : '',
                    movedDays: e.moved_days,
                  })
                }}</template>
              </td>
            </tr>
          </tbody>
        </table>
      </details>
      <WhyDialog
        v-if="open"
        :model-value="true"
        :title="open.title"
        :sentence="open.sentence"
        :reasons="open.reasons"
        @update:model-value="open = null"
      />
    </template>
  </div>
</template>

<style scoped>
.day {
  display: grid;
  grid-template-columns: 190px 1fr;
  gap: 18px;
  border: var(--line) solid var(--ink);
  border-radius: 10px;
  background: var(--sheet);
  padding: 14px 18px;
  margin: 8px 0 20px;
}
.lanes {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 12px 22px;
}
@media (max-width: 900px) {
  .day {
    grid-template-columns: 1fr;
  }
}
@media print {
  .day {
    grid-template-columns: 1fr;
  }
}
</style>
