<script setup lang="ts">
/** A block drawn on the plan: its corners there, the rest here; its rows are counted out. */
import { grouped } from '@/words/numbers'
import tell from 'words:grove'
import { api, heed, Refused, sentence, type Grove, type GroveTree } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { useNames } from '@/composables/useNames'
import { useSettings } from '@/composables/useSettings'
import MeasureField from '@/controls/MeasureField.vue'
import PickOne from '@/controls/PickOne.vue'
import WordField from '@/controls/WordField.vue'
import { rectangle } from '@/drawings/plan/draft'
import { lengthWords } from '@/geometry/measure'
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, nextTick, reactive, ref, useId, watch } from 'vue'
import type { Drafting } from './useDraft'

const props = defineProps<{
  grove: Grove
  siteId: string
  /** Those that stand there already. */
  trees: GroveTree[]
  drafting: Drafting
}>()
const emit = defineEmits<{ done: [] }>()
const { units } = useSettings()
const { rows, cultivars } = useNames()
const { act, busy, fields, trouble } = useAct()
const id = useId()
const said = reactive({
  block: '',
  species: '',
  cultivar: '',
  rootstock: '',
  planted_year: new Date(props.grove.day).getFullYear(),
  row_spacing_m: null as number | null,
  spacing_m: null as number | null,
  bearing_deg: null as number | null,
})
const field = reactive({ long: null as number | null, wide: null as number | null })
/** Room beside what stands there already, m. */
const GAP = 15
function setBeside() {
  if (!field.long || !field.wide) return
  const least = (of: (t: GroveTree) => number) =>
    props.trees.reduce((low, t) => Math.min(low, of(t)), Infinity)
  const [west, south] = props.trees.length ? [least((t) => t.x), least((t) => t.y) - GAP] : [0, 0]
  props.drafting.outlined(rectangle({ x: west, y: south }, field.long, field.wide, 90))
}
const outline = computed(() => ({
  site_id: props.siteId,
  corners: props.drafting.corners.value.map(({ x, y }): [number, number] => [x, y]),
  row_spacing_m: said.row_spacing_m,
  spacing_m: said.spacing_m,
  bearing_deg: said.bearing_deg,
  species: said.species || null,
}))
const asked = refDebounced(outline, 150)
const planted = ref(false)
const { data: counted, error } = useQuery({
  queryKey: ['count-out', asked],
  queryFn: () => heed(api.POST('/api/blocks/count-out', { body: asked.value })),
  enabled: () =>
    !planted.value &&
    asked.value.corners.length > 2 &&
    !!(asked.value.spacing_m || asked.value.species),
  retry: false,
})
/** Row and place of each spot, in the order they are drawn. */
const numbers = ref<[number, number][]>([])
watch(counted, (found) => {
  if (!found) return
  numbers.value = found.rows.flatMap((row, r) =>
    row.map((_, p): [number, number] => [r + 1, p + 1]),
  )
  const spots = found.rows.flat().map(([x, y]) => ({ x: x!, y: y! }))
  props.drafting.lay(props.drafting.corners.value, spots)
})
watch(
  () => [said.row_spacing_m, said.spacing_m, said.bearing_deg, said.species],
  () => props.drafting.outlined(props.drafting.corners.value),
)
const wrong = computed(() =>
  error.value instanceof Refused ? { ...error.value.fields, ...fields.value } : fields.value,
)
const trees = computed(() => props.drafting.spots.value.length - props.drafting.empty.value.size)
const ready = computed(() => counted.value && trees.value > 0 && said.block.trim() && said.species)
async function plant() {
  const skipped = [...props.drafting.empty.value].map((n) => numbers.value[n]!)
  const body = {
    ...outline.value,
    block: said.block.trim(),
    species: said.species,
    planted_year: said.planted_year,
    cultivar: said.cultivar || null,
    rootstock: said.rootstock || null,
    skipped,
  }
  const done = await act(async () => {
    await heed(api.POST('/api/blocks', { body }))
    planted.value = true
    await nextTick() // what stands there now is not counted out once more
  })
  if (done) emit('done')
}
</script>

<template>
  <form class="grid gap-3" :aria-label="tell('a-block-to-be-drawn')" @submit.prevent="plant">
    <div class="flex items-center gap-3">
      <h1 class="text-title">{{ tell('draw-a-block') }}</h1>
      <button type="button" class="link ml-auto" @click="emit('done')">
        {{ tell('leave-it-2') }}
      </button>
    </div>
    <p class="text-note">
      {{ tell('touch-the-plan-at-each') }}
    </p>
    <details>
      <summary class="tag text-lead">{{ tell('or-say-how-long-and') }}</summary>
      <div class="grid grid-cols-2 gap-3 mt-2">
        <MeasureField v-model="field.long" :label="tell('long-west-to-east')" kind="length" />
        <MeasureField v-model="field.wide" :label="tell('wide-north-to-south')" kind="length" />
      </div>
      <button
        type="button"
        class="btn btn-small mt-2"
        :disabled="!field.long || !field.wide"
        @click="setBeside"
      >
        {{ tell('set-it-beside-the-others') }}
      </button>
    </details>
    <p v-if="wrong['/corners']" class="wrong" role="alert" data-test="outline-wrong">
      {{ tell('the-outline', { wrong: wrong['/corners'] }) }}
    </p>
    <div class="grid grid-cols-2 gap-3">
      <div>
        <label class="label" :for="`${id}-name`">{{ tell('its-name') }}</label>
        <input :id="`${id}-name`" v-model="said.block" class="field" maxlength="60" />
        <p v-if="wrong['/block']" class="wrong">{{ wrong['/block'] }}</p>
      </div>
      <div>
        <label class="label" :for="`${id}-year`">{{ tell('planted-year') }}</label>
        <input
          :id="`${id}-year`"
          v-model.number="said.planted_year"
          type="number"
          min="1850"
          max="2200"
          class="field"
        />
        <p v-if="wrong['/planted_year']" class="wrong">{{ wrong['/planted_year'] }}</p>
      </div>
      <div>
        <label class="label" :for="`${id}-kind`">{{ tell('kind') }}</label>
        <PickOne :id="`${id}-kind`" v-model="said.species" class="field">
          <option value="" disabled>{{ tell('pick-one') }}</option>
          <option v-for="s in rows('species')" :key="s.id" :value="s.id">{{ s.name }}</option>
        </PickOne>
      </div>
      <div>
        <label class="label" :for="`${id}-cultivar`">{{ tell('cultivar') }}</label>
        <PickOne :id="`${id}-cultivar`" v-model="said.cultivar" class="field">
          <option value="">{{ tell('not-known') }}</option>
          <option v-for="c in cultivars(said.species)" :key="c.id" :value="c.id">
            {{ c.name }}
          </option>
        </PickOne>
        <p v-if="wrong['/cultivar']" class="wrong">{{ wrong['/cultivar'] }}</p>
      </div>
      <MeasureField
        v-model="said.row_spacing_m"
        :label="tell('between-rows')"
        kind="length"
        :placeholder="counted ? lengthWords(counted.row_spacing_m, units) : undefined"
        :wrong="wrong['/row_spacing_m']"
      />
      <MeasureField
        v-model="said.spacing_m"
        :label="tell('between-trees-in-a-row')"
        kind="length"
        :placeholder="counted ? lengthWords(counted.spacing_m, units) : undefined"
        :wrong="wrong['/spacing_m']"
      />
      <div class="col-span-2">
        <label class="label" :for="`${id}-stock`">{{ tell('rootstock') }}</label>
        <PickOne :id="`${id}-stock`" v-model="said.rootstock" class="field">
          <option value="">{{ tell('not-known') }}</option>
          <option v-for="s in rows('rootstocks')" :key="s.id" :value="s.id">{{ s.name }}</option>
        </PickOne>
      </div>
    </div>
    <WordField
      v-model="said.bearing_deg"
      :label="tell('rows-run-to-empty-for')"
      kind="direction"
      :wrong="wrong['/bearing_deg']"
    />
    <p role="status" data-test="counted-out">
      <template v-if="counted && drafting.spots.value.length">
        <b>{{ counted.rows.length }} {{ tell('rows-2', { rows: counted.rows.length }) }}</b
        >{{ tell('trees-2', { trees: grouped(trees) })
        }}<template v-if="drafting.empty.value.size">{{
          tell('left-empty', { size: drafting.empty.value.size })
        }}</template
        >{{
          tell('between-rows-between-trees', {
            rowSpacing: lengthWords(counted.row_spacing_m, units),
            spacing: lengthWords(counted.spacing_m, units),
          })
        }}{{ ' ' }}</template
      >
      <template v-else-if="drafting.corners.value.length < 3"
        >{{ ' '
        }}{{
          tell('more-at-least', {
            which: 3 - drafting.corners.value.length,
            which2: drafting.corners.value.length === 2 ? tell('corner') : tell('corners'),
          })
        }}{{ ' ' }}</template
      >
      <template v-else-if="!said.species && !said.spacing_m"
        >{{ ' ' }}{{ tell('pick-its-kind-rows-are') }}{{ ' ' }}</template
      >
    </p>
    <p v-if="trouble && !Object.keys(fields).length" class="wrong" role="alert">{{ trouble }}</p>
    <p v-else-if="error && !(error instanceof Refused)" class="wrong">{{ sentence(error) }}</p>
    <button class="btn btn-go" :disabled="!ready || busy">
      {{
        busy
          ? tell('planting')
          : trees > 0
            ? tell('plant-trees', { trees: grouped(trees) })
            : tell('plant-it')
      }}
    </button>
  </form>
</template>
