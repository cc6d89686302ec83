<script setup lang="ts">
/**
 * Twelve to eighteen months read like a tide table: warmth and events above, a lane for each kind
 * of work below.
 */
import tell from 'words:drawings'
import { useDrag } from '@/composables/useDrag'
import type { Schemas } from '@/api/client'
import { addDays, dayWords } from '@/geometry/day'
import { areaPath, dayNumber, monthsOf, ribbonScale } from '@/geometry/ribbon'
import { computed, ref } from 'vue'
import { lanesOf } from './lanes'
import RibbonLane from './RibbonLane.vue'
import { useSettings } from '@/composables/useSettings'
import { warmthWords } from '@/geometry/warmth'

const { units } = useSettings()
const props = defineProps<{ almanac: Schemas['AlmanacOut']; day: string; width: number }>()
/** A date tried out in place of the computed one. */
const emit = defineEmits<{
  day: [iso: string]
  tryOut: [name: 'harvest_end' | 'first_frost', iso: string]
}>()

const LEFT = 172
const FLOOR = 112
const TOP_OF_LANES = 224
const STEP = 46
const right = computed(() => props.width - 8)
const scale = computed(() => ribbonScale(props.almanac.from, props.almanac.to, LEFT, right.value))
const months = computed(() =>
  monthsOf(props.almanac.from, props.almanac.to).map((m) => ({ ...m, x: scale.value.x(m.start) })),
)
const height = computed(() => TOP_OF_LANES + props.almanac.lanes.length * STEP + 14)
const warmth = computed(() =>
  areaPath(
    props.almanac.warmth,
    (i) => scale.value.x(addDays(props.almanac.from, i * 7)),
    FLOOR,
    62,
  ),
)
const spans = (name: string) =>
  props.almanac.events
    .filter((e) => e.name === name)
    .map((e) => ({
      ...e,
      x: scale.value.x(e.from),
      w: Math.max(2, scale.value.end(e.to) - scale.value.x(e.from)),
    }))
const wave = (e: { x: number; w: number }, up: number) =>
  [
    `M${e.x} ${FLOOR}C${e.x + e.w * 0.25} ${FLOOR - up}`,
    `${e.x + e.w * 0.5} ${FLOOR - up} ${e.x + e.w} ${FLOOR}Z`,
  ].join(' ')
const flushes = computed(() => [
  ...spans('later flush').map((e) => ({ ...e, d: wave(e, 30), label: '' })),
  ...spans('first flush').map((e) => ({ ...e, d: wave(e, 46), label: tell('first-flush') })),
])
const points = computed(() => [
  ...spans('cool that makes bloom').map((e) => ({ ...e, label: tell('bloom-forms') })),
  ...spans('bloom buds form').map((e) => ({ ...e, label: tell('bloom-forms') })),
  ...spans('cool nights that make bloom').map((e) => ({
    ...e,
    w: 60,
    label: tell('cool-nights'),
  })),
  ...spans('carry out, into shade').map((e) => ({ ...e, label: tell('carry-out') })),
  ...spans('carry in').map((e) => ({ ...e, w: 30, label: tell('carry-in') })),
  ...spans('no nitrogen').map((e) => ({ ...e, label: tell('no-nitrogen') })),
])
const hot = computed(() => spans('hot season'))
const frost = computed(() => spans('frost likely'))
const sun = computed(() => spans('strong sun on bark'))
const crops = computed(() => [
  ...spans('harvest').map((e) => ({
    ...e,
    label: tell('harvest'),
    fill: 'var(--fruit)',
    ink: '#15201a',
  })),
  ...spans('bloom').map((e) => ({
    ...e,
    label: tell('bloom'),
    fill: 'var(--sheet)',
    ink: 'var(--ink)',
  })),
])
const sets = computed(() => spans('set and drop'))
const lanes = computed(() => lanesOf(props.almanac, scale.value, TOP_OF_LANES, STEP))
const x = (iso: string) => scale.value.x(iso) + scale.value.perDay / 2
/** A date that can be dragged: a stroke between two arrow heads. */
const handle = (iso: string, y: number) => `M${x(iso)} ${y - 15}v30m-4 -20l-6 5l6 5m8 -10l6 5l-6 5`
type Handle = { name: 'harvest_end' | 'first_frost'; says: string; iso: string; y: number }
/** The next harvest end and first frost that can be dragged: what if they came sooner or later. */
const handles = computed(() => {
  const ends = props.almanac.events.filter(
    (e) => e.name === 'harvest' && e.to > props.almanac.from && e.to < props.almanac.to,
  )
  const frosts = props.almanac.events.filter(
    (e) => e.name === 'frost likely' && e.from > props.almanac.today && e.from < props.almanac.to,
  )
  const found: Handle[] = []
  const [end, first] = [ends.find((e) => e.to >= props.almanac.today) ?? ends[0], frosts[0]]
  if (end) found.push({ name: 'harvest_end', says: tell('harvest-end'), iso: end.to, y: 165 })
  if (first) found.push({ name: 'first_frost', says: tell('first-frost'), iso: first.from, y: 130 })
  return found
})
type Held = { name: Handle['name']; iso: string }
const svg = ref<SVGElement | null>(null)
const { held, place, take, move, drop } = useDrag<Held>(
  svg,
  () => [props.width, height.value],
  (handle, [x]) => (held.value = { ...handle, iso: scale.value.at(x) }),
  (handle) => emit('tryOut', handle.name, handle.iso),
)
function pick(event: PointerEvent) {
  if (!held.value) emit('day', scale.value.at(place(event)[0]))
}
function slide(event: PointerEvent) {
  if (held.value) move(event)
  else if (event.buttons) pick(event)
}
function nudge(event: KeyboardEvent, handle: Handle) {
  const by = { ArrowRight: 7, ArrowLeft: -7 }[event.key]
  if (by === undefined) return
  event.preventDefault()
  event.stopPropagation()
  emit('tryOut', handle.name, addDays(handle.iso, by))
}
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`0 0 ${width} ${height}`"
    class="block w-full h-auto select-none cursor-pointer"
    role="group"
    :aria-label="
      tell('the-year-of-to', {
        almanac: almanac.name,
        from: dayWords(almanac.from),
        to: dayWords(almanac.to),
      })
    "
    @pointerdown="pick"
    @pointermove="slide"
    @pointerup="drop"
    @pointerleave="drop"
  >
    <g v-for="m in months" :key="m.start">
      <line
        :x1="m.x"
        :x2="m.x"
        y1="6"
        :y2="height - 8"
        stroke="var(--rule)"
        :stroke-width="m.name.includes('’') ? 2 : 1"
      />
      <text :x="m.x + 6" y="20" font-size="16" style="font-weight: 600">{{ m.name }}</text>
    </g>
    <text :x="LEFT - 12" y="84" text-anchor="end" font-size="16">{{ tell('growing-warmth') }}</text>
    <text :x="LEFT - 12" y="102" text-anchor="end" font-size="14" style="fill: var(--ink2)">
      {{ tell('over', { base: warmthWords(almanac.base_c, units) }) }}
    </text>
    <path :d="warmth" fill="var(--leaf-soft)" stroke="var(--edge)" />
    <g v-for="f in flushes" :key="f.name + f.from">
      <path :d="f.d" fill="var(--leaf)" :fill-opacity="f.label ? 1 : 0.55" />
      <text
        v-if="f.label"
        :x="f.x + f.w * 0.4"
        :y="FLOOR - 40"
        font-size="14"
        text-anchor="middle"
        class="halo"
        style="font-weight: 600"
      >
        {{ f.label }}
      </text>
    </g>
    <line :x1="LEFT" :x2="right" :y1="FLOOR" :y2="FLOOR" stroke="var(--ink)" stroke-width="2" />
    <text :x="LEFT - 12" y="134" text-anchor="end" font-size="16" style="fill: var(--frost)">
      {{ tell('frost-likely') }}
    </text>
    <g v-for="f in frost" :key="f.from">
      <line
        v-for="k in 3"
        :key="k"
        :x1="f.x + 4"
        :x2="f.x + f.w - 2"
        :y1="120 + k * 5"
        :y2="120 + k * 5"
        stroke="var(--frost)"
        stroke-width="3.4"
        stroke-dasharray="0.1 8"
        stroke-linecap="round"
      />
    </g>
    <g v-for="s in sun" :key="s.from">
      <path
        :d="
          Array.from({ length: Math.floor(s.w / 7) }, (_, i) => `M${s.x + 3 + i * 7} 122v18`).join(
            '',
          )
        "
        stroke="var(--bark)"
        stroke-width="1.6"
      />
      <text
        v-if="s.w > 130"
        :x="s.x + s.w / 2"
        y="136"
        text-anchor="middle"
        font-size="14"
        class="halo"
        style="font-weight: 600"
      >
        {{ tell('strong-sun-on-bark') }}
      </text>
    </g>
    <line
      v-for="h in hot"
      :key="h.from"
      :x1="h.x"
      :x2="h.x + h.w"
      y1="144"
      y2="144"
      stroke="var(--tape)"
      stroke-width="3"
    />
    <g v-for="p in points" :key="p.name + p.from">
      <path
        :d="`M${p.x} 194v13h${Math.max(0, p.w)}v-13`"
        fill="none"
        stroke="var(--ink)"
        stroke-width="1.6"
      />
      <text
        v-if="p.w > p.label.length * 6.4"
        :x="p.x + p.w / 2"
        y="204"
        text-anchor="middle"
        font-size="13.5"
        class="halo"
      >
        {{ p.label }}
      </text>
      <text v-else :x="p.x + p.w + 4" y="206" font-size="13.5" class="halo">{{ p.label }}</text>
    </g>
    <text :x="LEFT - 12" y="170" text-anchor="end" font-size="16">{{ tell('the-tree') }}</text>
    <g v-for="c in crops" :key="c.label + c.from">
      <rect
        :x="c.x"
        y="154"
        :width="c.w"
        height="22"
        :fill="c.fill"
        stroke="var(--ink)"
        stroke-width="1.6"
      />
      <text
        v-if="c.w > c.label.length * 7 + 8"
        :x="c.x + c.w / 2"
        y="170"
        text-anchor="middle"
        font-size="15"
        :style="{ fill: c.ink, fontWeight: 600 }"
      >
        {{ c.label }}
      </text>
    </g>
    <g v-for="s in sets" :key="s.from">
      <rect
        :x="s.x"
        y="178"
        :width="s.w"
        height="7"
        fill="none"
        stroke="var(--ink)"
        stroke-width="1.3"
        stroke-dasharray="3 3"
      />
      <text :x="s.x + s.w + 4" y="186" font-size="13.5" class="halo">{{ tell('set') }}</text>
    </g>
    <RibbonLane
      v-for="lane in lanes"
      :key="lane.work"
      v-bind="lane"
      :left="LEFT"
      :right="right"
      :data-lane="lane.work"
    />
    <g
      v-for="h in handles"
      :key="h.name"
      role="slider"
      tabindex="0"
      class="cursor-ew-resize no-print"
      :aria-label="tell('what-if-the-moved', { says: h.says })"
      :aria-valuenow="dayNumber(h.iso)"
      :aria-valuetext="h.iso"
      :data-handle="h.name"
      @pointerdown.stop="take($event, { name: h.name, iso: h.iso })"
      @keydown="nudge($event, h)"
    >
      <rect
        :x="x(held?.name === h.name ? held.iso : h.iso) - 14"
        :y="h.y - 16"
        width="28"
        height="32"
        fill="transparent"
      />
      <path
        :d="handle(held?.name === h.name ? held.iso : h.iso, h.y)"
        fill="none"
        stroke="var(--tape)"
        stroke-width="2.5"
      />
    </g>
    <g pointer-events="none">
      <line
        :x1="x(almanac.today)"
        :x2="x(almanac.today)"
        y1="26"
        :y2="height - 8"
        stroke="var(--ink)"
        stroke-width="2"
        stroke-dasharray="6 4"
      />
      <text :x="x(almanac.today) + 6" y="40" font-size="15" class="halo" style="font-weight: 600">
        {{ tell('today') }}
      </text>
      <line
        :x1="x(day)"
        :x2="x(day)"
        y1="28"
        :y2="height - 8"
        stroke="var(--tape)"
        stroke-width="3"
      />
      <path :d="`M${x(day)} 36l-9 -12h18z`" fill="var(--tape)" />
    </g>
  </svg>
</template>
