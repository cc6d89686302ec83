<script setup lang="ts">
/**
 * Three rows across, to scale: as they stand, the wall to cut, the sun over them and the hours it
 * gives. Handles move the wall; it decides nothing.
 */
import { decimals } from '@/words/numbers'
import tell from 'words:drawings'
import { useDrag } from '@/composables/useDrag'
import { useNarrow } from '@/composables/useNarrow'
import type { Schemas } from '@/api/client'
import { lengthWords, type Units } from '@/geometry/measure'
import { scaleOf, sectionPath, sunSpot, type Wall } from '@/geometry/section'
import { computed, ref } from 'vue'

const props = defineProps<{
  now: Wall
  cut: Wall
  spacing: number
  units: Units
  view: Schemas['SectionViewOut'] | null
  step: Schemas['SunStepOut'] | null
  rows: number[]
  facings: string[]
}>()
const emit = defineEmits<{ drag: [wall: Partial<Wall>] }>()
const narrow = useNarrow()
/** On a phone one row with the alleys beside it, drawn for its width. */
const W = computed(() => (narrow.value ? 420 : 1180))
const MOST = computed(() => (narrow.value ? 320 : 430))
const svg = ref<SVGSVGElement>()
const s = computed(() =>
  scaleOf(
    W.value,
    MOST.value,
    props.spacing,
    Math.max(props.now.height_m, props.cut.height_m),
    narrow.value ? 2.4 : 3,
  ),
)
/** As tall as the rows need, with some sky for the sun. */
const H = computed(() => s.value.y0 + 30)
const x = (m: number) => s.value.x0 + m * s.value.k
const y = (m: number) => s.value.y0 - m * s.value.k
const middles = computed(() =>
  [-1, 0, 1].map((i) => ({ m: i * props.spacing, n: props.rows[i + 1] })),
)
const path = (wall: Wall, m: number) => sectionPath(wall, m, x, y)
const stemPath = (at: number) =>
  `M${at - 3} ${y(0)}V${y(props.cut.skirt_m)}M${at + 3} ${y(0)}V${y(props.cut.skirt_m)}`
/** A stem and two limbs, as far as the wall leaves room. */
function limbsPath(m: number): string {
  const fork = `M${x(m)} ${y(props.cut.skirt_m)}L`
  const [reach, ends] = [props.cut.top_width_m * 0.36, y(props.cut.height_m * 0.74)]
  const sides = [m - reach, m + reach].map((at) => `${fork}${x(at)} ${ends}`)
  return [`${fork}${x(m)} ${y(props.cut.height_m * 0.86)}`, ...sides].join('')
}
const staff = computed(() =>
  Array.from({ length: Math.floor(s.value.top / 0.5) }, (_, i) => i * 0.5),
)
/**
 * Bars of sun hours on the right-hand wall of the middle row and the left-hand one, outward from
 * it.
 */
const bars = computed(() => {
  const v = props.view
  if (!v) return []
  const most = Math.max(1, ...v.cut_walls.flatMap((w) => w.sun_hours))
  const room = Math.max(0.25, (props.spacing - props.cut.base_width_m) / 2 - 0.1) * s.value.k
  return v.cut_walls.flatMap((wall, side) =>
    wall.sun_hours.map((hours, i) => {
      const z = v.cut_heights_m[i]!
      const part = (z - props.cut.skirt_m) / Math.max(0.01, props.cut.height_m - props.cut.skirt_m)
      const half =
        (props.cut.base_width_m + (props.cut.top_width_m - props.cut.base_width_m) * part) / 2
      const long = (hours / most) * room
      const at = side === 0 ? x(half) : x(-half) - long
      const words =
        i === 0 || i === wall.sun_hours.length - 1 || i === 4 ? `${decimals(hours, 1)} h` : ''
      return {
        key: `${side}-${i}`,
        x: at,
        y: y(z) - 6,
        w: long,
        words,
        wx: side === 0 ? at + long + 4 : at - 4,
        anchor: side === 0 ? 'start' : 'end',
      }
    }),
  )
})
const sun = computed(() => (props.step ? sunSpot(props.step, W.value, s.value, x, y) : null))
const alley = computed(() => ({
  a: x(props.cut.base_width_m / 2),
  b: x(props.spacing - props.cut.base_width_m / 2),
  /** Where bars and handle leave it room. */
  y: narrow.value ? y(s.value.top) + 6 : y(props.cut.skirt_m / 2),
}))
const shade = computed(() =>
  (props.step?.lit_from ?? []).map((z, side) => {
    const half = (at: number) => {
      const part = (at - props.cut.skirt_m) / Math.max(0.01, props.cut.height_m - props.cut.skirt_m)
      return (props.cut.base_width_m + (props.cut.top_width_m - props.cut.base_width_m) * part) / 2
    }
    const sign = side === 0 ? 1 : -1
    const from = z ?? props.cut.height_m
    return {
      x1: x(sign * half(props.cut.skirt_m)),
      y1: y(props.cut.skirt_m),
      x2: x(sign * half(from)),
      y2: y(from),
    }
  }),
)
type Handle = 'roof' | 'foot' | 'shoulder'
const handles = computed(() => [
  {
    id: 'roof' as Handle,
    cx: x(0),
    cy: y(props.cut.height_m),
    says: tell('roof', { height: lengthWords(props.cut.height_m, props.units) }),
  },
  {
    id: 'foot' as Handle,
    cx: x(props.cut.base_width_m / 2),
    cy: y(props.cut.skirt_m),
    says: tell('foot-of-the-wall-across', {
      baseWidth: lengthWords(props.cut.base_width_m, props.units),
    }),
  },
  {
    id: 'shoulder' as Handle,
    cx: x(props.cut.top_width_m / 2),
    cy: y(props.cut.height_m),
    says: tell('shoulder-across', { topWidth: lengthWords(props.cut.top_width_m, props.units) }),
  },
])
function change(id: Handle, mx: number, mz: number) {
  const round = (v: number) => Math.round(v * 20) / 20
  if (id === 'roof') emit('drag', { height_m: Math.max(props.cut.skirt_m + 0.3, round(mz)) })
  else if (id === 'foot')
    emit('drag', {
      base_width_m: Math.min(props.spacing - 0.3, Math.max(0.4, round(mx * 2))),
      skirt_m: Math.max(0, Math.min(props.cut.height_m - 0.3, round(mz))),
    })
  else emit('drag', { top_width_m: Math.max(0.2, Math.min(props.spacing - 0.3, round(mx * 2))) })
}
const { take, move, drop } = useDrag<Handle>(
  svg,
  () => [W.value, H.value],
  (id, [px, py]) => change(id, (px - s.value.x0) / s.value.k, (s.value.y0 - py) / s.value.k),
)
function key(event: KeyboardEvent, id: Handle) {
  const by = {
    ArrowUp: [0, 0.05],
    ArrowDown: [0, -0.05],
    ArrowRight: [0.05, 0],
    ArrowLeft: [-0.05, 0],
  }[event.key]
  if (!by) return
  event.preventDefault()
  const half = id === 'foot' ? props.cut.base_width_m / 2 : props.cut.top_width_m / 2
  change(id, half + by[0]!, (id === 'foot' ? props.cut.skirt_m : props.cut.height_m) + by[1]!)
}
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`0 0 ${W} ${H}`"
    class="section"
    :aria-label="tell('rows-in-section-to-scale')"
    role="group"
    @pointermove="move"
    @pointerup="drop"
    @pointercancel="drop"
  >
    <g aria-hidden="true">
      <g v-for="m in staff" :key="m">
        <rect
          x="30"
          :y="y(m + 0.5)"
          width="13"
          :height="0.5 * s.k"
          :fill="(m * 2) % 2 ? 'var(--ink)' : 'var(--sheet)'"
          stroke="var(--ink)"
        />
        <rect
          x="43"
          :y="y(m + 0.5)"
          width="13"
          :height="0.5 * s.k"
          :fill="(m * 2) % 2 ? 'var(--sheet)' : 'var(--ink)'"
          stroke="var(--ink)"
        />
        <text v-if="m % 1 === 0" x="22" :y="y(m) + 5" text-anchor="end" font-size="15">
          {{ m }}
        </text>
      </g>
      <line x1="64" :x2="W - 8" :y1="y(0)" :y2="y(0)" stroke="var(--ink)" stroke-width="2" />
      <g v-for="row in middles" :key="row.m">
        <path :d="path(now, row.m)" class="now" />
        <path :d="path(cut, row.m)" class="cut" />
        <path :d="stemPath(x(row.m))" class="stem" />
        <path :d="limbsPath(row.m)" class="limbs" />
        <text
          v-if="row.n !== undefined"
          :x="x(row.m)"
          :y="y(0) + 20"
          text-anchor="middle"
          font-size="15"
        >
          {{ tell('row-2', { n: row.n }) }}
        </text>
      </g>
      <g class="dimension">
        <line :x1="x(-spacing)" :x2="x(0)" :y1="y(s.top) + 6" :y2="y(s.top) + 6" />
        <line
          v-for="m in [-spacing, 0]"
          :key="m"
          :x1="x(m)"
          :x2="x(m)"
          :y1="y(s.top) + 1"
          :y2="y(s.top) + 11"
        />
        <text :x="x(-spacing / 2)" :y="y(s.top)" text-anchor="middle" font-size="15">
          {{ lengthWords(spacing, units) }}
        </text>
        <line :x1="alley.a" :x2="alley.b" :y1="alley.y" :y2="alley.y" />
        <line
          v-for="m in [alley.a, alley.b]"
          :key="m"
          :x1="m"
          :x2="m"
          :y1="alley.y - 5"
          :y2="alley.y + 5"
        />
        <text :x="(alley.a + alley.b) / 2" :y="alley.y - 6" text-anchor="middle" font-size="15">
          {{
            tell('alley', { count: lengthWords(Math.max(0, spacing - cut.base_width_m), units) })
          }}
        </text>
      </g>
      <line v-for="(l, i) in shade" :key="i" v-bind="l" class="shade" />
      <g v-for="b in bars" :key="b.key">
        <rect :x="b.x" :y="b.y" :width="Math.max(0, b.w)" height="11" class="bar" />
        <text v-if="b.words" :x="b.wx" :y="b.y + 10" :text-anchor="b.anchor" font-size="13">
          {{ b.words }}
        </text>
      </g>
      <text
        v-for="(f, i) in facings"
        :key="f"
        :x="x((i === 0 ? 1 : -1) * (cut.base_width_m / 2 + 0.1))"
        :y="y(0) - 6"
        :text-anchor="i === 0 ? 'start' : 'end'"
        font-size="14"
      >
        {{ f }}
      </text>
      <g v-if="sun">
        <line :x1="sun.x" :y1="sun.y" :x2="sun.footX" :y2="sun.footY" class="ray" />
        <circle :cx="sun.x" :cy="sun.y" r="13" class="sun" />
      </g>
    </g>
    <g v-for="h in handles" :key="h.id">
      <circle
        :cx="h.cx"
        :cy="h.cy"
        r="12"
        class="handle"
        tabindex="0"
        role="slider"
        :aria-label="h.says"
        :aria-valuenow="
          h.id === 'roof' ? cut.height_m : h.id === 'foot' ? cut.base_width_m : cut.top_width_m
        "
        :aria-valuetext="h.says"
        :data-handle="h.id"
        @pointerdown.prevent="take($event, h.id)"
        @keydown="key($event, h.id)"
      />
    </g>
  </svg>
</template>

<style scoped>
.section {
  width: 100%;
  touch-action: none;
  display: block;
}
.now {
  fill: none;
  stroke: var(--ink2);
  stroke-width: 1.5;
  stroke-dasharray: 6 5;
}
.cut {
  fill: var(--leaf-soft);
  stroke: var(--ink);
  stroke-width: 2.4;
  stroke-linejoin: round;
}
.stem,
.limbs {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.limbs {
  stroke-width: 2.4;
  opacity: 0.55;
}
.dimension line {
  stroke: var(--ink);
  stroke-width: 1.5;
}
.bar {
  fill: var(--fruit);
  stroke: var(--ink);
}
.shade {
  stroke: var(--ink);
  stroke-width: 7;
  opacity: 0.55;
}
.ray {
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-dasharray: 2 4;
}
.sun {
  fill: var(--fruit);
  stroke: var(--ink);
  stroke-width: 2;
}
.handle {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 3;
  cursor: grab;
}
</style>
