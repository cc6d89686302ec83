<script setup lang="ts">
/**
 * Cuts by counting: what to look for on a tree nobody has drawn, how many were taken and how
 * thick, the share with its range against the day, and into the log.
 */
import { newId } from '@/api/ids'
import { api, heed } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { useNames } from '@/composables/useNames'
import { useSettings } from '@/composables/useSettings'
import AimPanel from '@/controls/AimPanel.vue'
import MeasureField from '@/controls/MeasureField.vue'
import StepCount from '@/controls/StepCount.vue'
import VerdictBox from '@/controls/VerdictBox.vue'
import CountMeasure from '@/drawings/CountMeasure.vue'
import ThicknessBar from '@/drawings/ThicknessBar.vue'
import { useTree } from '@/composables/useTree'
import { dayWords, diameterWords, lengthWords, shareWords } from '@/geometry/measure'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, reactive, ref, toRef, watch } from 'vue'

const props = defineProps<{ id: string }>()
const { units } = useSettings()
const { data: tree } = useTree(toRef(props, 'id'), ref(undefined))
const { rows, number } = useNames()
const classes = computed(() =>
  rows('thickness').map((c) => ({ ...c, mm: number(`thickness/${c.id}/mm`) ?? 0 })),
)
const thickest = computed(() => Math.max(1, ...classes.value.map((c) => c.mm)))
const goal = ref('tidy')
const sized = computed(() => tree.value?.standing !== 'said')
const { data: recipe } = useQuery({
  queryKey: ['recipe', () => props.id, goal, units],
  queryFn: () =>
    heed(
      api.POST('/api/trees/{id}/recipe', {
        params: { path: { id: props.id } },
        body: { goal: goal.value },
      }),
    ),
  enabled: sized,
  placeholderData: keepPreviousData,
})
/** By class, then whether it was a sprout of this season; and by line of the recipe. */
const taken = reactive<Record<string, number>>({})
const lines = reactive<Record<string, number>>({})
const sprouts = ref(false)
const key = (id: string) => `${id}|${sprouts.value}`
watch(goal, () => Object.keys(lines).forEach((k) => delete lines[k]))
const cuts = computed(() => [
  ...Object.entries(taken).map(([k, n]) => {
    const [id, sprout] = k.split('|')
    return { class: id!, n, sprout: sprout === 'true', dead: false }
  }),
  ...(recipe.value?.lines ?? []).map((line, i) => ({
    class: line.class,
    n: lines[i] ?? 0,
    sprout: line.kind === 'sprout',
    dead: line.kind === 'dead' || line.kind === 'sucker',
  })),
])
const made = computed(() => cuts.value.filter((c) => c.n > 0))
const work = computed(() => recipe.value?.work ?? 'thin')
const trunk = computed(() => tree.value?.sizes.trunk_mm ?? null)
const { data: count, error } = useQuery({
  queryKey: ['count', () => props.id, made, work, units],
  queryFn: () =>
    heed(
      api.POST('/api/trees/{id}/count', {
        params: { path: { id: props.id } },
        body: { work: work.value, cuts: made.value },
      }),
    ),
  enabled: computed(() => trunk.value !== null),
  placeholderData: keepPreviousData,
})
const percent = (share: number) => Math.round(share * 100)
const { act, busy, trouble, fields } = useAct()
const logged = ref('')
let entryId = newId()
async function log() {
  const body = {
    id: entryId,
    date: tree.value!.day,
    work: work.value,
    cuts: made.value,
    who: '',
    note: '',
  }
  const said = await act(() =>
    heed(api.POST('/api/trees/{id}/counted', { params: { path: { id: props.id } }, body })),
  )
  if (!said) return
  logged.value = `In the log: ${made.value.reduce((n, c) => n + c.n, 0)} cuts, about ${shareWords(count.value?.share ?? 0)} of the canopy.`
  entryId = newId()
  Object.keys(taken).forEach((k) => delete taken[k])
  Object.keys(lines).forEach((k) => delete lines[k])
}
const typed = ref<number | null>(null)
async function sayTrunk() {
  const body = { kind: 'trunk_mm', value: String(Math.round(typed.value!)), date: tree.value!.day }
  await act(() =>
    heed(api.POST('/api/trees/{id}/observations', { params: { path: { id: props.id } }, body })),
  )
}
const where = (line: { whole: boolean }) => (line.whole ? 'whole' : 'shortened')
</script>

<template>
  <div v-if="tree" class="max-w-xl mx-auto px-4 py-4 grid gap-4">
    <div class="flex flex-wrap items-center gap-3">
      <RouterLink class="plate text-[1.4rem]" :to="`/tree/${tree.id}`">{{ tree.name }}</RouterLink>
      <span class="text-ink2">{{ tree.kind_name }}</span>
    </div>
    <VerdictBox v-if="recipe" :verdict="recipe.verdict" :tree-id="tree.id" />
    <section v-if="recipe" aria-label="What to look for" class="grid gap-2">
      <h1 class="text-[1.6rem]">What to look for, and count</h1>
      <div class="flex flex-wrap gap-2" role="group" aria-label="What it is for">
        <button
          v-for="g in recipe.goals"
          :key="g.id"
          type="button"
          class="choice"
          :class="{ on: g.id === goal }"
          :aria-pressed="g.id === goal"
          @click="goal = g.id"
        >
          {{ g.name }}
        </button>
      </div>
      <p v-for="r in recipe.reasons" :key="r.code" class="text-ink2">{{ r.text }}</p>
      <ol class="grid">
        <li v-for="(line, i) in recipe.lines" :key="i" class="line" data-test="recipe-line">
          <div>
            <b class="tag text-lg">
              {{ line.share ? `up to ${line.n}` : 'all' }},
              {{ line.share ? `${line.class.replace('-', ' ')}-thick` : 'however thick' }},
              {{ where(line) }}
            </b>
            <p>{{ line.what }}; {{ line.where }}.</p>
            <p v-if="line.share" class="text-ink2">about {{ shareWords(line.share) }}</p>
          </div>
          <StepCount
            :label="`Taken of ${line.what}`"
            :model-value="lines[i] ?? 0"
            @update:model-value="lines[i] = $event"
          />
        </li>
      </ol>
    </section>
    <AimPanel v-if="goal === 'lower'" :tree-id="tree.id" :height="tree.sizes.height_m" />
    <section aria-label="How many did you take, how thick" class="grid gap-1">
      <h2 class="text-[1.5rem]">How many did you take, how thick?</h2>
      <p v-if="trunk" class="text-ink2">
        Weighed against the trunk, {{ diameterWords(trunk, units) }} across above the union<template
          v-if="tree.sizes.height_m"
          >; the tree stands {{ lengthWords(tree.sizes.height_m, units) }} tall</template
        >.
      </p>
      <form v-else class="grid gap-2" @submit.prevent="sayTrunk">
        <MeasureField
          v-model="typed"
          label="Trunk, across, above the union and below the first branch"
          kind="diameter"
          :placeholder="units === 'us' ? '4&quot;' : '110 mm'"
          :wrong="fields['/value']"
        />
        <button class="btn w-fit" :disabled="!typed || busy">Weigh against this trunk</button>
      </form>
      <template v-if="trunk">
        <div class="flex items-center justify-between gap-3 border-b-2 border-ink py-2">
          <span
            >sprouts of this season<br /><small class="text-ink2"
              >yes: the next ones count about a third</small
            ></span
          >
          <div class="flex" role="group" aria-label="Sprouts of this season">
            <button
              type="button"
              class="choice"
              :class="{ on: !sprouts }"
              :aria-pressed="!sprouts"
              @click="sprouts = false"
            >
              no
            </button>
            <button
              type="button"
              class="choice"
              :class="{ on: sprouts }"
              :aria-pressed="sprouts"
              @click="sprouts = true"
            >
              yes
            </button>
          </div>
        </div>
        <div v-for="c in classes" :key="c.id" class="line">
          <div class="flex items-center gap-3">
            <ThicknessBar :mm="c.mm" :most="thickest" />
            <span
              ><b class="tag text-lg">{{ c.name }}</b
              ><br /><small class="text-ink2">{{ diameterWords(c.mm, units) }}</small></span
            >
          </div>
          <StepCount
            :label="`${c.name}-thick${sprouts ? ' sprouts' : ''}`"
            :model-value="taken[key(c.id)] ?? 0"
            @update:model-value="taken[key(c.id)] = $event"
          />
        </div>
      </template>
    </section>
    <section v-if="trunk && count" class="total grid gap-2" aria-label="What it comes to">
      <h2 class="text-[1.5rem]" data-test="counted" role="status">
        {{ percent(count.share) }} %<template v-if="count.limit !== null">
          of {{ shareWords(count.limit) }} today</template
        >
        ({{ percent(count.low) }} to {{ percent(count.high) }})
      </h2>
      <CountMeasure :share="count.share" :low="count.low" :high="count.high" :limit="count.limit" />
      <p
        v-for="r in count.reasons.filter((r) => ['over-limit', 'may-be-over'].includes(r.code))"
        :key="r.code"
        class="keep"
      >
        {{ r.text }}
      </p>
      <p v-if="error" class="wrong" role="alert">
        More is cut than a trunk this thin bears; measure it again, or the cuts.
      </p>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <p v-if="logged" role="status">{{ logged }}</p>
      <button
        type="button"
        class="btn btn-go"
        :disabled="!made.length || busy || !!error"
        @click="log"
      >
        Into the log, {{ dayWords(tree.day) }}
      </button>
    </section>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
.total {
  position: sticky;
  bottom: 0;
  background: var(--paper);
  border-top: 2px solid var(--ink);
  padding: 8px 0 12px;
}
</style>
