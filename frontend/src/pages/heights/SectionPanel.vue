<script setup lang="ts">
/**
 * The section of a block: drag the wall and roof, scrub the sun, read hours, cost and the rules of
 * the trade.
 */
import { decimals } from '@/words/numbers'
import tell from 'words:heights'
import SaidText from '@/controls/SaidText.vue'
import DayField from '@/controls/DayField.vue'
import { months } from '@/geometry/day'
import PickOne from '@/controls/PickOne.vue'
import { api, heed, sentence, type Schemas } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import MeasureField from '@/controls/MeasureField.vue'
import WhyDialog from '@/controls/WhyDialog.vue'
import RowSection from '@/drawings/RowSection.vue'
import { diameterWords, heapWords, lengthWords, shareWords, windWords } from '@/geometry/measure'
import { hourWords, type Wall } from '@/geometry/section'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, reactive, ref, watch } from 'vue'

const props = defineProps<{ block: Schemas['BlockHeightsOut'] }>()
const emit = defineEmits<{ wall: [wall: Wall]; ready: [] }>()
const { units } = useSettings()
const bare = (p: Schemas['ProfileOut']): Wall => ({
  height_m: p.height_m,
  base_width_m: p.base_width_m,
  top_width_m: p.top_width_m,
  skirt_m: p.skirt_m,
})
const round = (w: Wall): Wall => ({
  height_m: +w.height_m.toFixed(2),
  base_width_m: +w.base_width_m.toFixed(2),
  top_width_m: +w.top_width_m.toFixed(2),
  skirt_m: +w.skirt_m.toFixed(2),
})
const cut = reactive<Wall>(round(bare(props.block.proposed)))
const now = computed(() => bare(props.block.profile))
const date = ref(props.block.date)
const step = ref<number | null>(null)
const climbs = ref<number | null>(null)
const obstacle = reactive({
  on: false,
  bearing: 180,
  distance: null as number | null,
  height: null as number | null,
  width: null as number | null,
})
const WINDS = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW']
watch(
  () => props.block.block_id,
  () => {
    Object.assign(cut, round(bare(props.block.proposed)))
    date.value = props.block.date
  },
)
watch(cut, () => emit('wall', { ...cut }), { immediate: true })
const body = computed(() => ({
  cut: { ...cut, pitch_deg: 0 },
  now: null,
  date: date.value,
  at_m: null,
  hours: null,
  step_m: climbs.value ?? 0,
  spacing_m: null,
  bearing_deg: null,
  obstacles:
    obstacle.on && obstacle.distance && obstacle.height
      ? [
          {
            bearing_deg: obstacle.bearing,
            distance_m: obstacle.distance,
            width_m: obstacle.width || obstacle.height,
            height_m: obstacle.height,
          },
        ]
      : [],
  units: units.value,
}))
const { data: view, error } = useQuery({
  queryKey: ['section', () => props.block.block_id, body],
  queryFn: () =>
    heed(
      api.POST('/api/blocks/{id}/section', {
        params: { path: { id: props.block.block_id } },
        body: body.value,
      }),
    ),
  placeholderData: keepPreviousData,
})
watch([view, error], ([now, wrong]) => (now || wrong) && emit('ready'), { immediate: true })
const hour = computed(() => {
  const steps = view.value?.steps ?? []
  return steps.length ? (steps[step.value ?? Math.floor(steps.length * 0.35)] ?? steps[0]!) : null
})
const facings = computed(
  () => view.value?.cut_walls.map((w) => tell('faces', { facing: windWords(w.facing_deg) })) ?? [],
)
/** The wall that gets the most sun, on which the hours asked for can be had. */
const sunny = computed(() => {
  const walls = view.value?.cut_walls
  return walls ? (walls[0]!.sun_hours[0]! >= walls[1]!.sun_hours[0]! ? 0 : 1) : 0
})
const spoken = (hours: number) =>
  `${Math.floor(hours)} h${Math.round((hours % 1) * 60) ? ` ${Math.round((hours % 1) * 60)}` : ''}`
const verdict = computed(() => {
  const v = view.value
  if (!v) return ''
  const each = [sunny.value, 1 - sunny.value].map((i) => {
    const wall = v.cut_walls[i]!
    const now = spoken(v.walls[i]!.sun_hours[0]!)
    return tell('facing-now', {
      sunHours: spoken(wall.sun_hours[0]!),
      facing: windWords(wall.facing_deg),
      now,
    })
  })
  const high = lengthWords(cut.height_m, units.value)
  return tell('at-the-low-wall-gets', { high, each: each.join(tell('and-between')) })
})
/** Beyond this no grower keeps a row, so that it means any height. */
const ANY = 12
const tallest = computed(() => {
  const v = view.value
  if (!v) return ''
  const words = v.tallest_m.map((t, i) => {
    const wall = tell('the-wall-facing', { facing: windWords(v.cut_walls[i]!.facing_deg) })
    if (t === null) return tell('never-gets-h', { wall, hours: v.hours })
    const where =
      t >= ANY ? tell('at-any-height') : tell('up-to-2', { length: lengthWords(t, units.value) })
    return tell('gets-h', { wall, hours: v.hours, where })
  })
  return words.join('; ')
})
const lost = (s: number) => (s < 0.0005 ? '0 %' : `−${shareWords(s)}`)
const working = ref(false)
</script>

<template>
  <p v-if="!view && !error">{{ tell('working-out-the-sun') }}</p>
  <section v-else :aria-label="tell('section')" class="grid gap-2">
    <p class="keep text-lead" role="status" data-test="sun-verdict">
      <b class="tag text-part">{{ verdict }}</b>
      <button type="button" class="link ml-2" @click="working = true">{{ tell('why') }}</button>
    </p>
    <p class="text-note">{{ tallest ? tell('on-this-day', { tallest }) : '' }}</p>
    <p v-if="error" class="wrong" role="alert">{{ sentence(error) }}</p>
    <RowSection
      :now="now"
      :cut="cut"
      :spacing="block.spacing_m"
      :units="units"
      :view="view ?? null"
      :step="hour"
      :rows="block.rows.length > 2 ? block.rows.slice(0, 3) : block.rows"
      :facings="facings"
      @drag="Object.assign(cut, $event)"
    />
    <div v-if="view" class="scrub">
      <label class="label" for="scrub">{{
        tell('the-sun-at-solar-time', { hour: hour ? hourWords(hour.hour) : '' })
      }}</label>
      <input
        id="scrub"
        type="range"
        min="0"
        :max="view.steps.length - 1"
        class="w-full min-h-touch"
        :value="step ?? Math.floor(view.steps.length * 0.35)"
        :aria-valuetext="hour ? hourWords(hour.hour) : ''"
        @input="step = Number(($event.target as HTMLInputElement).value)"
      />
    </div>
    <p class="label">{{ tell('to-try-out-drag-the') }}</p>
    <div class="fields">
      <MeasureField
        :label="tell('roof-2')"
        kind="length"
        :model-value="cut.height_m"
        @update:model-value="$event && (cut.height_m = $event)"
      />
      <MeasureField
        :label="tell('across-at-the-foot')"
        kind="length"
        :model-value="cut.base_width_m"
        @update:model-value="$event && (cut.base_width_m = $event)"
      />
      <MeasureField
        :label="tell('across-at-the-shoulder')"
        kind="length"
        :model-value="cut.top_width_m"
        @update:model-value="$event !== null && (cut.top_width_m = $event)"
      />
      <MeasureField
        :label="tell('skirt')"
        kind="length"
        :model-value="cut.skirt_m"
        @update:model-value="$event !== null && (cut.skirt_m = $event)"
      />
      <MeasureField
        :label="tell('next-row-higher-by')"
        kind="length"
        :model-value="climbs"
        :placeholder="tell('level')"
        @update:model-value="climbs = $event"
      />
      <div>
        <label class="label" for="section-day">{{ tell('day') }}</label>
        <DayField id="section-day" v-model="date" required />
      </div>
    </div>
    <p class="text-note"><SaidText :text="block.inner.text" /></p>
    <details>
      <summary class="tag py-2">
        {{ tell('a-tree-house-or-hill', { which: obstacle.on ? tell('counted') : '' }) }}
      </summary>
      <div class="fields">
        <label class="flex gap-2 items-center min-h-touch"
          ><input v-model="obstacle.on" type="checkbox" /> {{ tell('count-it') }}</label
        >
        <div>
          <label class="label" for="stands">{{ tell('it-stands-to-the') }}</label>
          <PickOne id="stands" v-model="obstacle.bearing" class="field">
            <option v-for="(w, i) in WINDS" :key="w" :value="i * 45">{{ w }}</option>
          </PickOne>
        </div>
        <MeasureField
          :label="tell('so-far-away')"
          kind="length"
          :model-value="obstacle.distance"
          @update:model-value="obstacle.distance = $event"
        />
        <MeasureField
          :label="tell('so-tall')"
          kind="length"
          :model-value="obstacle.height"
          @update:model-value="obstacle.height = $event"
        />
        <MeasureField
          :label="tell('so-wide')"
          kind="length"
          :model-value="obstacle.width"
          :placeholder="tell('as-tall')"
          @update:model-value="obstacle.width = $event"
        />
      </div>
    </details>
    <figure v-if="view" data-test="year-of-sun">
      <figcaption class="label">
        {{
          tell('sun-on-the-low-wall', {
            facings: facings.join(tell('and-between')),
            at: lengthWords(view.at_m, units),
          })
        }}
      </figcaption>
      <ul class="months">
        <li v-for="(m, i) in view.year" :key="i">
          <span class="bars" aria-hidden="true"
            ><i :style="{ height: `${m[0]! * 5}px` }" /><u :style="{ height: `${m[1]! * 5}px` }"
          /></span>
          <b class="tag block">{{ months()[i] }}</b>
          <span class="num text-small"
            >{{ decimals(m[0]!, 1) }}<br />{{ decimals(m[1]!, 1) }} h</span
          >
        </li>
      </ul>
    </figure>
    <div v-if="view" class="grid gap-x-8 gap-y-2 md:grid-cols-2">
      <div>
        <h2 class="text-lead">{{ tell('what-the-cut-takes') }}</h2>
        <dl class="facts">
          <dt>
            {{ tell('of-of-row', { which: units === 'us' ? tell('a-yard') : tell('a-metre') }) }}
          </dt>
          <dd class="num">
            {{ heapWords(view.cost.volume_m3 * (units === 'us' ? 0.9144 : 1), units) }},
            {{ shareWords(view.cost.volume_share) }}
          </dd>
          <dt>{{ tell('of-the-bearing-shell') }}</dt>
          <dd class="num">{{ shareWords(view.cost.shell_share) }}</dd>
          <dt>{{ tell('thickest-wood-at-the-wall') }}</dt>
          <dd class="num">
            {{ diameterWords(view.cost.wood_mm, units) }},
            {{ view.cost.bar ? tell('a-saw-bar-takes-it') : tell('by-hand-to-a-side') }}
          </dd>
          <dt>{{ tell('crop-this-next-third-year') }}</dt>
          <dd class="num">
            {{ lost(view.cost.crop.this_year) }}, {{ lost(view.cost.crop.next_year) }},
            {{ lost(view.cost.crop.third_year) }}
          </dd>
          <template v-if="view.cost.crop.picked"
            ><dt>{{ tell('ripe-fruit-on-it') }}</dt>
            <dd class="num">{{ lost(view.cost.crop.picked) }}</dd></template
          >
        </dl>
      </div>
      <div>
        <h2 class="text-lead">{{ tell('rules-of-the-trade') }}</h2>
        <ul class="text-note">
          <li v-for="r in view.rules" :key="r.id" class="border-t border-rule py-1">
            <b>{{ r.kept ? tell('kept') : tell('broken') }}</b> <SaidText :text="r.reason.text" />{{
              ' '
            }}
            <span class="text-ink2">({{ r.reason.school }})</span>
          </li>
        </ul>
      </div>
    </div>
    <WhyDialog
      v-if="view"
      v-model="working"
      :title="tell('section')"
      :sentence="verdict"
      :reasons="[...view.cost.reasons, ...view.rules.map((r) => r.reason)]"
    />
  </section>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 10px;
  align-items: end;
}
.months {
  display: grid;
  grid-template-columns: repeat(12, minmax(0, 1fr));
  gap: 6px;
  text-align: center;
  line-height: 1.15;
}
.bars {
  display: flex;
  align-items: flex-end;
  justify-content: center;
  gap: 3px;
  height: 72px;
}
.bars i,
.bars u {
  width: 12px;
  border: 1.4px solid var(--ink);
}
.bars i {
  background: var(--fruit);
}
@media (max-width: 640px) {
  .months {
    grid-template-columns: repeat(6, minmax(0, 1fr));
  }
}
.facts {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 3px 16px;
  font-size: var(--text-note);
}
.facts dt {
  color: var(--ink2);
}
</style>
