<script setup lang="ts">
/**
 * One tree in several seasons on one ground and staff, to scale; its uncut twin as a dashed line
 * about it. The first stands as it is, its cuts marked, and can be touched. Plain numbers in.
 */
import tell from 'words:drawings'
import type { Cut, Frame, Limb } from '@/api/client'
import { useDrag } from '@/composables/useDrag'
import { crownLine } from '@/geometry/crown'
import { project, type View } from '@/geometry/elevation'
import type { Units } from '@/geometry/measure'
import { computed, ref } from 'vue'
import GroundLine from './GroundLine.vue'
import { drawnLimbs, flagsOf, keepOf, standing } from './limbs'
import { onStaff } from './staff'
import StaffMark from './StaffMark.vue'
import TapeFlag from './TapeFlag.vue'
import TreeInk from './TreeInk.vue'
import { trunkOf } from './trunk'

export interface Standing {
  title: string
  frame: Frame
  twin: Frame | null
  /** What stands at the end of a limb, where several shoots came. */
  notes: { limb: string; text: string }[]
}
const props = defineProps<{
  trees: Standing[]
  units: Units
  from: number
  width: number
  height: number
  wanted: number | null
  /** Cuts on the first tree. */
  cuts: Cut[]
  gone: string[]
  selected: string | null
}>()
const emit = defineEmits<{
  pick: [limb: string, keep: number]
  slide: [limb: string, keep: number]
  settle: []
}>()
const LEFT = 84
const svg = ref<SVGSVGElement>()
const frames = computed(() => props.trees.flatMap((t) => [t.frame, ...(t.twin ? [t.twin] : [])]))
const top = computed(
  () => Math.max(props.wanted ?? 0, ...frames.value.map((f) => f.height_m)) * 1.03 + 0.1,
)
const wide = computed(() => (props.width - LEFT - 10) / props.trees.length)
const scale = computed(() => {
  const across = Math.max(0.5, ...frames.value.map((f) => f.spread_m)) + 0.3
  return Math.min((props.height - 64) / top.value, wide.value / across)
})
const y0 = computed(() => props.height - 22)
const views = computed(() =>
  props.trees.map((_, i): View => {
    const x0 = LEFT + wide.value * (i + 0.5)
    return { from: props.from, scale: scale.value, x0, y0: y0.value }
  }),
)
const inks = computed(() =>
  props.trees.map((t, i) => {
    const view = views.value[i]!
    const cuts = i ? [] : props.cuts
    const boughs = standing(t.frame, view)
    return {
      ...t,
      view,
      limbs: drawnLimbs(t.frame, boughs, view, props.from, cuts, i ? [] : props.gone),
      trunk: trunkOf(t.frame, cuts.find((c) => c.limb === 'trunk')?.keep_m, view),
      crown: t.twin ? crownLine(t.twin, view) : '',
      labels: t.notes.flatMap(({ limb, text }) => {
        const at = t.frame.limbs.find((l) => l.id === limb)
        return at ? [{ at: project(at.end, view), text }] : []
      }),
    }
  }),
)
const wanted = computed(() =>
  onStaff(
    [{ at: props.wanted, name: tell('wanted'), tone: 'var(--tape)', dash: '10 5' }],
    views.value[0]!,
    props.units,
  ),
)
const first = computed(() => inks.value[0]!)
const flags = computed(() => flagsOf(first.value.frame, props.cuts, [], first.value.view))
const keepAt = (p: readonly [number, number], limb: Limb) =>
  keepOf(first.value.frame, limb, p, first.value.view)
const { place, take, move, drop } = useDrag<Limb>(
  svg,
  () => [props.width, props.height] as const,
  (limb, at) => !limb.sucker && emit('slide', limb.id, keepAt(at, limb)),
  () => emit('settle'),
)
function down(event: PointerEvent, limb: Limb | undefined) {
  if (!limb) return
  event.preventDefault()
  take(event, limb)
  emit('pick', limb.id, keepAt(place(event), limb))
}
const limbOf = (id: string) => first.value.frame.limbs.find((l) => l.id === id)
const says = computed(() =>
  tell('the-tree-2', { trees: props.trees.map((t) => t.title).join(', ') }),
)
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`0 0 ${width} ${height}`"
    class="block w-full h-auto select-none touch-pan-y"
    role="group"
    :aria-label="says"
    @pointermove="move"
    @pointerup="drop"
    @pointercancel="drop"
  >
    <GroundLine :left="LEFT" :right="width" :soil="y0" :floor="y0" :middle="0" :rim="0" />
    <StaffMark :x="44" :y0="y0" :scale="scale" :top="top" :units="units" />
    <g v-for="(t, i) in inks" :key="i" :data-season="i">
      <path
        v-if="t.crown"
        :d="t.crown"
        fill="none"
        stroke="var(--ink)"
        stroke-width="1.5"
        stroke-dasharray="5 5"
        opacity=".75"
        aria-hidden="true"
      />
      <TreeInk :frame="t.frame" :limbs="t.limbs" :trunk="t.trunk" :view="t.view" :width="width" />
      <g v-for="(l, k) in t.labels" :key="k" aria-hidden="true">
        <line
          :x1="l.at[0] + 4"
          :y1="l.at[1] - 2"
          :x2="l.at[0] + 40"
          :y2="l.at[1] - 24"
          stroke="var(--ink)"
          stroke-width="1.3"
        />
        <text :x="l.at[0] + 43" :y="l.at[1] - 22" font-size="15" class="halo font-semibold">
          {{ l.text }}
        </text>
      </g>
      <text
        :x="t.view.x0"
        y="22"
        text-anchor="middle"
        :font-size="width > 600 ? 20 : 18"
        style="font-weight: 600"
      >
        {{ t.title }}
      </text>
    </g>
    <g v-for="p in wanted" :key="p.text" aria-hidden="true">
      <path :d="`M74 ${p.y}l11 -6v12z`" :fill="p.tone" />
      <line x1="85" :x2="width" :y1="p.y" :y2="p.y" :stroke="p.tone" :stroke-dasharray="p.dash" />
      <text x="90" :y="p.y - 6" font-size="15" class="halo" :style="{ fill: p.tone }">
        {{ p.text }}
      </text>
    </g>
    <path
      v-for="d in first.limbs"
      :key="d.limb.id"
      :d="d.hit"
      stroke="transparent"
      stroke-width="16"
      fill="none"
      class="cursor-pointer touch-none"
      :data-limb="d.limb.id"
      @pointerdown="down($event, d.limb)"
    >
      <title>{{ d.limb.name }}</title>
    </path>
    <g
      v-for="f in flags"
      :key="f.cut.limb"
      class="cursor-grab touch-none"
      :data-flag="f.n"
      @pointerdown="down($event, limbOf(f.cut.limb))"
    >
      <TapeFlag
        :x="f.x"
        :y="f.y"
        :n="f.n"
        :free="false"
        :left="f.left"
        :on="selected === f.cut.limb"
      />
    </g>
  </svg>
</template>
