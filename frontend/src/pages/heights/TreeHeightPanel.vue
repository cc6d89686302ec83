<script setup lang="ts">
/**
 * Heights of one tree: which limb goes next, a shape laid over it, how it looks over seasons of a
 * school, who shades whom.
 */
import { decimals } from '@/words/numbers'
import tell from 'words:heights'
import SaidText from '@/controls/SaidText.vue'
import { useAim } from '@/composables/useAim'
import { useWays } from '@/composables/useWays'
import { api, heed, sentence, type Schemas, type Tree } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { useStage } from '@/composables/useStage'
import AimPanel from '@/controls/AimPanel.vue'
import { diameterWords, lengthWords, shareWords } from '@/geometry/measure'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref, toRef } from 'vue'
import AdoptForm from './AdoptForm.vue'
import SchoolCard from './SchoolCard.vue'
import ShapePanel from './ShapePanel.vue'

const props = defineProps<{ id: string; tree: Tree }>()
const { units } = useSettings()
const params = computed(() => ({ params: { path: { id: props.id } } }))
const ready = computed(() => !!props.tree.frame)
const { data: limbs, isFetched: ranked } = useQuery({
  queryKey: ['which-limb', toRef(props, 'id')],
  queryFn: () => heed(api.GET('/api/trees/{id}/which-limb', params.value)),
  enabled: computed(() => !!props.tree.frame?.drawn),
})
const { isFetched: aimed } = useAim(toRef(props, 'id'))
/** All at once, so that nothing moves under the eye. */
const shown = computed(() => aimed.value && (ranked.value || !props.tree.frame?.drawn))
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
const laid = ref<Schemas['EnvelopeOut'] | null>(null)
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
const cuts = computed(() => {
  if (season.value) return []
  if (laid.value) return laid.value.breaks.map((b) => ({ limb: b.limb, keep_m: b.keep_m }))
  const first = limbs.value?.limbs[0]
  return first ? [{ limb: first.limb, keep_m: first.keep_m }] : []
})
useStage(() => ({
  frame: season.value?.frame ?? null,
  cuts: cuts.value,
  edge: laid.value && !season.value ? laid.value.edge : undefined,
  plain: !!season.value || !!laid.value,
}))
</script>

<template>
  <div v-if="shown" class="grid gap-3 content-start">
    <AimPanel :tree-id="id" :height="tree.sizes.height_m" />
    <section v-if="limbs?.limbs.length" :aria-label="tell('which-limb')">
      <h2 class="text-part">{{ tell('which-limb-goes-next') }}</h2>
      <ol>
        <li v-for="(l, i) in limbs.limbs" :key="l.limb" class="limb" data-test="ranked">
          <b class="tag text-lead">{{ i + 1 }}</b>
          <div>
            <p class="font-semibold"><SaidText :text="l.reasons[0]?.text ?? ''" /></p>
            <p class="text-note"><SaidText :text="l.reasons[1]?.text ?? ''" /></p>
            <p class="text-small text-ink2">
              {{ tell('wound', { wound: diameterWords(l.wound_mm, units) })
              }}<template v-if="l.share !== null">{{
                tell('of-the-canopy', { share: shareWords(l.share) })
              }}</template
              >{{
                tell('fruit', {
                  fruit: l.fruit,
                  seasons:
                    l.seasons === null
                      ? tell('never-cut')
                      : l.seasons === 0
                        ? tell('cut-this-year')
                        : tell('cut-years-ago', { seasons: l.seasons }),
                })
              }}
            </p>
          </div>
          <span class="num">{{ decimals(l.points, 1) }}</span>
        </li>
      </ol>
      <p class="text-note text-ink2">
        {{ tell('the-others-are-tipped') }}
        <RouterLink class="link" :to="`/tree/${id}/cut`">{{ tell('plan-the-cuts') }}</RouterLink>
      </p>
    </section>
    <ShapePanel :tree-id="id" :ready="ready" @laid="laid = $event" />
    <section v-if="ready" :aria-label="tell('seasons')" class="grid gap-2">
      <div class="flex flex-wrap gap-4 items-end">
        <h2 class="text-part">
          {{ tell('seasons-2', { years: side.years })
          }}<template v-if="schools">{{
            tell('ways', { compared: schools.compared.length })
          }}</template>
        </h2>
        <div>
          <label class="label" for="seasons">{{ tell('seasons') }}</label>
          <input
            id="seasons"
            v-model.number="years"
            class="field w-24"
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
        <label class="label" for="season">{{
          tell('season-2', { year: year + 1, year2: grown.seasons[year]?.year })
        }}</label>
        <input
          id="season"
          v-model.number="year"
          type="range"
          min="0"
          :max="grown.seasons.length - 1"
          class="w-full min-h-touch"
        />
        <p v-if="season" data-test="season">
          {{
            tell('of-the-leaf-cut-tall', {
              cutName: season.cut_name
                ? tell('the-went-down', { cutName: season.cut_name }) + ' '
                : '',
              count: shareWords(Math.max(0, season.share)),
              height: lengthWords(season.height_m, units),
              crop: shareWords(season.crop),
            })
          }}
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
        v-if="schools || unfit"
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
    <section v-if="shade?.reasons.length && (schools || unfit)" :aria-label="tell('shade')">
      <h2 class="text-part">{{ tell('who-shades-whom-today') }}</h2>
      <p v-for="r in shade.reasons" :key="r.text" class="text-note">
        <SaidText :text="r.text" />
      </p>
    </section>
    <p class="text-small text-ink2">
      {{ tell('an-orchard-tripod-first-a') }}
    </p>
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
