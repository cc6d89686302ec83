<script setup lang="ts">
/**
 * A picture to touch: by finger, mouse or keys; pinched, wheeled or keyed nearer; dragged when near.
 * What lies on it is drawn by the page, in the picture's own pixels.
 */
import { within, zoomed, type Part, type Touch } from '@/geometry/trace'
import { useElementSize } from '@vueuse/core'
import { computed, ref, watch } from 'vue'

const props = defineProps<{ src: string; width: number; height: number; says: string }>()
const emit = defineEmits<{ touch: [at: Touch] }>()
const svg = ref<SVGSVGElement>()
const whole = computed<Part>(() => ({ x: 0, y: 0, w: props.width, h: props.height }))
const part = ref<Part>(whole.value)
watch(whole, (now) => (part.value = now))
const middle = (): Touch => [part.value.x + part.value.w / 2, part.value.y + part.value.h / 2]
const zoom = (by: number, around = middle()) =>
  (part.value = zoomed(part.value, by, around, props.width, props.height))
/** Crossed lines that keys move; shown while the picture has the keys. */
const cross = ref<Touch>([props.width / 2, props.height / 2])
const keyed = ref(false)

/** Fingers and mouse buttons that are down, where they came down and where they are now. */
const down = new Map<number, { from: [number, number]; at: [number, number] }>()
let moved = false
const place = (x: number, y: number): Touch => {
  const box = svg.value!.getBoundingClientRect()
  const { x: left, y: top, w, h } = part.value
  return [left + ((x - box.left) * w) / box.width, top + ((y - box.top) * h) / box.height]
}
function press(event: PointerEvent) {
  keyed.value = false
  moved = down.size > 0
  down.set(event.pointerId, {
    from: [event.clientX, event.clientY],
    at: [event.clientX, event.clientY],
  })
  svg.value?.setPointerCapture?.(event.pointerId)
}
const span = () => {
  const [a, b] = [...down.values()].map((p) => p.at)
  return a && b ? Math.hypot(a[0] - b[0], a[1] - b[1]) : 0
}
function slide(event: PointerEvent) {
  const one = down.get(event.pointerId)
  if (!one) return
  const before = span()
  const [dx, dy] = [event.clientX - one.at[0], event.clientY - one.at[1]]
  one.at = [event.clientX, event.clientY]
  if (Math.hypot(one.at[0] - one.from[0], one.at[1] - one.from[1]) > 9) moved = true
  if (!moved) return
  const box = svg.value!.getBoundingClientRect()
  if (down.size === 2 && before) {
    const [a, b] = [...down.values()].map((p) => p.at) as [[number, number], [number, number]]
    zoom(span() / before, place((a[0] + b[0]) / 2, (a[1] + b[1]) / 2))
  } else {
    const { x, y, w, h } = part.value
    const next = { ...part.value, x: x - (dx * w) / box.width, y: y - (dy * h) / box.height }
    part.value = within(next, props.width, props.height)
  }
}
function lift(event: PointerEvent) {
  const was = down.delete(event.pointerId)
  if (was && !moved && !down.size) emit('touch', place(event.clientX, event.clientY))
}
function keys(event: KeyboardEvent) {
  const step = (event.shiftKey ? 0.002 : 0.012) * part.value.w
  const [dx, dy] =
    { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[
      event.key
    ] ?? []
  if (dx !== undefined && dy !== undefined) {
    const [x, y] = cross.value
    cross.value = [
      Math.min(props.width, Math.max(0, x + dx)),
      Math.min(props.height, Math.max(0, y + dy)),
    ]
    const { w, h } = part.value
    const next = { x: cross.value[0] - w / 2, y: cross.value[1] - h / 2, w, h }
    part.value = within(next, props.width, props.height)
  } else if (event.key === 'Enter' || event.key === ' ') emit('touch', cross.value)
  else if (event.key === '+' || event.key === '=') zoom(1.5, cross.value)
  else if (event.key === '-') zoom(1 / 1.5, cross.value)
  else return
  keyed.value = true
  event.preventDefault()
  event.stopPropagation()
}
/** Pixels of the picture to one on the screen, so that marks stay one size. */
const { width: shown } = useElementSize(svg)
const scale = computed(() => part.value.w / (shown.value || 700))
defineExpose({ zoom })
</script>

<template>
  <div>
    <svg
      ref="svg"
      :viewBox="`${part.x} ${part.y} ${part.w} ${part.h}`"
      class="block w-full touch-none cursor-crosshair photo"
      :style="{ aspectRatio: `${width} / ${height}` }"
      tabindex="0"
      role="application"
      :aria-label="says"
      data-test="photo"
      @pointerdown="press"
      @pointermove="slide"
      @pointerup="lift"
      @pointercancel="down.delete($event.pointerId)"
      @wheel.prevent="
        zoom($event.deltaY < 0 ? 1.2 : 1 / 1.2, place($event.clientX, $event.clientY))
      "
      @keydown="keys"
      @focus="keyed = true"
      @blur="keyed = false"
    >
      <image :href="src" :width="width" :height="height" />
      <slot :scale="scale" />
      <g v-if="keyed" pointer-events="none" data-test="cross">
        <path
          v-for="[colour, wide] in [
            ['#fff', 4],
            ['#15201a', 1.6],
          ]"
          :key="colour"
          :d="`M${cross[0] - 26 * scale} ${cross[1]}h${52 * scale}M${cross[0]} ${cross[1] - 26 * scale}v${52 * scale}`"
          :stroke="String(colour)"
          :stroke-width="Number(wide) * scale"
        />
      </g>
    </svg>
    <div class="zooms no-print" role="group" aria-label="Nearer and farther">
      <button type="button" class="btn btn-small" aria-label="Nearer" @click="zoom(1.6)">+</button>
      <button type="button" class="btn btn-small" aria-label="Farther" @click="zoom(1 / 1.6)">
        −
      </button>
      <button type="button" class="btn btn-small" @click="part = whole">Whole picture</button>
    </div>
  </div>
</template>

<style scoped>
.photo {
  background: var(--sheet);
  border: var(--line) solid var(--ink);
  border-radius: 6px;
}
.zooms {
  display: flex;
  justify-content: flex-end;
  gap: 6px;
  margin-top: 6px;
}
.zooms .btn {
  background: var(--sheet);
  min-width: 44px;
  min-height: 44px;
}
</style>
