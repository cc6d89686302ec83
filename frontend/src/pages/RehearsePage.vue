<script setup lang="ts">
/**
 * Cut it here first: marks on the tree as it stands, and the tree one and more years on beside its
 * uncut twin. Nothing is logged.
 */
import tell from 'words:rehearse'
import { sentence, type Schemas } from '@/api/client'
import { useMarking } from '@/composables/useMarking'
import { useNarrow } from '@/composables/useNarrow'
import { useOpened } from '@/composables/useOpened'
import { useSettings } from '@/composables/useSettings'
import { useDay, useWork } from '@/composables/useStage'
import { useTree } from '@/composables/useTree'
import PickOne from '@/controls/PickOne.vue'
import SaidText from '@/controls/SaidText.vue'
import WhyDialog from '@/controls/WhyDialog.vue'
import SeasonsAlong, { type Standing } from '@/drawings/SeasonsAlong.vue'
import TwinBars, { type Bar } from '@/drawings/TwinBars.vue'
import { dayWords } from '@/geometry/day'
import { lengthWords } from '@/geometry/measure'
import { computed, ref, toRef } from 'vue'
import MarkRow from './rehearse/MarkRow.vue'
import { useRehearsal } from './rehearse/useRehearsal'
import { useMarkKeys } from './tree/useMarkKeys'

type Season = Schemas['RehearsedSeasonOut']
const props = defineProps<{ id: string }>()
const { units } = useSettings()
const narrow = useNarrow()
const day = useDay()
const { data: tree, error: missing } = useTree(toRef(props, 'id'), day)
useOpened(() =>
  tree.value
    ? { name: tree.value.name, kind: tree.value.kind_name, to: `/tree/${props.id}` }
    : null,
)
const work = useWork(() => tree.value)
const frame = computed(() => tree.value?.frame ?? null)
const drawn = computed(() => !!frame.value?.drawn)
const m = useMarking(
  toRef(props, 'id'),
  computed(() => (drawn.value ? frame.value?.id : undefined)),
  work,
  day,
)
const selected = ref<string | null>(null)
useMarkKeys(frame, selected, m)
const r = useRehearsal(toRef(props, 'id'), m.cuts, day, drawn)
const { data, error, range, second, whitewash } = r

/** How many years on the last drawing stands. */
const ahead = ref(3)
const last = computed(() => Math.min(ahead.value, (data.value?.seasons.length ?? 4) - 1))
const shown = computed(() =>
  narrow.value ? [last.value] : last.value > 1 ? [0, 1, last.value] : [0, last.value || 1],
)
const YEARS = computed(() => [
  '',
  tell('one-year-on'),
  tell('two-years-on'),
  tell('three-years-on'),
  tell('four-years-on'),
])
const title = (k: number) =>
  k === 0
    ? tell('cut-on', { day: dayWords(data.value?.day ?? '') })
    : (YEARS.value[k] ?? tell('years-on', { k }))
/** The first shows the tree as it stands with its cuts; later ones as they have grown. */
const trees = computed((): Standing[] =>
  data.value
    ? shown.value.map((k) => ({
        title: title(k),
        frame: k === 0 ? data.value!.before : data.value!.seasons[k]!.frame,
        twin: m.cuts.value.length ? data.value!.twin[k]!.frame : null,
        notes: k === 0 ? [] : notesOf(data.value!.seasons, k),
      }))
    : [],
)
function notesOf(seasons: Season[], k: number) {
  const there = new Set(seasons[k]!.frame.limbs.map((l) => l.id))
  return seasons
    .slice(0, k + 1)
    .flatMap((s) => s.events)
    .filter((e) => e.kind === 'headed')
    .map((e) => e.shoots.filter((id) => there.has(id)))
    .filter((ids) => ids.length > 1)
    .slice(0, 3)
    .map((ids) => ({
      limb: ids[0]!,
      text: k === 1 ? tell('shoots', { ids: ids.length }) : tell('the-same', { ids: ids.length }),
    }))
}
const whole = (n: number) => `${Math.round(n)}`
function barsOf(k: number): Bar[] {
  const [a, b] = [data.value!.seasons[k]!, data.value!.twin[k]!]
  const c = data.value!.second[k]
  const most = (what: 'height_m' | 'crop' | 'light_inside' | 'sprouts', least: number) =>
    Math.max(least, ...data.value!.seasons.flatMap((s, i) => [s[what], data.value!.twin[i]![what]]))
  const wide = range.value?.seasons[k]
  const len = (x: number) => lengthWords(x, units.value)
  const percent = (x: number) => `${Math.round(100 * x)} %`
  const made = data.value!.seasons[0]!.wounds_open
  const [crop, twin] = wide ? [wide.crop.mean, wide.twin_crop.mean] : [a.crop, b.crop]
  return [
    {
      name: tell('height-2'),
      most: most('height_m', 1) * 1.1,
      value: a.height_m,
      twin: b.height_m,
      second: c?.height_m ?? null,
      says: len(a.height_m),
      beside: tell('twin', { height: len(b.height_m) }),
      tone: 'var(--ink)',
    },
    {
      name: tell('crop'),
      most: most('crop', 1) * 1.1,
      value: crop,
      twin,
      second: c?.crop ?? null,
      says: percent(crop),
      beside: tell('twin-2', { twin: percent(twin) }),
      tone: 'var(--fruit)',
    },
    {
      name: tell('light-inside'),
      most: most('light_inside', 0.4),
      value: a.light_inside,
      twin: b.light_inside,
      second: c?.light_inside ?? null,
      says: percent(a.light_inside),
      beside: tell('twin-3', { lightInside: percent(b.light_inside) }),
      tone: 'var(--leaf)',
    },
    {
      name: tell('sprouts'),
      most: Math.max(8, most('sprouts', 8)),
      value: a.sprouts,
      twin: b.sprouts,
      second: c?.sprouts ?? null,
      says: whole(a.sprouts) + (a.sprouts ? `, ${whole(a.minutes)} min` : ''),
      beside: tell('twin-4', { sprouts: whole(b.sprouts) }),
      tone: 'color-mix(in srgb, var(--leaf) 50%, var(--sheet))',
    },
    {
      name: tell('wounds-open'),
      most: Math.max(4, made),
      value: a.wounds_open,
      twin: b.wounds_open,
      second: c?.wounds_open ?? null,
      says: whole(a.wounds_open),
      beside: made
        ? tell('closed-2', { count: whole(Math.max(0, made - a.wounds_open)) })
        : tell('none-made'),
      tone: 'color-mix(in srgb, var(--ink) 35%, var(--sheet))',
    },
  ]
}
const events = computed(() => data.value?.seasons.flatMap((s) => s.events) ?? [])
const eventsOf = (limb: string) => events.value.filter((e) => e.limb === limb)
/** What befell the whole tree, with its year. */
const befell = computed(
  () =>
    data.value?.seasons.flatMap((s) =>
      s.events.filter((e) => !e.limb).map((e) => ({ ...e, year: s.year })),
    ) ?? [],
)
const limbOf = (id: string) => frame.value?.limbs.find((l) => l.id === id)
const unmarked = computed(
  () => frame.value?.limbs.filter((l) => !m.cuts.value.some((c) => c.limb === l.id)) ?? [],
)
function pick(id: string, keep: number) {
  if (!id) return
  selected.value = id
  if (!m.cuts.value.some((c) => c.limb === id)) m.mark(id, keep)
}
const why = ref(false)
/** How far the figures shown lie apart over the weather of many seasons. */
const sure = computed(() => {
  const of = range.value
  if (!of) return ''
  const half = (what: 'height_m' | 'crop') =>
    Math.max(...shown.value.map((k) => (of.seasons[k]![what].high - of.seasons[k]![what].low) / 2))
  const crop = tell('crop-within', { count: Math.round(100 * half('crop')) })
  const size = tell('height-within', { which: lengthWords(half('height_m'), units.value) })
  return tell('by-the-weather-of-seasons', { size, crop, runs: of.runs })
})
</script>

<template>
  <div class="px-6 py-3 grid gap-3 max-[720px]:px-3">
    <p v-if="missing && !tree" class="wrong" role="alert">{{ sentence(missing) }}</p>
    <header class="flex flex-wrap gap-x-4 gap-y-2 items-center">
      <RouterLink v-if="tree" class="plate text-title" :to="`/tree/${id}/cut`">{{
        tree.name
      }}</RouterLink>
      <h1 class="text-head font-semibold">{{ tell('rehearsal') }}</h1>
      <p class="text-note text-ink2 max-[720px]:basis-full">
        {{ tell('nothing-is-logged-in-broken') }}
      </p>
      <div class="ml-auto flex gap-2 max-[720px]:ml-0">
        <button type="button" class="btn" :disabled="!m.cuts.value.length" @click="m.clear()">
          {{ tell('cut-it-again') }}
        </button>
        <RouterLink v-if="m.cuts.value.length" class="btn btn-go" :to="`/tree/${id}/cut/marks`">{{
          tell('plan-these-cuts')
        }}</RouterLink>
      </div>
    </header>
    <div v-if="tree && !drawn" class="grid gap-2 max-w-[60ch]">
      <p>
        {{ tell('only-the-size-of-this') }}
      </p>
      <RouterLink class="btn w-fit" :to="`/tree/${id}/limbs`">{{ tell('its-limbs') }}</RouterLink>
    </div>
    <p v-if="error" class="wrong" role="alert">{{ sentence(error) }}</p>
    <template v-if="data && drawn">
      <SeasonsAlong
        :trees="trees"
        :units="units"
        :from="180"
        :width="narrow ? 390 : 1232"
        :height="narrow ? 330 : 360"
        :wanted="data.wanted_m"
        :cuts="shown[0] === 0 ? m.cuts.value : []"
        :gone="shown[0] === 0 && m.cuts.value.length ? (m.answer.value?.gone ?? []) : []"
        :selected="selected"
        @pick="pick"
        @slide="m.slide"
        @settle="m.settle()"
      />
      <div class="flex flex-wrap gap-x-6 gap-y-1 items-center">
        <label class="label" for="ahead">{{
          narrow ? tell('season') : tell('last-drawing')
        }}</label>
        <input
          id="ahead"
          v-model.number="ahead"
          type="range"
          class="min-h-touch flex-1 min-w-40 max-w-[420px]"
          :min="narrow ? 0 : 1"
          :max="data.seasons.length - 1"
          :aria-valuetext="title(last)"
        />
        <span class="tag text-lead" data-test="ahead">{{ title(last) }}</span>
      </div>
      <div class="grid gap-x-4" :style="{ gridTemplateColumns: `repeat(${shown.length}, 1fr)` }">
        <section v-for="k in shown" :key="k" :aria-label="title(k)" data-test="season">
          <TwinBars :bars="barsOf(k)" />
        </section>
      </div>
      <p v-if="m.problem.value" class="wrong" role="alert">{{ m.problem.value }}</p>
      <p
        v-else-if="m.cuts.value.length && m.answer.value"
        :class="{ keep: !m.answer.value.against.fits }"
      >
        {{ m.answer.value.against.sentence }}
      </p>
      <div class="grid gap-x-11 gap-y-2 md:grid-cols-2 border-t-2 border-ink pt-2">
        <section :aria-label="tell('cuts-2')">
          <h2 class="text-part">{{ tell('your-cuts') }}</h2>
          <p v-if="!m.cuts.value.length" class="text-ink2">
            {{ tell('touch-a-limb-in-the-first') }}
          </p>
          <ol>
            <MarkRow
              v-for="(c, i) in m.cuts.value"
              :key="c.limb"
              :n="i + 1"
              :cut="c"
              :limb="limbOf(c.limb)"
              :events="eventsOf(c.limb)"
              :units="units"
              :on="selected === c.limb"
              @pick="selected = c.limb"
              @slide="m.slide(c.limb, $event)"
              @settle="m.settle()"
              @off="m.remove(c.limb)"
            />
          </ol>
          <label class="label" for="add-cut">{{ tell('cut-a-limb-off') }}</label>
          <PickOne
            id="add-cut"
            :model-value="''"
            class="field"
            @update:model-value="pick($event, 0)"
          >
            <option value="">{{ tell('choose-a-limb') }}</option>
            <option v-for="l in unmarked" :key="l.id" :value="l.id">{{ l.name }}</option>
          </PickOne>
          <div class="flex flex-wrap gap-2 mt-3">
            <button
              type="button"
              class="btn btn-small"
              :disabled="!m.canUndo.value"
              @click="m.undo()"
            >
              {{ tell('undo') }}
            </button>
            <button
              type="button"
              class="btn btn-small"
              :disabled="!m.canRedo.value"
              @click="m.redo()"
            >
              {{ tell('redo') }}
            </button>
            <button
              v-if="!second"
              type="button"
              class="btn btn-small"
              :disabled="!m.cuts.value.length"
              @click="r.keepAsSecond()"
            >
              {{ tell('keep-as-second-plan') }}
            </button>
            <button v-else type="button" class="btn btn-small" @click="r.dropSecond()">
              {{ tell('second-plan-away') }}
            </button>
            <button type="button" class="btn btn-small" @click="r.otherWeather()">
              {{ tell('other-weather') }}
            </button>
            <label class="flex items-center gap-2 min-h-touch">
              <input v-model="whitewash" type="checkbox" class="size-6" />
              {{ tell('bared-bark-whitewashed') }}
            </label>
          </div>
        </section>
        <section
          :aria-label="tell('what-comes-of-it')"
          aria-live="polite"
          class="grid gap-2 content-start"
        >
          <h2 class="text-part">{{ tell('what-comes-of-it') }}</h2>
          <p v-for="reason in data.reasons" :key="reason.code"><SaidText :text="reason.text" /></p>
          <p v-for="(e, i) in befell" :key="i" class="text-note">
            <b>{{ e.year }}</b> <SaidText :text="e.text" />
          </p>
          <p v-if="second" class="text-note">{{ tell('the-red-mark-on-each') }}</p>
          <p class="text-small text-ink2">
            {{ tell('how-sure-our-estimate', { sure }) }}
            <button type="button" class="underline min-h-6" @click="why = true">
              {{ tell('why') }}
            </button>
          </p>
          <WhyDialog
            v-model="why"
            :title="tell('rehearsal')"
            :sentence="tell('a-tree-grows-on-the')"
            :reasons="data.reasons"
          />
        </section>
      </div>
    </template>
  </div>
</template>
