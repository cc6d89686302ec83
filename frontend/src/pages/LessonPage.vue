<script setup lang="ts">
/**
 * One practice tree: look, decide, talk it over. A lesson of the course offers choices and works
 * without signal; another tree takes one's own marks.
 */
import tell from 'words:practice'
import { api, heed, sentence, type Cut, type Schemas } from '@/api/client'
import { useNarrow } from '@/composables/useNarrow'
import { useSettings } from '@/composables/useSettings'
import PickOne from '@/controls/PickOne.vue'
import SaidText from '@/controls/SaidText.vue'
import TreeElevation from '@/drawings/TreeElevation.vue'
import { dayWords } from '@/geometry/day'
import { lengthWords } from '@/geometry/measure'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import DebriefPanel from './practice/DebriefPanel.vue'
import { nextOf, taken, today, useProgress } from './practice/progress'
import MarkRow from './rehearse/MarkRow.vue'

const props = defineProps<{ id: string }>()
const route = useRoute()
const { units } = useSettings()
const narrow = useNarrow()
const seed = computed(() => Number(route.query.seed) || 0)
const free = computed(() => seed.value > 0)
const kind = computed(() => (route.query.kind as string) || undefined)
const path = computed(() => ({ path: { id: props.id } }))
const { data: lesson, error: lost } = useQuery({
  queryKey: ['lesson', () => props.id],
  queryFn: () => heed(api.GET('/api/practice/lessons/{id}', { params: path.value })),
  enabled: computed(() => !free.value),
  staleTime: Infinity,
})
const { data: other, error: missing } = useQuery({
  queryKey: ['practice-tree', () => props.id, seed, kind],
  queryFn: () =>
    heed(
      api.GET('/api/practice/trees/{id}', {
        params: { ...path.value, query: { seed: seed.value, kind: kind.value } },
      }),
    ),
  enabled: free,
  staleTime: Infinity,
})
const { data: all } = useQuery({
  queryKey: ['practice'],
  queryFn: () => heed(api.GET('/api/practice', {})),
  staleTime: Infinity,
})
const tree = computed(() => (free.value ? other.value : lesson.value))
const DANGERS: Record<string, string> = {
  get thorns() {
    return tell('thorns')
  },
  get ladder() {
    return tell('height-a-ladder')
  },
  get line() {
    return tell('a-power-line')
  },
  get sap() {
    return tell('sap-that-burns')
  },
}
const from = ref(180)
const looked = ref<string | null>(null)
const cuts = ref<Cut[]>([])
/** The day on which it would be cut; empty for the day of the story. */
const on = ref('')
const chosen = ref<number | null>(null)
const seen = ref<string[]>([])
const found = ref<Schemas['DebriefOut'] | null>(null)
const missed = ref<string[]>([])
const trouble = ref('')
const asking = ref(false)
watch([() => props.id, seed, kind], () => {
  looked.value = found.value = chosen.value = null
  cuts.value = []
  on.value = ''
  seen.value = []
  missed.value = []
})
const limbOf = (id: string) => tree.value?.frame.limbs.find((l) => l.id === id)
const clue = computed(() => tree.value?.clues.find((c) => c.limb === looked.value))
const shownCuts = computed((): Cut[] =>
  free.value || chosen.value === null
    ? cuts.value
    : (lesson.value?.choices[chosen.value]?.cuts ?? []),
)
const put = (limb: string, keep: number) => {
  const others = cuts.value.filter((c) => c.limb !== limb)
  cuts.value = cuts.value.some((c) => c.limb === limb)
    ? cuts.value.map((c) => (c.limb === limb ? { limb, keep_m: keep } : c))
    : [...others, { limb, keep_m: keep }]
}
function slide(limb: string, keep: number) {
  if (free.value && cuts.value.some((c) => c.limb === limb)) put(limb, keep)
}
const progress = useProgress()
function choose() {
  const choice = chosen.value === null ? null : lesson.value?.choices[chosen.value]
  if (!choice || !lesson.value) return
  const unseen = choice.wait ? [] : lesson.value.dangers.filter((d) => !seen.value.includes(d.id))
  missed.value = unseen.map((d) => d.text)
  found.value = choice.debrief
  const right = choice.right && !unseen.length
  progress.value = taken(progress.value, props.id, right, today(), all.value?.comes_back_days ?? [])
}
async function talk(wait: boolean) {
  asking.value = true
  trouble.value = ''
  try {
    const body = {
      seed: seed.value,
      kind: kind.value,
      cuts: wait ? [] : cuts.value,
      on: wait ? null : on.value || null,
      wait,
      seen: seen.value,
    }
    found.value = await heed(
      api.POST('/api/practice/trees/{id}/debrief', { params: path.value, body }),
    )
  } catch (error) {
    trouble.value = sentence(error)
  } finally {
    asking.value = false
  }
}
const course = computed(() => all.value?.troubles.filter((t) => t.lesson).map((t) => t.id) ?? [])
const next = computed(() => nextOf(course.value, progress.value, today()))
const again = () => {
  const of = kind.value ? `&kind=${kind.value}` : ''
  return `/practice/${props.id}?seed=${1 + Math.floor(Math.random() * 9000)}${of}`
}
</script>

<template>
  <div class="lesson">
    <p v-if="lost || missing" class="wrong m-4" role="alert">{{ sentence(lost ?? missing) }}</p>
    <section v-if="tree" class="draw" :aria-label="tell('the-tree-from-the-side')">
      <TreeElevation
        :frame="tree.frame"
        :units="units"
        :from="from"
        :width="narrow ? 390 : 590"
        :height="narrow ? 340 : 560"
        :cap="tree.wanted_m"
        :pot="tree.pot_l"
        :reach="2.05"
        :cuts="shownCuts"
        :selected="looked"
        :plain="!free"
        :touch="!free"
        @pick="(limb) => (looked = limb)"
        @slide="slide"
      />
      <div class="flex gap-2 px-3 pb-2">
        <button type="button" class="btn btn-small" @click="from = (from + 345) % 360">
          {{ tell('walk-left') }}
        </button>
        <button type="button" class="btn btn-small" @click="from = (from + 15) % 360">
          {{ tell('walk-right') }}
        </button>
      </div>
    </section>
    <div v-if="tree" class="words">
      <header class="grid gap-1">
        <p class="text-note">
          <RouterLink class="link" to="/practice">{{ tell('practice') }}</RouterLink>
          <template v-if="lesson && !free">{{
            tell('lesson-of', { n: lesson.n, course: course.length })
          }}</template>
        </p>
        <h1 class="text-head font-semibold">{{ tree.trouble.name }}</h1>
        <p>{{ tree.trouble.story }}</p>
        <p class="text-note text-ink2">
          {{
            tell('years-old-tall-today-is', {
              kindName: tree.kind_name,
              ageYears: tree.age_years,
              height: lengthWords(tree.frame.height_m, units),
              climateName: tree.climate_name,
              day: dayWords(tree.day),
            })
          }}
          <template v-if="tree.wanted_m"
            >{{ ' '
            }}{{ tell('its-room-is-high-from', { wanted: lengthWords(tree.wanted_m, units) })
            }}{{ ' ' }}</template
          >
        </p>
      </header>
      <section :aria-label="tell('what-you-see')" class="grid gap-1">
        <h2 class="text-part">{{ tell('look') }}</h2>
        <p v-if="!clue" class="text-note text-ink2">
          {{ tell('touch-a-limb-in-the') }}
        </p>
        <ul class="flex flex-wrap gap-2">
          <li v-for="c in tree.clues" :key="c.limb">
            <button
              type="button"
              class="btn btn-small"
              :aria-pressed="looked === c.limb"
              data-test="clue"
              @click="looked = c.limb"
            >
              {{ c.name }}
            </button>
          </li>
        </ul>
        <p v-if="looked" role="status" class="keep" data-test="looks">
          <b class="inline-block first-letter:uppercase">{{ limbOf(looked)?.name }}.</b>{{ ' ' }}
          <SaidText :text="clue?.looks ?? tell('nothing-about-it-asks-for')" />
          <button
            v-if="free && !cuts.some((c) => c.limb === looked)"
            type="button"
            class="btn btn-small ml-2"
            @click="put(looked!, 0)"
          >
            {{ tell('mark-a-cut') }}
          </button>
        </p>
      </section>
      <fieldset class="flex flex-wrap gap-x-5 gap-y-1">
        <legend class="label">{{ tell('before-a-cut-you-would') }}</legend>
        <label v-for="(says, d) in DANGERS" :key="d" class="flex items-center gap-2 min-h-touch">
          <input v-model="seen" type="checkbox" class="size-6" :value="d" :disabled="!!found" />
          {{ says }}
        </label>
      </fieldset>
      <section v-if="free" :aria-label="tell('decide')" class="grid gap-2">
        <h2 class="text-part">{{ tell('decide') }}</h2>
        <ol>
          <MarkRow
            v-for="(c, i) in cuts"
            :key="c.limb"
            :n="i + 1"
            :cut="c"
            :limb="limbOf(c.limb)"
            :events="[]"
            :units="units"
            :on="looked === c.limb"
            @pick="looked = c.limb"
            @slide="put(c.limb, $event)"
            @off="cuts = cuts.filter((x) => x.limb !== c.limb)"
          />
        </ol>
        <label class="label" for="on">{{ tell('when') }}</label>
        <PickOne id="on" v-model="on" class="field max-w-72">
          <option value="">{{ tell('today-3', { day: dayWords(tree.day) }) }}</option>
          <option v-for="d in tree.days.slice(1)" :key="d" :value="d">{{ dayWords(d) }}</option>
        </PickOne>
        <div class="flex flex-wrap gap-2">
          <button
            type="button"
            class="btn btn-go"
            :disabled="!cuts.length || asking"
            @click="talk(false)"
          >
            {{ tell('cut-so-and-talk-it') }}
          </button>
          <button type="button" class="btn" :disabled="asking" @click="talk(true)">
            {{ tell('leave-it-today-and-wait') }}
          </button>
        </div>
        <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      </section>
      <fieldset v-else-if="lesson" class="grid gap-2">
        <legend class="tag text-part">{{ tell('decide') }}</legend>
        <label v-for="(c, i) in lesson.choices" :key="i" class="choice" data-test="choice">
          <input v-model="chosen" type="radio" name="choice" class="size-6" :value="i" />
          <span class="first-letter:uppercase"><SaidText :text="c.says" /></span>
        </label>
        <button type="button" class="btn btn-go w-fit" :disabled="chosen === null" @click="choose">
          {{ tell('talk-it-over') }}
        </button>
      </fieldset>
      <DebriefPanel v-if="found" :found="found" :missed="missed" />
      <div v-if="found" class="flex flex-wrap gap-2">
        <RouterLink v-if="next && next !== id" class="btn btn-go" :to="`/practice/${next}`">{{
          tell('next-lesson')
        }}</RouterLink>
        <RouterLink class="btn" :to="again()">{{ tell('another-such-tree') }}</RouterLink>
        <RouterLink class="btn" to="/practice">{{ tell('the-course') }}</RouterLink>
      </div>
    </div>
  </div>
</template>

<style scoped>
.lesson {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
}
.draw {
  position: sticky;
  top: 0;
  align-self: start;
}
.words {
  display: grid;
  gap: 14px;
  align-content: start;
  padding: 14px 24px 28px;
  background: var(--sheet);
  border-left: var(--line) solid var(--ink);
  min-height: calc(100dvh - var(--head));
}
.choice {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 12px;
  align-items: center;
  border: var(--line) solid var(--ink);
  border-radius: 8px;
  padding: 8px 12px;
  min-height: var(--touch, 48px);
}
@media (max-width: 900px) {
  .lesson {
    grid-template-columns: minmax(0, 1fr);
  }
  .draw {
    position: static;
  }
  .words {
    border-left: 0;
    padding: 10px 14px 24px;
  }
}
</style>
