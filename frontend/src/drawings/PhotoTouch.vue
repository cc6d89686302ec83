<script setup lang="ts">
/**
 * A picture to touch: by finger, mouse or keys; pinched, wheeled or keyed nearer; dragged when near.
 * What lies on it is drawn by the page, in the picture's own pixels.
 */
import tell from 'words:drawings'
import { usePart } from '@/composables/usePart'
import type { Touch } from '@/geometry/trace'
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'

const props = defineProps<{ src: string; width: number; height: number; says: string }>()
const emit = defineEmits<{ touch: [at: Touch] }>()
const svg = ref<SVGSVGElement>()
const {
  part,
  box,
  zoom,
  centre,
  all,
  place,
  press: fingerDown,
  slide,
  lift: fingerUp,
  leave,
} = usePart(svg, () => [props.width, props.height])
/** Crossed lines that keys move; shown while the picture has the keys. */
const cross = ref<Touch>([props.width / 2, props.height / 2])
const keyed = ref(false)

function press(event: PointerEvent) {
  keyed.value = false
  fingerDown(event)
  svg.value?.setPointerCapture?.(event.pointerId)
}
const lift = (event: PointerEvent) =>
  fingerUp(event) && emit('touch', place(event.clientX, event.clientY))
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
    centre(cross.value)
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
      :viewBox="box"
      class="block w-full touch-none cursor-crosshair photo"
      :style="{ aspectRatio: `${width} / ${height}` }"
      tabindex="0"
      role="application"
      :aria-label="says"
      data-test="photo"
      @pointerdown="press"
      @pointermove="slide"
      @pointerup="lift"
      @pointercancel="leave"
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
    <div class="zooms no-print" role="group" :aria-label="tell('nearer-and-farther')">
      <button type="button" class="btn btn-small" :aria-label="tell('nearer')" @click="zoom(1.6)">
        +
      </button>
      <button
        type="button"
        class="btn btn-small"
        :aria-label="tell('farther')"
        @click="zoom(1 / 1.6)"
      >
        −
      </button>
      <button type="button" class="btn btn-small" @click="all">{{ tell('whole-picture') }}</button>
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
