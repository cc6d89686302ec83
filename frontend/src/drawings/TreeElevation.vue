<script setup lang="ts">
/**
 * One tree seen from the side, to scale, against the measuring staff. Plain numbers in, shapes out;
 * it decides nothing.
 */
import tell from 'words:drawings'
import { useDrag } from '@/composables/useDrag'
import { usePart } from '@/composables/usePart'
import type { Cut, Frame, Limb } from '@/api/client'
import { fit, potOf, type Point2 } from '@/geometry/elevation'
import { diameterWords, lengthWords, windWords, type Units } from '@/geometry/measure'
import { computed, ref } from 'vue'
import { drawnLimbs, flagsOf, girths, keepOf, standing } from './limbs'
import { onStaff } from './staff'
import GirthLabels from './GirthLabels.vue'
import GroundLine from './GroundLine.vue'
import StaffMark from './StaffMark.vue'
import StandingPerson from './StandingPerson.vue'
import TapeFlag from './TapeFlag.vue'
import TreeInk from './TreeInk.vue'
import { trunkOf } from './trunk'

const props = defineProps<{
  frame: Frame
  units: Units
  from: number
  width: number
  height: number
  cap: number | null
  reach: number
  unionMark?: string | null
  cuts?: Cut[]
  gone?: string[]
  afterHeight?: number | null
  free?: string[]
  selected?: string | null
  /** A quiet drawing: no person, no girths, nothing to slide. */
  plain?: boolean
  /** A shape laid over the tree: half its width by height. */
  edge?: { z: number; half_m: number }[]
  /** Litres of the pot it stands in; its soil is where heights start. */
  pot?: number | null
  /** Limbs of a quiet drawing can be touched. */
  touch?: boolean
}>()
const emit = defineEmits<{
  pick: [limb: string, keep: number]
  slide: [limb: string, keep: number]
  settle: []
}>()

const LEFT = 62
const svg = ref<SVGSVGElement>()
const radius = computed(() => Math.max(props.frame.spread_m / 2, 0.35))
const top = computed(
  () => Math.max(props.frame.height_m, props.cap ?? 0, props.plain ? 0 : props.reach) * 1.04 + 0.12,
)
const view = computed(() => {
  const box = { left: LEFT + 22, right: props.width - 12, top: 14, bottom: props.height - 34 }
  const deep = pot.value?.deep ?? 0
  const fitted = fit(box, top.value + deep, radius.value + 0.18, props.from)
  return { ...fitted, y0: fitted.y0 - deep * fitted.scale }
})
const pot = computed(() => (props.pot ? potOf(props.pot) : null))
/** Where the ground is drawn: under a pot. */
const floor = computed(() => view.value.y0 + (pot.value?.deep ?? 0) * view.value.scale)
const gone = computed(() => props.gone ?? [])
const boughs = computed(() => standing(props.frame, view.value))
const limbs = computed(() =>
  drawnLimbs(props.frame, boughs.value, view.value, props.from, props.cuts ?? [], gone.value),
)

const trunk = computed(() =>
  trunkOf(props.frame, props.cuts?.find((c) => c.limb === 'trunk')?.keep_m, view.value),
)
const says = computed(() => {
  const { height_m: tall, spread_m: across } = props.frame
  const size = tell('tall-across-2', {
    tall: lengthWords(tall, props.units),
    across: lengthWords(across, props.units),
  })
  return tell('the-tree-from', { from: windWords(props.from), size })
})
const union = computed(() =>
  props.frame.union_m === null ? null : view.value.y0 - props.frame.union_m * view.value.scale,
)

/** Pointers on the staff, kept from lying on each other. */
const pointers = computed(() => {
  const quiet = 'var(--ink2)'
  // from the soil of a pot a hand reaches less high, and nothing hangs to the ground
  const reach = props.plain ? null : props.reach - (pot.value?.deep ?? 0)
  const marks = [
    { at: props.cap, name: tell('wanted'), tone: 'var(--tape)', dash: '10 5' },
    { at: reach, name: tell('reach'), tone: quiet, dash: '2 5' },
    { at: pot.value ? null : props.frame.skirt_m, name: tell('skirt-2'), tone: quiet, dash: '2 5' },
  ]
  return onStaff(marks, view.value, props.units)
})
const afterY = computed(() =>
  props.afterHeight && props.afterHeight < props.frame.height_m - 0.005
    ? view.value.y0 - props.afterHeight * view.value.scale
    : null,
)

const labels = computed(() =>
  props.plain && props.width < 600
    ? []
    : girths(
        props.frame,
        limbs.value,
        view.value,
        props.units,
        gone.value,
        props.selected,
        props.width > 600,
      ),
)

const edgePath = computed(() => {
  const e = props.edge ?? []
  if (!e.length) return ''
  const at = (z: number, half: number) =>
    `${view.value.x0 + half * view.value.scale} ${view.value.y0 - z * view.value.scale}`
  const [near, far] = [e.map((p) => at(p.z, -p.half_m)), e.map((p) => at(p.z, p.half_m))]
  return `M${[...near, ...far.reverse()].join('L')}Z`
})
const flags = computed(() => flagsOf(props.frame, props.cuts ?? [], props.free ?? [], view.value))

const keepAt = (p: Point2, limb: Limb) => keepOf(props.frame, limb, p, view.value)
const size = () => [props.width, props.height] as const
const { held, place, take, move, drop } = useDrag<Limb>(
  svg,
  size,
  (limb, at) => !limb.sucker && !two() && emit('slide', limb.id, keepAt(at, limb)),
  () => emit('settle'),
)
const { box, near, zoom, all, two, press, slide, lift, leave } = usePart(
  svg,
  size,
  () => held.value !== null || !near.value,
)
defineExpose({ zoom, all, near })
function slid(event: PointerEvent) {
  slide(event)
  move(event)
}
function lifted(event: PointerEvent) {
  lift(event)
  drop()
}
function down(event: PointerEvent, limb: Limb) {
  if (props.plain) return
  event.preventDefault()
  take(event, limb)
  emit('pick', limb.id, keepAt(place(event), limb))
}
const limbOf = (id: string) => props.frame.limbs.find((l) => l.id === id)
</script>

<template>
  <svg
    ref="svg"
    :viewBox="box"
    class="block w-full h-auto select-none"
    :class="near ? 'touch-none' : 'touch-pan-y'"
    role="group"
    :aria-label="says"
    @pointerdown="press"
    @pointermove="slid"
    @pointerup="lifted"
    @pointercancel="
      (event) => {
        leave(event)
        drop()
      }
    "
  >
    <g aria-hidden="true">
      <GroundLine
        :left="LEFT + 32"
        :right="width"
        :soil="view.y0"
        :floor="floor"
        :middle="view.x0"
        :rim="(pot?.wide ?? 0) * view.scale"
      />
      <template v-for="p in pointers" :key="p.text">
        <path :d="`M${LEFT} ${p.y}l12 -7v14z`" :fill="p.tone" />
        <line
          :x1="LEFT + 12"
          :x2="width - 12"
          :y1="p.y"
          :y2="p.y"
          :stroke="p.tone"
          stroke-width="1.5"
          :stroke-dasharray="p.dash"
        />
      </template>
      <StandingPerson v-if="!plain" :x="LEFT + 66" :y0="floor" :scale="view.scale" :reach="reach" />
    </g>
    <StaffMark :x="LEFT - 30" :y0="view.y0" :scale="view.scale" :top="top" :units="units" />

    <TreeInk
      :frame="frame"
      :limbs="limbs"
      :trunk="trunk"
      :view="view"
      :width="width"
      :selected="selected"
    >
      <path
        v-if="edgePath"
        :d="edgePath"
        fill="none"
        stroke="var(--tape)"
        stroke-width="2.5"
        stroke-dasharray="9 5"
        aria-hidden="true"
      />
    </TreeInk>
    <!-- what can be picked: a wide unseen band on every limb, so that a thumb finds it; what is
         drawn inside an outline is only typical and bears no name -->
    <g v-if="touch || (frame.drawn && !plain)">
      <path
        v-for="d in limbs"
        :key="d.limb.id"
        :d="d.hit"
        stroke="transparent"
        :stroke-width="d.limb.sucker ? 22 : 16"
        fill="none"
        class="cursor-pointer"
        :class="{ 'touch-none': !plain }"
        :data-limb="d.limb.id"
        @pointerdown="touch || down($event, d.limb)"
        @click="touch && emit('pick', d.limb.id, 0)"
      >
        <title v-if="frame.drawn">
          {{
            tell('long', {
              limb: d.limb.name,
              base: diameterWords(d.limb.base_mm, units),
              length: lengthWords(d.limb.length_m, units),
            })
          }}
        </title>
      </path>
    </g>
    <g aria-hidden="true">
      <GirthLabels :labels="labels" />
      <text
        v-if="union !== null"
        :x="view.x0 + trunk.w + 46"
        :y="Math.min(union + 18, view.y0 - 6)"
        font-size="15"
        style="font-weight: 600"
        class="halo"
      >
        {{ tell('union', { union: lengthWords(frame.union_m!, units) }) }}
      </text>
      <text
        v-for="p in pointers"
        :key="p.text"
        :x="LEFT + 16"
        :y="p.labelY"
        font-size="15"
        class="halo"
        :style="{ fill: p.tone, fontWeight: 600 }"
      >
        {{ p.text }}
      </text>
      <g v-if="afterY !== null">
        <line
          :x1="view.x0"
          :x2="width - 12"
          :y1="afterY"
          :y2="afterY"
          stroke="var(--ink)"
          stroke-width="1.5"
        />
        <text
          :x="width - 12"
          :y="afterY - 6"
          font-size="15"
          text-anchor="end"
          class="halo"
          style="font-weight: 600"
        >
          {{ tell('after-2', { afterHeight: lengthWords(afterHeight!, units) }) }}
        </text>
      </g>
    </g>
    <g
      v-for="f in flags"
      :key="f.cut.limb"
      class="cursor-grab touch-none"
      :data-flag="f.n"
      @pointerdown="limbOf(f.cut.limb) && down($event, limbOf(f.cut.limb)!)"
    >
      <TapeFlag
        :x="f.x"
        :y="f.y"
        :n="f.n"
        :free="f.free"
        :left="f.left"
        :on="selected === f.cut.limb"
      />
    </g>
    <!-- marks of a page's own, drawn with the same scale -->
    <slot :view="view" :size="[width, height] as const" />
  </svg>
</template>
