/** The plan brought nearer and moved: wheel, two fingers, a dragging mouse, keys and buttons. */
import { select } from 'd3-selection'
import { zoom as zooming, zoomIdentity, type D3ZoomEvent, type ZoomTransform } from 'd3-zoom'
import { computed, onMounted, onUnmounted, shallowRef, watch, type Ref } from 'vue'

const MOST = 400
/** How far away it may be taken while there is free ground to be seen. */
const FAR = 0.1

/**
 * size: of the plan, px. held: whether a pointer holds something else there, so that it does not
 * move the plan. free: the ground round the whole is of use too. wheel: whether a bare wheel brings it nearer; else it scrolls the page.
 */
export function useNear(
  on: Ref<HTMLElement | undefined>,
  size: () => readonly [number, number],
  held: (event: Event) => boolean,
  wheel: () => boolean,
  free: () => boolean = () => false,
) {
  const part = shallowRef<ZoomTransform>(zoomIdentity)
  const nearer = computed(() => part.value.k > 1.001)
  const does = zooming<HTMLElement, unknown>()
    .filter((event: MouseEvent & TouchEvent) => {
      if (event.type === 'wheel') return wheel() || event.ctrlKey
      if (event.button || held(event)) return false
      // one finger scrolls the page while the whole plan is seen
      return !event.touches || event.touches.length > 1 || nearer.value || free()
    })
    .on('zoom', (event: D3ZoomEvent<HTMLElement, unknown>) => (part.value = event.transform))
  const at = () => select(on.value!)
  const bound = () => {
    const [w, h] = size()
    does.extent([
      [0, 0],
      [w, h],
    ])
    const beyond = free() ? Infinity : 0
    does.scaleExtent([free() ? FAR : 1, MOST]).translateExtent([
      [-beyond, -beyond],
      [w + beyond, h + beyond],
    ])
  }
  onMounted(() => {
    bound()
    at().call(does).on('dblclick.zoom', null)
  })
  onUnmounted(() => on.value && at().on('.zoom', null))
  watch(size, () => {
    bound()
    if (on.value) does.transform(at(), zoomIdentity)
  })
  watch(free, (now) => {
    bound()
    if (!now && on.value && part.value.k < 1) does.transform(at(), zoomIdentity)
  })
  const zoom = (by: number) => does.scaleBy(at(), by)
  const pan = (x: number, y: number) => does.translateBy(at(), x / part.value.k, y / part.value.k)
  const all = () => does.transform(at(), zoomIdentity)
  /** Brings a spot of the whole plan into the middle, so near. */
  const show = (x: number, y: number, k: number) => {
    const [w, h] = size()
    does.transform(
      at(),
      zoomIdentity
        .translate(w / 2, h / 2)
        .scale(k)
        .translate(-x, -y),
    )
  }
  return { part, nearer, zoom, pan, all, show }
}
