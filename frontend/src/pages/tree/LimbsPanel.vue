<script setup lang="ts">
/**
 * Measure, add, correct and remove limbs beside the drawing; each save is a new frame, the old one
 * stays.
 */
import { api, heed, Refused, sentence, type Limb, type Schemas, type Tree } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { newId } from '@/api/ids'
import MeasureField from '@/controls/MeasureField.vue'
import WordField from '@/controls/WordField.vue'
import { diameterWords, lengthToTip, lengthWords } from '@/geometry/measure'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, reactive, ref, watch } from 'vue'

const props = defineProps<{ tree: Tree; from: number; selected: string | null }>()
const emit = defineEmits<{ select: [limb: string | null] }>()
const { units } = useSettings()
const queries = useQueryClient()
type LimbIn = Schemas['LimbIn']
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
}
const frame = computed(() => props.tree.frame!)
const limb = computed(() => frame.value?.limbs.find((l) => l.id === props.selected) ?? null)
const adding = ref(false)
const fields = ref<Record<string, string>>({})
const trouble = ref('')
const saving = ref(false)
const draft = reactive<Draft>({
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
})

/** Set when someone else was faster: what was typed stays while the newer frame is fetched. */
let holding = ''
function load(l: Limb | null) {
  if (!l || adding.value || holding === l.id) return
  holding = ''
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
  })
  fields.value = {}
  trouble.value = ''
}
watch(limb, load, { immediate: true })
function start() {
  adding.value = true
  const used = new Set(frame.value.limbs.map((l) => l.id))
  const n = Array.from({ length: 500 }, (_, i) => `m${i + 1}`).find((id) => !used.has(id))!
  Object.assign(draft, {
    id: n,
    on: limb.value?.id ?? 'trunk',
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
  })
  fields.value = {}
  trouble.value = ''
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
const index = computed(() =>
  adding.value ? frame.value.limbs.length : frame.value.limbs.findIndex((l) => l.id === draft.id),
)
const wrong = (field: string) => fields.value[`/frame/limbs/${index.value}/${field}`]
const asLimb = (l: Limb): LimbIn => ({
  id: l.id,
  on: l.on,
  at_m: l.at_m,
  base_mm: l.base_mm,
  tip_mm: l.tip_mm,
  length_m: l.length_m,
  rise_deg: l.rise_deg,
  bearing_deg: l.bearing_deg,
  state: l.state as LimbIn['state'],
  foliage: l.foliage,
  fruit: l.fruit,
  headed_mm: l.headed_mm,
  kind: l.kind,
})
const ready = computed(
  () =>
    draft.base !== null &&
    draft.at !== null &&
    draft.rise !== null &&
    draft.bearing !== null &&
    length.value !== null,
)
let frameId = newId()
const trunk = reactive<{ mm: number | null; height: number | null; union: number | null }>({
  mm: null,
  height: null,
  union: null,
})
const trunkOpen = ref(false)
watch(
  () => props.tree.frame?.id,
  () =>
    Object.assign(trunk, {
      mm: frame.value?.trunk_mm ?? null,
      height: frame.value?.trunk_m ?? null,
      union: frame.value?.union_m ?? null,
    }),
  { immediate: true },
)
const measuredNow = () => frame.value.limbs.filter((l) => l.measured).map((l) => l.id)
async function saveTrunk() {
  if (await send(frame.value.limbs.map(asLimb), measuredNow())) trunkOpen.value = false
}
async function send(limbs: LimbIn[], measured: string[]) {
  saving.value = true
  trouble.value = ''
  fields.value = {}
  try {
    const body = {
      id: frameId,
      previous_id: frame.value.id,
      frame: {
        union_m: trunk.union,
        trunk: {
          diameter_mm: trunk.mm ?? frame.value.trunk_mm,
          height_m: trunk.height ?? frame.value.trunk_m,
        },
        limbs,
      },
      measured,
    }
    const saved = await heed(
      api.POST('/api/trees/{id}/frames', { params: { path: { id: props.tree.id } }, body }),
    )
    frameId = newId()
    holding = ''
    queries.setQueryData(['tree', props.tree.id, undefined], saved)
    void queries.invalidateQueries()
    return true
  } catch (error) {
    if (error instanceof Refused) fields.value = error.fields
    if (error instanceof Refused && error.status === 409) {
      holding = draft.id
      void queries.invalidateQueries({ queryKey: ['tree'] })
      trouble.value = `${error.title} What you typed is kept; look at the drawing and save again.`
      return false
    }
    const elsewhere =
      error instanceof Refused &&
      Object.keys(error.fields).length &&
      Object.keys(error.fields).every((p) => p.startsWith(`/frame/limbs/${index.value}/`))
    trouble.value = elsewhere ? (error as Refused).title : sentence(error)
    return false
  } finally {
    saving.value = false
  }
}
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
  }
  const others = frame.value.limbs.map((l) => (l.id === one.id ? one : asLimb(l)))
  const limbs = adding.value ? [...others, one] : others
  const measured = [...new Set([...measuredNow(), one.id])]
  if (await send(limbs, measured)) {
    adding.value = false
    emit('select', one.id)
  }
}
async function remove() {
  const gone = new Set<string>([draft.id])
  for (let grew = true; grew;) {
    grew = false
    for (const l of frame.value.limbs)
      if (gone.has(l.on) && !gone.has(l.id)) grew = !!gone.add(l.id)
  }
  const left = frame.value.limbs.filter((l) => !gone.has(l.id))
  if (
    await send(
      left.map(asLimb),
      left.filter((l) => l.measured).map((l) => l.id),
    )
  )
    emit('select', null)
}
</script>

<template>
  <div v-if="!tree.frame" class="text-ink2">Limbs can be entered once the tree has a sketch.</div>
  <div v-else class="flex flex-col gap-3">
    <p class="text-[0.92rem] text-ink2">
      {{ frame.limbs.filter((l) => l.measured).length }} of {{ frame.limbs.length }} limbs measured;
      trunk {{ diameterWords(frame.trunk_mm, units) }}. Broken lines are sketched. Pick a limb to
      measure or correct it.
    </p>
    <div class="flex gap-2">
      <button type="button" class="btn btn-small" :disabled="adding" @click="start">
        Add a limb
      </button>
      <label class="sr-only" for="limb-pick">Limb</label>
      <select
        id="limb-pick"
        class="field !min-h-9 !py-1 flex-1"
        :disabled="adding"
        :value="selected ?? ''"
        @change="emit('select', ($event.target as HTMLSelectElement).value || null)"
      >
        <option value="">pick a limb</option>
        <option v-for="l in frame.limbs" :key="l.id" :value="l.id">
          {{ l.name }}{{ l.measured ? '' : ' (sketched)' }}
        </option>
      </select>
    </div>
    <details :open="trunkOpen" @toggle="trunkOpen = ($event.target as HTMLDetailsElement).open">
      <summary class="tag text-lg">Trunk and union</summary>
      <form
        class="grid grid-cols-3 gap-3 mt-2"
        aria-label="Trunk and union"
        @submit.prevent="saveTrunk"
      >
        <MeasureField
          v-model="trunk.mm"
          label="Trunk, just above the union"
          kind="diameter"
          :wrong="fields['/frame/trunk/diameter_mm']"
        />
        <MeasureField
          v-model="trunk.height"
          label="Highest fork, above ground"
          kind="length"
          :wrong="fields['/frame/trunk/height_m']"
        />
        <MeasureField
          v-model="trunk.union"
          label="Union, above ground"
          kind="length"
          :wrong="fields['/frame/union_m']"
        />
        <button
          class="btn btn-small col-span-3"
          :disabled="saving || trunk.mm === null || trunk.height === null"
        >
          Save trunk and union
        </button>
      </form>
    </details>
    <p v-if="trouble && !adding && !limb" class="wrong" role="alert">{{ trouble }}</p>
    <form
      v-if="adding || limb"
      class="grid grid-cols-2 gap-x-3 gap-y-2"
      aria-label="Limb"
      @submit.prevent="save"
    >
      <h2 class="col-span-2 text-xl">{{ adding ? 'New limb' : limb!.name }}</h2>
      <div>
        <label class="label" for="limb-on">Grows on</label>
        <select id="limb-on" v-model="draft.on" class="field">
          <option value="trunk">the trunk</option>
          <option value="soil">the soil</option>
          <option
            v-for="l in frame.limbs.filter((x) => x.id !== draft.id)"
            :key="l.id"
            :value="l.id"
          >
            {{ l.name }}
          </option>
        </select>
      </div>
      <MeasureField
        v-model="draft.at"
        :label="
          draft.on === 'trunk'
            ? 'Starts, above ground'
            : draft.on === 'soil'
              ? 'Out from the trunk'
              : 'Starts, along that limb'
        "
        kind="length"
        :wrong="wrong('at_m')"
      />
      <MeasureField
        v-model="draft.base"
        label="Diameter at its base"
        kind="diameter"
        :wrong="wrong('base_mm')"
      />
      <MeasureField
        v-model="draft.tip"
        label="Diameter at its tip, if known"
        kind="diameter"
        :wrong="wrong('tip_mm')"
        :placeholder="units === 'metric' ? '6 mm' : '1/4&quot;'"
      />
      <WordField
        v-model="draft.bearing"
        label="Direction"
        kind="direction"
        :standing="from"
        :wrong="wrong('bearing_deg')"
      />
      <WordField v-model="draft.rise" label="Slope" kind="slope" :wrong="wrong('rise_deg')" />
      <MeasureField
        v-model="draft.length"
        label="Length"
        kind="length"
        :wrong="wrong('length_m')"
        @typed="draft.tipHeight = null"
      />
      <MeasureField v-model="draft.tipHeight" label="or height of its tip" kind="length" />
      <div>
        <label class="label" for="limb-state">Wood</label>
        <select id="limb-state" v-model="draft.state" class="field">
          <option value="live">alive</option>
          <option value="dead">dead</option>
          <option value="broken">broken</option>
          <option value="diseased">diseased</option>
        </select>
      </div>
      <div>
        <label class="label" for="limb-kind">Kind</label>
        <select id="limb-kind" v-model="draft.kind" class="field">
          <option value="">limb</option>
          <option value="sprout">water sprout</option>
          <option value="sucker">sucker</option>
        </select>
      </div>
      <div>
        <label class="label" for="limb-fruit">Fruit on it</label>
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
        <label class="label" for="limb-foliage">Leaf, against a full limb</label>
        <select id="limb-foliage" v-model.number="draft.foliage" class="field">
          <option
            v-for="f in [...new Set([1, 0.75, 0.5, 0.25, 0, draft.foliage])].sort((a, b) => b - a)"
            :key="f"
            :value="f"
          >
            {{ Math.round(f * 100) }} %
          </option>
        </select>
      </div>
      <p
        v-if="draft.tipHeight !== null && length !== null"
        class="col-span-2 text-[0.92rem] text-ink2"
      >
        That makes it {{ lengthWords(length, units) }} long.
      </p>
      <p
        v-if="
          draft.tipHeight !== null && draft.rise !== null && startHeight !== null && length === null
        "
        class="wrong col-span-2"
      >
        A limb of that slope never reaches this height; give its length instead.
      </p>
      <p v-if="trouble" class="wrong col-span-2" role="alert">{{ trouble }}</p>
      <div class="col-span-2 flex gap-2 mt-1 pb-2">
        <button v-if="adding" type="button" class="btn" @click="stop">Leave it</button>
        <button v-else type="button" class="btn" @click="remove">Remove</button>
        <button class="btn btn-go flex-1" :disabled="!ready || saving">
          {{ saving ? 'Saving …' : adding ? 'Add this limb' : 'Save the measurement' }}
        </button>
      </div>
    </form>
  </div>
</template>
