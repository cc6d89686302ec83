<script setup lang="ts">
/**
 * Heights of one tree: which limb goes next, a shape laid over it, how it looks over seasons of a
 * school, who shades whom.
 */
import { useWays } from '@/composables/useWays'
import { api, heed, sentence, type Schemas } from '@/api/client'
import { useNarrow } from '@/composables/useNarrow'
import { useSettings } from '@/composables/useSettings'
import { useTree } from '@/composables/useTree'
import AimPanel from '@/controls/AimPanel.vue'
import MeasureField from '@/controls/MeasureField.vue'
import WalkRound from '@/controls/WalkRound.vue'
import TreeElevation from '@/drawings/TreeElevation.vue'
import { diameterWords, lengthWords, shareWords } from '@/geometry/measure'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, reactive, ref, toRef } from 'vue'
import AdoptForm from './heights/AdoptForm.vue'
import SchoolCard from './heights/SchoolCard.vue'

type Shape = Schemas['OutlineIn']['shape']
const props = defineProps<{ id: string }>()
const { units } = useSettings()
const narrow = useNarrow()
const { data: tree, error, isPending } = useTree(toRef(props, 'id'), ref(undefined))
const from = ref(180)
const params = computed(() => ({ params: { path: { id: props.id } } }))
const ready = computed(() => !!tree.value?.frame)
const { data: limbs } = useQuery({
  queryKey: ['which-limb', toRef(props, 'id')],
  queryFn: () => heed(api.GET('/api/trees/{id}/which-limb', params.value)),
  enabled: computed(() => !!tree.value?.frame?.drawn),
})
const { data: shade } = useQuery({
  queryKey: ['shade', toRef(props, 'id')],
  queryFn: () => heed(api.GET('/api/trees/{id}/shade', params.value)),
  enabled: ready,
})
const { data: adopted } = useQuery({
  queryKey: ['rotations', toRef(props, 'id')],
  queryFn: () =>
    heed(api.GET('/api/rotations', { params: { query: { scope: 'tree', scope_id: props.id } } })),
})
const SHAPES: { id: Shape; name: string }[] = [
  { id: 'round', name: 'Upright round' },
  { id: 'globe', name: 'Globe' },
  { id: 'pyramid', name: 'Pyramid' },
  { id: 'wall', name: 'Wall' },
]
const WINDS = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW']
const laid = ref(false)
const outline = reactive({
  shape: 'round' as Shape,
  top: null as number | null,
  half: null as number | null,
  draw: 0,
  side: 180,
})
const asked = computed(() => ({
  shape: outline.shape,
  top_m: outline.top,
  half_m: outline.half,
  draw_in_m: outline.draw,
  draw_in_deg: outline.side,
}))
const { data: shape } = useQuery({
  queryKey: ['envelope', toRef(props, 'id'), asked],
  queryFn: () => heed(api.POST('/api/trees/{id}/envelope', { ...params.value, body: asked.value })),
  enabled: computed(() => ready.value && laid.value),
  placeholderData: keepPreviousData,
})
const years = ref(6)
const { ways, wayOf } = useWays()
const side = computed(() => ({
  schools: ways.value.filter((w) => w.one_tree).map((w) => w.id),
  years: Math.min(12, Math.max(3, Math.round(years.value) || 3)),
  by_machine: false,
  units: units.value,
}))
const { data: schools, error: unfit } = useQuery({
  queryKey: ['tree-schools', toRef(props, 'id'), side],
  queryFn: () =>
    heed(
      api.POST('/api/trees/{id}/schools', {
        ...params.value,
        body: side.value,
      }),
    ),
  enabled: computed(() => ready.value && !!ways.value.length),
  placeholderData: keepPreviousData,
})
const tallest = computed(() =>
  Math.max(1, ...(schools.value?.compared.flatMap((c) => c.height_m) ?? [])),
)
const school = ref('')
const year = ref(-1)
const { data: grown } = useQuery({
  queryKey: ['grown', toRef(props, 'id'), school, computed(() => side.value.years)],
  queryFn: () =>
    heed(
      api.POST('/api/trees/{id}/grown', {
        ...params.value,
        body: { school: school.value, years: side.value.years, cap_m: null },
      }),
    ),
  enabled: computed(() => ready.value && !!school.value),
})
function show(id: string) {
  school.value = school.value === id ? '' : id
  year.value = school.value ? 0 : -1
}
const season = computed(() =>
  school.value && year.value >= 0 ? (grown.value?.seasons[year.value] ?? null) : null,
)
const frame = computed(() => season.value?.frame ?? tree.value?.frame ?? null)
const cuts = computed(() => {
  if (season.value) return []
  if (laid.value) return shape.value?.breaks.map((b) => ({ limb: b.limb, keep_m: b.keep_m })) ?? []
  const first = limbs.value?.limbs[0]
  return first ? [{ limb: first.limb, keep_m: first.keep_m }] : []
})
</script>

<template>
  <p v-if="isPending" class="p-6">Fetching the tree …</p>
  <p v-else-if="error" class="p-6 wrong" role="alert">{{ sentence(error) }}</p>
  <div v-else-if="tree" class="beside">
    <section class="beside-draw" aria-label="The tree from the side">
      <WalkRound v-model="from" />
      <TreeElevation
        v-if="frame"
        :frame="frame"
        :units="units"
        :from="from"
        :width="narrow ? 420 : 700"
        :height="narrow ? 400 : 640"
        :cap="tree.cap_m"
        :reach="tree.reach_m"
        :cuts="cuts"
        :edge="laid && !season ? shape?.edge : undefined"
        plain
      />
      <p v-else class="p-6">Not drawn yet: give height, spread and trunk on the tree's own page.</p>
    </section>
    <div class="beside-words">
      <div class="flex items-center gap-3">
        <h1 class="text-[1.7rem]">Height of</h1>
        <RouterLink class="plate" :to="`/tree/${id}`">{{ tree.name }}</RouterLink>
      </div>
      <AimPanel :tree-id="id" :height="tree.sizes.height_m" />
      <section v-if="limbs?.limbs.length" aria-label="Which limb">
        <h2 class="text-[1.25rem]">Which limb goes next</h2>
        <ol>
          <li v-for="(l, i) in limbs.limbs" :key="l.limb" class="limb" data-test="ranked">
            <b class="tag text-lg">{{ i + 1 }}</b>
            <div>
              <p class="font-semibold">{{ l.reasons[0]?.text }}</p>
              <p class="text-[0.93rem]">{{ l.reasons[1]?.text }}</p>
              <p class="text-[0.9rem] text-ink2">
                wound {{ diameterWords(l.wound_mm, units)
                }}<template v-if="l.share !== null"
                  >, {{ shareWords(l.share) }} of the canopy</template
                >, {{ l.fruit }} fruit;
                {{
                  l.seasons === null
                    ? 'never cut'
                    : l.seasons === 0
                      ? 'cut this year'
                      : `cut ${l.seasons} ${l.seasons === 1 ? 'year' : 'years'} ago`
                }}
              </p>
            </div>
            <span class="num">{{ l.points.toFixed(1) }}</span>
          </li>
        </ol>
        <p class="text-[0.93rem] text-ink2">
          The others are tipped. Make the cuts on the tree's page, or let the plan weigh them:
          <RouterLink class="link" :to="`/tree/${id}/plan`">cut plan</RouterLink>.
        </p>
      </section>
      <section aria-label="A shape" class="grid gap-2">
        <label class="flex gap-2 items-center min-h-11"
          ><input v-model="laid" type="checkbox" />
          <b class="text-[1.1rem]">Lay a shape over it</b></label
        >
        <template v-if="laid">
          <div class="flex flex-wrap gap-2">
            <button
              v-for="s in SHAPES"
              :key="s.id"
              type="button"
              class="choice"
              :class="{ on: outline.shape === s.id }"
              :aria-pressed="outline.shape === s.id"
              @click="outline.shape = s.id"
            >
              {{ s.name }}
            </button>
          </div>
          <div class="grid grid-cols-3 gap-3 items-end">
            <MeasureField
              label="Top"
              kind="length"
              :model-value="outline.top"
              :placeholder="shape ? lengthWords(shape.top_m, units) : ''"
              @update:model-value="outline.top = $event"
            />
            <MeasureField
              label="From the trunk"
              kind="length"
              :model-value="outline.half"
              :placeholder="shape ? lengthWords(shape.half_m, units) : ''"
              @update:model-value="outline.half = $event"
            />
            <MeasureField
              label="Drawn in by"
              kind="length"
              :model-value="outline.draw || null"
              placeholder="0"
              @update:model-value="outline.draw = $event ?? 0"
            />
          </div>
          <div v-if="outline.draw" class="w-40">
            <label class="label" for="draw-side">On the side facing</label>
            <select id="draw-side" v-model.number="outline.side" class="field">
              <option v-for="(w, i) in WINDS" :key="w" :value="i * 45">{{ w }}</option>
            </select>
          </div>
          <p v-if="shape" role="status" data-test="breaks">
            <template v-if="!shape.breaks.length">Every limb keeps within it.</template>
            <template v-else-if="shape.breaks.length === 1">1 limb breaks it:</template>
            <template v-else>{{ shape.breaks.length }} limbs break it:</template>
            {{
              shape.breaks
                .slice(0, 5)
                .map((b) => `${b.name} by ${lengthWords(b.beyond_m, units)}`)
                .join('; ')
            }}
          </p>
        </template>
      </section>
      <section aria-label="Seasons" class="grid gap-2">
        <div class="flex flex-wrap gap-4 items-end">
          <h2 class="text-[1.25rem]">
            {{ side.years }} seasons, {{ schools?.compared.length ?? 0 }} ways
          </h2>
          <div>
            <label class="label" for="seasons">Seasons</label>
            <input
              id="seasons"
              v-model.number="years"
              class="field !min-h-11 w-24"
              type="number"
              min="3"
              max="12"
            />
          </div>
        </div>
        <p v-if="unfit" class="wrong" role="alert">{{ sentence(unfit) }}</p>
        <div v-if="schools" class="grid gap-3 sm:grid-cols-2">
          <SchoolCard
            v-for="c in schools.compared"
            :key="c.school"
            :school="c"
            :cap="schools.cap_m"
            :first="schools.first_year"
            :tallest="tallest"
            :chosen="school === c.school"
            @choose="show(c.school)"
          />
        </div>
        <template v-if="grown && school">
          <label class="label" for="season"
            >Season {{ year + 1 }}, {{ grown.seasons[year]?.year }}</label
          >
          <input
            id="season"
            v-model.number="year"
            type="range"
            min="0"
            :max="grown.seasons.length - 1"
            class="w-full min-h-11"
          />
          <p v-if="season" data-test="season">
            {{ season.cut_name ? `The ${season.cut_name} went down; ` : ''
            }}{{ shareWords(Math.max(0, season.share)) }} of the leaf cut,
            {{ lengthWords(season.height_m, units) }} tall after it grew, crop
            {{ shareWords(season.crop) }} of an uncut tree.
          </p>
          <AdoptForm
            v-if="
              wayOf(school)?.adopted &&
              !schools?.compared.find((c) => c.school === school)?.barred.length
            "
            scope="tree"
            :scope-id="id"
            :school="school"
            :school-name="grown.name"
            :years="side.years"
            :low="limbs?.low_m ?? 1.5"
            :tip="limbs?.tip_m ?? 2.5"
            :rotations="[]"
          />
        </template>
        <AdoptForm
          scope="tree"
          :scope-id="id"
          school=""
          school-name=""
          :years="6"
          :low="limbs?.low_m ?? 1.5"
          :tip="limbs?.tip_m ?? 2.5"
          :rotations="adopted?.rotations ?? []"
        />
      </section>
      <section v-if="shade?.reasons.length" aria-label="Shade">
        <h2 class="text-[1.25rem]">Who shades whom today</h2>
        <p v-for="r in shade.reasons" :key="r.text" class="text-[0.97rem]">{{ r.text }}</p>
      </section>
      <p class="text-[0.9rem] text-ink2">
        An orchard tripod first, a straight ladder four up to one out and never on the limb that is
        cut; lines: the utility decides.
      </p>
    </div>
  </div>
</template>

<style scoped>
.limb {
  display: grid;
  grid-template-columns: 22px 1fr auto;
  gap: 10px;
  border-top: 1px solid var(--rule);
  padding: 7px 0;
}
</style>
