<script setup lang="ts">
/**
 * Cuts by counting: what to look for on a tree nobody has drawn, how many were taken and how
 * thick, the share with its range against the day, and into the log.
 */
import tell from 'words:tree'
import SaidText from '@/controls/SaidText.vue'
import { newId } from '@/api/ids'
import { api, heed, type Tree } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { useCount, type CountedCut } from '@/composables/useCount'
import { useSettings } from '@/composables/useSettings'
import AimPanel from '@/controls/AimPanel.vue'
import CountSteps from '@/controls/CountSteps.vue'
import CountTotal from '@/controls/CountTotal.vue'
import MeasureField from '@/controls/MeasureField.vue'
import RecipeLine from '@/controls/RecipeLine.vue'
import StepCount from '@/controls/StepCount.vue'
import VerdictBox from '@/controls/VerdictBox.vue'
import { dayWords } from '@/geometry/day'
import { diameterWords, lengthWords, shareWords } from '@/geometry/measure'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, reactive, ref, toRef, watch } from 'vue'
import { useWish } from '../plan/wish'

const props = defineProps<{ id: string; tree: Tree }>()
const { units } = useSettings()
const { wish } = useWish(props.id)
/** The aim holds between counting and the plan. */
const goal = toRef(wish, 'goal')
const sized = computed(() => props.tree.standing !== 'said')
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
/** What was counted by thickness, and by line of the recipe. */
const taken = ref<CountedCut[]>([])
const lines = reactive<Record<string, number>>({})
watch(goal, () => Object.keys(lines).forEach((k) => delete lines[k]))
const cuts = computed(() => [
  ...taken.value,
  ...(recipe.value?.lines ?? []).map((line, i) => ({
    class: line.class,
    n: lines[i] ?? 0,
    sprout: line.kind === 'sprout',
    dead: line.kind === 'dead' || line.kind === 'sucker',
  })),
])
const made = computed(() => cuts.value.filter((c) => c.n > 0))
const work = computed(() => recipe.value?.work ?? 'thin')
const trunk = computed(() => props.tree.sizes.trunk_mm)
const ready = computed(() => trunk.value !== null)
const { count, wrong } = useCount(() => props.id, made, work, ready)
const { act, busy, trouble, fields } = useAct()
const logged = ref('')
let entryId = newId()
async function log() {
  const body = {
    id: entryId,
    date: props.tree.day,
    work: work.value,
    cuts: made.value,
    who: '',
    note: '',
  }
  const said = await act(() =>
    heed(api.POST('/api/trees/{id}/counted', { params: { path: { id: props.id } }, body })),
  )
  if (!said) return
  logged.value = tell('in-the-log-cuts-about', {
    made: made.value.reduce((n, c) => n + c.n, 0),
    share: shareWords(count.value?.share ?? 0),
  })
  entryId = newId()
  taken.value = []
  Object.keys(lines).forEach((k) => delete lines[k])
}
const typed = ref<number | null>(null)
async function sayTrunk() {
  const body = { kind: 'trunk_mm', value: String(Math.round(typed.value!)), date: props.tree.day }
  await act(() =>
    heed(api.POST('/api/trees/{id}/observations', { params: { path: { id: props.id } }, body })),
  )
}
const print = () => window.print()
</script>

<template>
  <div class="grid gap-4">
    <VerdictBox v-if="recipe" :verdict="recipe.verdict" :tree-id="tree.id" />
    <section v-if="recipe" :aria-label="tell('what-to-look-for')" class="grid gap-2">
      <h2 class="text-head">{{ tell('what-to-look-for-and-count') }}</h2>
      <div class="flex flex-wrap gap-2" role="group" :aria-label="tell('what-it-is-for')">
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
      <p v-for="r in recipe.reasons" :key="r.code" class="text-ink2"><SaidText :text="r.text" /></p>
      <ol class="grid">
        <RecipeLine v-for="(line, i) in recipe.lines" :key="i" :line="line">
          <StepCount
            class="no-print"
            :label="tell('taken-of', { what: line.what })"
            :model-value="lines[i] ?? 0"
            @update:model-value="lines[i] = $event"
          />
        </RecipeLine>
      </ol>
    </section>
    <AimPanel v-if="goal === 'lower'" :tree-id="tree.id" :height="tree.sizes.height_m" />
    <button v-if="recipe?.lines.length" type="button" class="btn w-fit no-print" @click="print">
      {{ tell('print-this') }}
    </button>
    <section :aria-label="tell('how-many-did-you-take')" class="grid gap-1 no-print">
      <h2 class="text-head">{{ tell('how-many-did-you-take-how') }}</h2>
      <p v-if="trunk" class="text-ink2">
        {{ tell('weighed-against-the-trunk-across', { trunk: diameterWords(trunk, units) })
        }}<template v-if="tree.sizes.height_m">{{
          tell('the-tree-stands-tall', { height: lengthWords(tree.sizes.height_m, units) })
        }}</template
        >.
      </p>
      <form v-else class="grid gap-2" @submit.prevent="sayTrunk">
        <MeasureField
          v-model="typed"
          :label="tell('trunk-across-above-the-union')"
          kind="diameter"
          :placeholder="units === 'us' ? '4&quot;' : '110 mm'"
          :wrong="fields['/value']"
        />
        <button class="btn w-fit" :disabled="!typed || busy">
          {{ tell('weigh-against-this-trunk') }}
        </button>
      </form>
      <CountSteps v-if="trunk" v-model="taken" />
    </section>
    <section
      v-if="trunk && count"
      class="total grid gap-2 no-print"
      :aria-label="tell('what-it-comes-to')"
    >
      <CountTotal :count="count" :wrong="wrong" />
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <p v-if="logged" role="status">{{ logged }}</p>
      <button
        type="button"
        class="btn btn-go"
        :disabled="!made.length || busy || wrong"
        @click="log"
      >
        {{ tell('into-the-log-2', { day: dayWords(tree.day) }) }}
      </button>
    </section>
  </div>
</template>

<style scoped>
.total {
  position: sticky;
  bottom: var(--foot);
  background: var(--sheet);
  border-top: 2px solid var(--ink);
  padding: 8px 0 12px;
}
</style>
