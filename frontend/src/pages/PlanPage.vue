<script setup lang="ts">
/** The cut plan: for an aim and a day, the cuts that bring most within the limit; pinned, re-planned, compared, and made into a sheet. */
import { api, heed, sentence, type Schemas } from '@/api/client'
import { newId } from '@/api/ids'
import { useNarrow } from '@/composables/useNarrow'
import { useSettings } from '@/composables/useSettings'
import WorkingDialog from '@/controls/WorkingDialog.vue'
import ShareMeasure from '@/drawings/ShareMeasure.vue'
import TreeElevation from '@/drawings/TreeElevation.vue'
import { diameterWords, lengthWords, shareWords, windWords } from '@/geometry/measure'
import PlanCut from './plan/PlanCut.vue'
import PlanLeft from './plan/PlanLeft.vue'
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'

type Plan = Schemas['PlanOut']
const props = defineProps<{ id: string }>()
const route = useRoute()
const router = useRouter()
const queries = useQueryClient()
const { units } = useSettings()
const narrow = useNarrow()
const KEY = `billhook-plan-${props.id}`
interface Wish {
  goal: string
  day: string | null
  pinsIn: string[]
  pinsOut: string[]
  limit: number | null
  /** Points by finding, where they differ from the catalogue's. */
  weights: Record<string, number>
}
const wish = reactive<Wish>({
  goal: 'tidy',
  day: null,
  pinsIn: [],
  pinsOut: [],
  limit: null,
  weights: {},
  ...(JSON.parse(sessionStorage.getItem(KEY) ?? '{}') as Partial<Wish>),
})
watch(wish, () => sessionStorage.setItem(KEY, JSON.stringify(wish)))
const walkId = computed(() => (typeof route.query.walk === 'string' ? route.query.walk : null))
const body = computed(() => ({
  goal: wish.goal,
  day: wish.day,
  walk_id: walkId.value,
  pins_in: wish.pinsIn,
  pins_out: wish.pinsOut,
  limit: wish.limit,
  weights: wish.weights,
}))
const ask = (asked: typeof body.value) => heed(api.POST('/api/trees/{id}/plan', { params: { path: { id: props.id } }, body: asked }))
const {
  data: plan,
  error,
  isPending,
} = useQuery({ queryKey: ['plan', () => props.id, body, units], queryFn: () => ask(body.value), placeholderData: keepPreviousData })
const beside = ref<string | null>(null)
const { data: other } = useQuery({
  queryKey: ['plan', () => props.id, body, beside, units],
  queryFn: () => ask({ ...body.value, goal: beside.value! }),
  enabled: computed(() => beside.value !== null),
  placeholderData: keepPreviousData,
})
const shown = ref<'this' | 'other'>('this')
const drawn = computed(() => (shown.value === 'other' && beside.value && other.value ? other.value : plan.value))
const from = ref(180)

/** What the last change moved. */
const moved = ref('')
watch(plan, (now, before) => {
  if (!now || !before) return
  const [a, b] = [new Map(before.cuts.map((c) => [c.id, c.name])), new Map(now.cuts.map((c) => [c.id, c.name]))]
  const came = [...b].filter(([id]) => !a.has(id)).map(([, name]) => name)
  const went = [...a].filter(([id]) => !b.has(id)).map(([, name]) => name)
  const parts = [came.length ? `In: ${came.join('; ')}.` : '', went.length ? `Out: ${went.join('; ')}.` : '']
  moved.value = parts.filter(Boolean).join(' ')
})
function pin(id: string, how: 'in' | 'out' | null) {
  wish.pinsIn = wish.pinsIn.filter((p) => p !== id)
  wish.pinsOut = wish.pinsOut.filter((p) => p !== id)
  if (how === 'in') wish.pinsIn.push(id)
  if (how === 'out') wish.pinsOut.push(id)
}
const costOf = (p: Plan, limb: string) => p.preview?.cuts.find((c) => c.limb === limb)
const adviceOf = (p: Plan, limb: string) => p.preview?.advice.find((a) => a.limb === limb)
const rows = computed(() => {
  const of = (p: Plan | undefined) =>
    p && {
      height: p.preview ? lengthWords(p.preview.after.height_m, units.value) : '–',
      spread: p.preview ? lengthWords(p.preview.after.radius_m * 2, units.value) : '–',
      share: shareWords(p.share),
      fruit: String(p.preview?.cuts.reduce((sum, c) => sum + c.fruit_lost, 0) ?? 0),
      wounds: p.preview
        ? `${p.preview.cuts.filter((c) => !c.void).length}, to ${diameterWords(Math.max(0, ...p.preview.cuts.map((c) => c.wound_mm)), units.value)}`
        : 'none',
      minutes: `${Math.ceil(p.preview?.minutes ?? 0)} min`,
      crop: [p.crop.this_year, p.crop.next_year, p.crop.third_year].map((c) => (c < 0.0005 ? '0 %' : `−${shareWords(c)}`)).join(', '),
    }
  const [a, b] = [of(plan.value), beside.value ? of(other.value) : undefined]
  const names = {
    height: 'Height after',
    spread: 'Spread after',
    share: 'Canopy taken',
    fruit: 'Fruit on it',
    wounds: 'Wounds',
    minutes: 'Time on the tree',
    crop: 'Crop this, next, third year',
  }
  return Object.entries(names).map(([key, name]) => ({ name, a: a?.[key as keyof typeof names] ?? '', b: b?.[key as keyof typeof names] ?? '' }))
})
const goalName = (id: string) => plan.value?.goals.find((g) => g.id === id)?.name ?? id
const working = ref(false)
const trouble = ref('')
const busy = ref(false)
let sheetId = newId()
async function makeSheet() {
  const p = plan.value
  if (!p?.preview) return
  busy.value = true
  trouble.value = ''
  try {
    const sheet = { id: sheetId, frame_id: p.frame.id, cuts: p.cuts.map((c) => ({ limb: c.limb, keep_m: c.keep_m })), work: p.work, day: p.day }
    const made = await heed(api.POST('/api/trees/{id}/sheets', { params: { path: { id: props.id } }, body: sheet }))
    sheetId = newId()
    sessionStorage.removeItem(KEY)
    void queries.invalidateQueries()
    await router.push(`/sheet/${made.id}`)
  } catch (e) {
    trouble.value = sentence(e)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="page">
    <section class="draw" aria-label="The tree and its cuts">
      <template v-if="drawn">
        <div class="flex justify-between items-center px-4 pt-2 gap-2">
          <span class="tag text-ink2">from {{ windWords(from) }}</span>
          <span class="flex gap-2">
            <button
              v-if="beside"
              type="button"
              class="btn btn-small !min-h-11"
              :aria-pressed="shown === 'other'"
              @click="shown = shown === 'this' ? 'other' : 'this'"
            >
              Drawn: {{ goalName(shown === 'this' ? wish.goal : beside) }}
            </button>
            <button type="button" class="turn" aria-label="Walk round to the left" @click="from = (from + 345) % 360">‹</button>
            <button type="button" class="turn" aria-label="Walk round to the right" @click="from = (from + 15) % 360">›</button>
          </span>
        </div>
        <TreeElevation
          :frame="drawn.frame"
          :units="units"
          :from="from"
          :width="narrow ? 420 : 700"
          :height="narrow ? 400 : 640"
          :cap="drawn.cap_m"
          :reach="drawn.reach_m"
          plain
          :cuts="drawn.cuts.map((c) => ({ limb: c.limb, keep_m: c.keep_m }))"
          :gone="drawn.preview?.gone ?? []"
          :free="drawn.cuts.filter((c) => !c.share).map((c) => c.limb)"
          :after-height="drawn.preview?.after.height_m ?? null"
        />
      </template>
    </section>
    <div class="side">
      <div class="flex items-center gap-3">
        <h1 class="text-[1.7rem]">Cut plan</h1>
        <RouterLink class="plate" :to="`/tree/${id}`">{{ plan?.name ?? 'the tree' }}</RouterLink>
      </div>
      <p v-if="isPending">Weighing the cuts …</p>
      <p v-else-if="error" class="wrong" role="alert">{{ sentence(error) }}</p>
      <template v-if="plan">
        <fieldset>
          <legend class="label">What it is for</legend>
          <div class="flex flex-wrap gap-2">
            <button
              v-for="g in plan.goals"
              :key="g.id"
              type="button"
              class="goal"
              :class="{ on: wish.goal === g.id }"
              :aria-pressed="wish.goal === g.id"
              :data-goal="g.id"
              @click="wish.goal = g.id"
            >
              {{ g.name }}
            </button>
          </div>
          <p class="text-[0.95rem] mt-1">
            {{ plan.reasons[0]?.text }} <button type="button" class="underline min-h-6" @click="working = true">Working</button>
          </p>
        </fieldset>
        <div class="grid grid-cols-2 gap-3 items-end">
          <div>
            <label class="label" for="plan-day">Day</label>
            <input
              id="plan-day"
              type="date"
              class="field"
              :value="wish.day ?? plan.day"
              @change="wish.day = ($event.target as HTMLInputElement).value || null"
            />
          </div>
          <div>
            <label class="label" for="plan-limit">Limit {{ shareWords(plan.limit) }}{{ wish.limit === null ? ', of the day' : ', yours' }}</label>
            <input
              id="plan-limit"
              type="range"
              min="0"
              max="50"
              step="1"
              class="w-full min-h-11"
              :value="Math.round(plan.limit * 100)"
              :aria-valuetext="shareWords(plan.limit)"
              @change="wish.limit = Number(($event.target as HTMLInputElement).value) / 100"
            />
            <button v-if="wish.limit !== null" type="button" class="underline min-h-6" @click="wish.limit = null">the day’s limit again</button>
          </div>
        </div>
        <details>
          <summary class="tag py-2">What weighs how much{{ Object.keys(wish.weights).length ? ', yours' : '' }}</summary>
          <div class="grid grid-cols-2 gap-x-4 gap-y-1">
            <div v-for="w in plan.weights" :key="w.look">
              <label class="label" :for="`weigh-${w.look}`">{{ w.says }}, {{ wish.weights[w.look] ?? w.points }} points</label>
              <input
                :id="`weigh-${w.look}`"
                type="range"
                min="0"
                max="10"
                class="w-full min-h-11"
                :value="wish.weights[w.look] ?? w.points"
                @change="wish.weights = { ...wish.weights, [w.look]: Number(($event.target as HTMLInputElement).value) }"
              />
            </div>
          </div>
          <button v-if="Object.keys(wish.weights).length" type="button" class="underline min-h-11" @click="wish.weights = {}">
            as the aim has it again
          </button>
        </details>
        <ShareMeasure
          :pieces="plan.cuts.map((c, i) => ({ n: i + 1, share: c.share })).filter((c) => c.share)"
          :limit="plan.limit"
          :limit-says="`limit ${shareWords(plan.limit)}`"
          :year="Math.max(plan.limit, 0.2)"
          :used="0"
        />
        <p v-for="r in plan.reasons.slice(1)" :key="r.code" class="keep font-semibold" role="alert">{{ r.text }}</p>
        <p v-if="moved" role="status" class="text-[0.95rem]" data-test="moved">{{ moved }}</p>
        <section aria-label="Cut now">
          <h2 class="text-[1.25rem]">{{ plan.cuts.length ? 'Cut now' : 'Nothing to cut under this aim' }}</h2>
          <ol>
            <PlanCut
              v-for="(c, i) in plan.cuts"
              :key="c.id"
              :cut="c"
              :n="i + 1"
              :cost="costOf(plan, c.limb)"
              :advice="adviceOf(plan, c.limb)"
              :pinned="wish.pinsIn.includes(c.id)"
              @pin="pin(c.id, $event)"
            />
          </ol>
        </section>
        <section v-if="plan.left.length" aria-label="Left for now">
          <h2 class="text-[1.25rem]">Left for now</h2>
          <ul>
            <PlanLeft v-for="c in plan.left" :key="c.id" :cut="c" :out="wish.pinsOut.includes(c.id)" @pin="pin(c.id, $event)" />
          </ul>
        </section>
        <section aria-label="What it comes to">
          <div class="flex justify-between items-end gap-3">
            <h2 class="text-[1.25rem]">What it comes to</h2>
            <div>
              <label class="label" for="beside">Beside it</label>
              <select id="beside" v-model="beside" class="field">
                <option :value="null">no other plan</option>
                <option v-for="g in plan.goals.filter((g) => g.id !== wish.goal)" :key="g.id" :value="g.id">{{ g.name }}</option>
              </select>
            </div>
          </div>
          <table class="w-full mt-1" data-test="compare">
            <thead class="text-left">
              <tr>
                <th scope="col"><span class="sr-only">Measure</span></th>
                <th scope="col">{{ goalName(wish.goal) }}</th>
                <th v-if="beside" scope="col">{{ goalName(beside) }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="r in rows" :key="r.name" class="border-t border-rule">
                <th scope="row" class="text-left font-normal text-ink2 py-1">{{ r.name }}</th>
                <td class="num">{{ r.a }}</td>
                <td v-if="beside" class="num">{{ r.b }}</td>
              </tr>
            </tbody>
          </table>
        </section>
        <section v-if="plan.cuts.length" aria-label="After the cut" class="text-[0.95rem] grid gap-1">
          <h2 class="text-[1.25rem]">After the cut</h2>
          <p>{{ plan.clippings.reasons[0]!.text }}</p>
          <p v-if="plan.bark">Bared bark: {{ plan.bark.reasons[0]!.text }}</p>
          <p v-for="a in plan.regrowth" :key="a.code">{{ a.text }}</p>
          <p v-for="a in plan.after" :key="a.code">{{ a.text }}</p>
        </section>
        <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
        <button type="button" class="btn btn-go !min-h-14 text-xl" :disabled="!plan.preview || busy" @click="makeSheet">Make the cut sheet</button>
        <p class="text-[0.9rem] text-ink2">Look for fruit, nests and lines before every cut. Local rules on protected trees and quarantine decide.</p>
        <WorkingDialog
          v-model="working"
          title="Cut plan"
          :sentence="plan.reasons[0]?.text ?? ''"
          :reasons="[...plan.reasons, ...plan.crop.reasons]"
        />
      </template>
    </div>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 700fr) minmax(0, 580fr);
  min-height: calc(100dvh - 54px);
}
.draw {
  position: sticky;
  top: 0;
  align-self: start;
}
.side {
  background: var(--sheet);
  border-left: var(--line) solid var(--ink);
  padding: 14px 22px 24px;
  display: grid;
  gap: 12px;
  align-content: start;
}
.goal {
  min-height: 46px;
  padding: 6px 14px;
  border: var(--line) solid var(--ink);
  border-radius: 10px;
  font: 600 18px/1 var(--font-tag);
}
.goal.on {
  background: var(--ink);
  color: var(--paper);
}
.turn {
  width: 46px;
  height: 46px;
  border: var(--line) solid var(--ink);
  border-radius: 10px;
  background: var(--sheet);
  font: 600 26px/1 var(--font-tag);
}
@media (max-width: 900px) {
  .page {
    grid-template-columns: minmax(0, 1fr);
  }
  .draw {
    position: static;
  }
  .side {
    border-left: 0;
    border-top: var(--line) solid var(--ink);
    padding: 12px 14px 24px;
  }
}
</style>
