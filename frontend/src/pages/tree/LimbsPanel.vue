<script setup lang="ts">
/**
 * Measure, add, correct and remove limbs beside the drawing; each save is a new frame, the old one
 * stays.
 */
import tell from 'words:tree'
import PickOne from '@/controls/PickOne.vue'
import type { Limb, Tree } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import MeasureField from '@/controls/MeasureField.vue'
import WordField from '@/controls/WordField.vue'
import { diameterWords, lengthToTip, lengthWords } from '@/geometry/measure'
import { computed, reactive, ref, watch } from 'vue'
import { asLimb, freeId, measuredIn, useFrames, without, type LimbIn } from './frames'
import TrunkForm from './TrunkForm.vue'

const props = defineProps<{ tree: Tree; from: number; selected: string | null }>()
const emit = defineEmits<{ select: [limb: string | null] }>()
const { units } = useSettings()
type Draft = {
  id: string
  on: string
  at: number | null
  base: number | null
  tip: number | null
  length: number | null
  tipHeight: number | null
  rise: number | null
  bearing: number | null
  state: Limb['state']
  fruit: number
  foliage: number
  kind: string
  bloom: number | null
  flush: Limb['flush'] | ''
}
const frame = computed(() => props.tree.frame!)
const limb = computed(() => frame.value?.limbs.find((l) => l.id === props.selected) ?? null)
const adding = ref(false)
const blank = (): Draft => ({
  id: '',
  on: 'trunk',
  at: null,
  base: null,
  tip: null,
  length: null,
  tipHeight: null,
  rise: null,
  bearing: null,
  state: 'live',
  fruit: 0,
  foliage: 1,
  kind: '',
  bloom: null,
  flush: '',
})
const draft = reactive(blank())
const index = computed(() =>
  adding.value ? frame.value.limbs.length : frame.value.limbs.findIndex((l) => l.id === draft.id),
)
const { send, clear, fields, trouble, saving, crowded } = useFrames(
  () => ({ id: props.tree.id, frame: frame.value }),
  index,
)

function load(l: Limb | null) {
  // what was typed stays while the newer frame is fetched
  if (!l || adding.value || (crowded.value && draft.id === l.id)) return
  crowded.value = false
  Object.assign(draft, {
    id: l.id,
    on: l.on,
    at: l.at_m,
    base: l.base_mm,
    tip: l.tip_mm,
    length: l.length_m,
    tipHeight: null,
    rise: l.rise_deg,
    bearing: l.bearing_deg,
    state: l.state,
    fruit: l.fruit,
    foliage: l.foliage,
    kind: l.kind ?? '',
    bloom: l.bloom,
    flush: l.flush ?? '',
  })
  clear()
}
watch(limb, load, { immediate: true })
function start() {
  adding.value = true
  Object.assign(draft, blank(), { id: freeId(frame.value), on: limb.value?.id ?? 'trunk' })
  clear()
}
function stop() {
  adding.value = false
  load(limb.value)
}
/** Height above ground where the limb being entered starts. */
const startHeight = computed(() => {
  if (draft.on === 'trunk') return draft.at
  if (draft.on === 'soil') return 0
  const parent = frame.value.limbs.find((l) => l.id === draft.on)
  return parent && draft.at !== null
    ? parent.start[2]! + draft.at * Math.sin((parent.rise_deg * Math.PI) / 180)
    : null
})
const length = computed(() => {
  if (draft.tipHeight !== null && startHeight.value !== null && draft.rise !== null)
    return lengthToTip(startHeight.value, draft.tipHeight, draft.rise)
  return draft.length
})
const wrong = (field: string) => fields.value[`/frame/limbs/${index.value}/${field}`]
const ready = computed(
  () =>
    draft.base !== null &&
    draft.at !== null &&
    draft.rise !== null &&
    draft.bearing !== null &&
    length.value !== null,
)
async function save() {
  if (!ready.value) return
  const one: LimbIn = {
    id: draft.id,
    on: draft.on,
    at_m: draft.at!,
    base_mm: draft.base!,
    tip_mm: draft.tip,
    length_m: length.value!,
    rise_deg: draft.rise!,
    bearing_deg: draft.bearing!,
    state: draft.state as LimbIn['state'],
    foliage: draft.state === 'dead' ? 0 : draft.foliage,
    fruit: draft.fruit,
    headed_mm: adding.value ? 0 : (limb.value?.headed_mm ?? 0),
    kind: draft.kind || null,
    bloom: draft.bloom,
    flush: draft.flush || null,
  }
  const others = frame.value.limbs.map((l) => (l.id === one.id ? one : asLimb(l)))
  const limbs = adding.value ? [...others, one] : others
  const measured = [...new Set([...measuredIn(frame.value), one.id])]
  if (await send({ limbs, measured })) {
    adding.value = false
    emit('select', one.id)
  }
}
async function remove() {
  const left = without(frame.value, draft.id)
  const measured = left.filter((l) => l.measured).map((l) => l.id)
  if (await send({ limbs: left.map(asLimb), measured })) emit('select', null)
}
</script>

<template>
  <div v-if="!tree.frame" class="text-ink2">{{ tell('limbs-can-be-entered-once') }}</div>
  <div v-else class="flex flex-col gap-3">
    <p class="text-note text-ink2">
      {{
        tell('of-limbs-measured-trunk-broken', {
          limbs: frame.limbs.filter((l) => l.measured).length,
          limbs2: frame.limbs.length,
          trunk: diameterWords(frame.trunk_mm, units),
        })
      }}
    </p>
    <div class="flex gap-2">
      <button type="button" class="btn btn-small" :disabled="adding" @click="start">
        {{ tell('add-a-limb') }}
      </button>
      <RouterLink class="btn btn-small" :to="`/tree/${tree.id}/trace`">{{
        tell('trace-on-a-photo')
      }}</RouterLink>
      <label class="sr-only" for="limb-pick">{{ tell('limb-2') }}</label>
      <PickOne
        id="limb-pick"
        class="field field-small !py-1 flex-1"
        :disabled="adding"
        :model-value="selected ?? ''"
        @update:model-value="emit('select', $event || null)"
      >
        <option value="">{{ tell('pick-a-limb') }}</option>
        <option v-for="l in frame.limbs" :key="l.id" :value="l.id">
          {{ l.name }}{{ l.measured ? '' : ' ' + tell('sketched-2') }}
        </option>
      </PickOne>
    </div>
    <TrunkForm :frame="frame" :busy="saving" :fields="fields" :save="(trunk) => send({ trunk })" />
    <p v-if="trouble && !adding && !limb" class="wrong" role="alert">{{ trouble }}</p>
    <form
      v-if="adding || limb"
      class="grid grid-cols-2 gap-x-3 gap-y-2"
      :aria-label="tell('limb-2')"
      @submit.prevent="save"
    >
      <h2 class="col-span-2 text-part">{{ adding ? tell('new-limb') : limb!.name }}</h2>
      <div>
        <label class="label" for="limb-on">{{ tell('grows-on') }}</label>
        <PickOne id="limb-on" v-model="draft.on" class="field">
          <option value="trunk">{{ tell('the-trunk-2') }}</option>
          <option value="soil">{{ tell('the-soil') }}</option>
          <option
            v-for="l in frame.limbs.filter((x) => x.id !== draft.id)"
            :key="l.id"
            :value="l.id"
          >
            {{ l.name }}
          </option>
        </PickOne>
      </div>
      <MeasureField
        v-model="draft.at"
        :label="
          draft.on === 'trunk'
            ? tell('starts-above-ground')
            : draft.on === 'soil'
              ? tell('out-from-the-trunk')
              : tell('starts-along-that-limb')
        "
        kind="length"
        :wrong="wrong('at_m')"
      />
      <MeasureField
        v-model="draft.base"
        :label="tell('diameter-at-its-base')"
        kind="diameter"
        :wrong="wrong('base_mm')"
      />
      <MeasureField
        v-model="draft.tip"
        :label="tell('diameter-at-its-tip-if')"
        kind="diameter"
        :wrong="wrong('tip_mm')"
        :placeholder="units === 'metric' ? '6 mm' : '1/4&quot;'"
      />
      <WordField
        v-model="draft.bearing"
        :label="tell('direction')"
        kind="direction"
        :standing="from"
        :wrong="wrong('bearing_deg')"
      />
      <WordField
        v-model="draft.rise"
        :label="tell('slope')"
        kind="slope"
        :wrong="wrong('rise_deg')"
      />
      <MeasureField
        v-model="draft.length"
        :label="tell('length')"
        kind="length"
        :wrong="wrong('length_m')"
        @typed="draft.tipHeight = null"
      />
      <MeasureField v-model="draft.tipHeight" :label="tell('or-height-of-its-tip')" kind="length" />
      <div>
        <label class="label" for="limb-state">{{ tell('wood') }}</label>
        <PickOne id="limb-state" v-model="draft.state" class="field">
          <option value="live">{{ tell('alive-2') }}</option>
          <option value="dead">{{ tell('dead') }}</option>
          <option value="broken">{{ tell('broken') }}</option>
          <option value="diseased">{{ tell('diseased') }}</option>
        </PickOne>
      </div>
      <div>
        <label class="label" for="limb-kind">{{ tell('kind') }}</label>
        <PickOne id="limb-kind" v-model="draft.kind" class="field">
          <option value="">{{ tell('limb-3') }}</option>
          <option value="sprout">{{ tell('water-sprout') }}</option>
          <option value="sucker">{{ tell('sucker') }}</option>
        </PickOne>
      </div>
      <div>
        <label class="label" for="limb-fruit">{{ tell('fruit-on-it') }}</label>
        <input
          id="limb-fruit"
          v-model.number="draft.fruit"
          type="number"
          min="0"
          max="100000"
          class="field"
          :aria-invalid="!!wrong('fruit')"
        />
      </div>
      <div>
        <label class="label" for="limb-foliage">{{ tell('leaf-against-a-full-limb') }}</label>
        <PickOne id="limb-foliage" v-model="draft.foliage" class="field">
          <option
            v-for="f in [...new Set([1, 0.75, 0.5, 0.25, 0, draft.foliage])].sort((a, b) => b - a)"
            :key="f"
            :value="f"
          >
            {{ Math.round(f * 100) }} %
          </option>
        </PickOne>
      </div>
      <div>
        <label class="label" for="limb-bloom">{{ tell('ends-in-bloom') }}</label>
        <PickOne id="limb-bloom" v-model="draft.bloom" class="field">
          <option :value="null">{{ tell('not-looked-at') }}</option>
          <option
            v-for="b in [
              ...new Set([0, 0.25, 0.5, 0.75, 1, ...(draft.bloom === null ? [] : [draft.bloom])]),
            ]"
            :key="b"
            :value="b"
          >
            {{ Math.round(b * 100) }} %
          </option>
        </PickOne>
      </div>
      <div>
        <label class="label" for="limb-flush">{{ tell('young-leaf-on-it') }}</label>
        <PickOne id="limb-flush" v-model="draft.flush" class="field">
          <option value="">{{ tell('not-looked-at') }}</option>
          <option value="none">{{ tell('none') }}</option>
          <option value="soft">{{ tell('soft') }}</option>
          <option value="hard">{{ tell('hardened') }}</option>
        </PickOne>
      </div>
      <p v-if="draft.tipHeight !== null && length !== null" class="col-span-2 text-note text-ink2">
        {{ tell('that-makes-it-long', { length: lengthWords(length, units) }) }}
      </p>
      <p
        v-if="
          draft.tipHeight !== null && draft.rise !== null && startHeight !== null && length === null
        "
        class="wrong col-span-2"
      >
        {{ tell('a-limb-of-that-slope') }}
      </p>
      <p v-if="trouble" class="wrong col-span-2" role="alert">{{ trouble }}</p>
      <div class="col-span-2 flex gap-2 mt-1 pb-2">
        <button v-if="adding" type="button" class="btn" @click="stop">
          {{ tell('leave-it-2') }}
        </button>
        <button v-else type="button" class="btn" @click="remove">{{ tell('remove') }}</button>
        <button class="btn btn-go flex-1" :disabled="!ready || saving">
          {{
            saving ? tell('saving') : adding ? tell('add-this-limb') : tell('save-the-measurement')
          }}
        </button>
      </div>
    </form>
  </div>
</template>
