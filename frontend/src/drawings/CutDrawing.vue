<script setup lang="ts">
/** One cut from the side, to scale: what stays, what falls, and every stroke in its order. */
import type { Schemas } from '@/api/client'
import { diameterWords } from '@/geometry/measure'
import { computed } from 'vue'

const props = defineProps<{
  drawing: Schemas['CutDrawingOut']
  units: 'metric' | 'us'
  says: string
  /** Where it must not be made in place of where it is. */
  wrong?: boolean
}>()
const W = 210
const H = 150
const PAD = 16
interface Line {
  x0: number
  y0: number
  x1: number
  y1: number
}
const box = computed(() => {
  const wide = (p: Schemas['PieceOut']) => Math.max(p.start_w, p.end_w) / 2
  const all = props.drawing.pieces
  const xs = all.flatMap((p) => [p.x0 - wide(p), p.x0 + wide(p), p.x1 - wide(p), p.x1 + wide(p)])
  const ys = all.flatMap((p) => [p.y0 - wide(p), p.y0 + wide(p), p.y1 - wide(p), p.y1 + wide(p)])
  const [left, right, low, high] = [
    Math.min(...xs),
    Math.max(...xs),
    Math.min(...ys),
    Math.max(...ys),
  ]
  const scale = Math.min((W - 2 * PAD) / (right - left), (H - 2 * PAD - 14) / (high - low))
  return {
    left,
    high,
    scale,
    x: (W - (right - left) * scale) / 2,
    y: (H - 14 - (high - low) * scale) / 2,
  }
})
const at = (x: number, y: number) =>
  [
    box.value.x + (x - box.value.left) * box.value.scale,
    box.value.y + (box.value.high - y) * box.value.scale,
  ] as const
const flat = (l: Line) => {
  const [x1, y1] = at(l.x0, l.y0)
  const [x2, y2] = at(l.x1, l.y1)
  return { x1, y1, x2, y2 }
}
function outline(p: Schemas['PieceOut']) {
  const long = Math.hypot(p.x1 - p.x0, p.y1 - p.y0) || 1
  const [nx, ny] = [-(p.y1 - p.y0) / long, (p.x1 - p.x0) / long]
  const [a, b] = [p.start_w / 2, p.end_w / 2]
  const corners = [
    [p.x0 + nx * a, p.y0 + ny * a],
    [p.x1 + nx * b, p.y1 + ny * b],
    [p.x1 - nx * b, p.y1 - ny * b],
    [p.x0 - nx * a, p.y0 - ny * a],
  ] as const
  return corners.map(([x, y]) => at(x, y).join(',')).join(' ')
}
/** Each stroke with its number beside the side it enters from. */
const strokes = computed(() =>
  (props.wrong ? props.drawing.wrong : props.drawing.strokes).map((s) => {
    const line = flat(s)
    const long = Math.hypot(line.x2 - line.x1, line.y2 - line.y1) || 1
    return {
      ...s,
      line,
      nx: line.x1 + ((line.x1 - line.x2) / long) * 11,
      ny: line.y1 + ((line.y1 - line.y2) / long) * 11 + 4,
    }
  }),
)
const bar = computed(() => props.drawing.bar_m * box.value.scale)
</script>

<template>
  <svg
    :viewBox="`0 0 ${W} ${H}`"
    class="cut-drawing"
    role="img"
    :aria-label="says"
    data-test="cut-drawing"
  >
    <polygon v-for="(p, i) in drawing.pieces" :key="i" :points="outline(p)" :class="p.role" />
    <g v-for="s in strokes" :key="s.n">
      <line v-bind="s.line" :class="['stroke', s.kind]" />
      <text v-if="strokes.length > 1" :x="s.nx" :y="s.ny" class="n">{{ s.n }}</text>
    </g>
    <line :x1="W - 8 - bar" :x2="W - 8" :y1="H - 6" :y2="H - 6" class="bar" />
    <text :x="W - 12 - bar" :y="H - 3" class="words">
      {{ diameterWords(drawing.bar_m * 1000, units) }}
    </text>
  </svg>
</template>

<style scoped>
.cut-drawing {
  width: 210px;
  max-width: 100%;
  display: block;
}
polygon {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-linejoin: round;
}
.parent {
  fill: var(--rule);
}
.heir {
  fill: var(--leaf);
  fill-opacity: 0.35;
}
.bud {
  fill: var(--ink);
}
.stroke {
  stroke: var(--ink);
  stroke-width: 3;
}
.stroke.wrong {
  stroke-width: 2;
  stroke-dasharray: 2 3;
}
.stroke.under,
.stroke.top {
  stroke-width: 2;
  stroke-dasharray: 5 3;
}
.bar {
  stroke: var(--ink);
  stroke-width: 2;
}
.n {
  font: 700 13px var(--font-tag);
  text-anchor: middle;
  fill: var(--ink);
}
.words {
  font: 12px var(--font-tag);
  text-anchor: end;
  fill: var(--ink2);
}
</style>
