/**
 * The part of a picture or drawing that is shown: pinched with two fingers, dragged with one when
 * it is near, and brought nearer by buttons or keys.
 */
import { within, zoomed, type Part, type Touch } from '@/geometry/trace'
import { computed, ref, watch, type Ref } from 'vue'

interface Finger {
  from: Touch
  at: Touch
}

/** size: of the whole; busy: whether a finger holds something, so that it does not drag the part. */
export function usePart(
  svg: Ref<SVGElement | null | undefined>,
  size: () => readonly [number, number],
  busy: () => boolean = () => false,
) {
  const whole = computed<Part>(() => ({ x: 0, y: 0, w: size()[0], h: size()[1] }))
  const part = ref<Part>(whole.value)
  watch(whole, (now) => (part.value = now))
  const near = computed(() => part.value.w < whole.value.w - 0.5)
  const middle = (): Touch => [part.value.x + part.value.w / 2, part.value.y + part.value.h / 2]
  const zoom = (by: number, around = middle()) =>
    (part.value = zoomed(part.value, by, around, ...size()))
  const centre = ([x, y]: Touch) => {
    const { w, h } = part.value
    part.value = within({ x: x - w / 2, y: y - h / 2, w, h }, ...size())
  }

  /** Fingers and mouse buttons that are down. */
  const down = new Map<number, Finger>()
  let moved = false
  const place = (x: number, y: number): Touch => {
    const box = svg.value!.getBoundingClientRect()
    const { x: left, y: top, w, h } = part.value
    return [left + ((x - box.left) * w) / box.width, top + ((y - box.top) * h) / box.height]
  }
  const span = () => {
    const [a, b] = [...down.values()].map((p) => p.at)
    return a && b ? Math.hypot(a[0] - b[0], a[1] - b[1]) : 0
  }
  function press(event: PointerEvent) {
    moved = down.size > 0
    const at: Touch = [event.clientX, event.clientY]
    down.set(event.pointerId, { from: at, at })
  }
  function slide(event: PointerEvent) {
    const one = down.get(event.pointerId)
    if (!one) return
    const before = span()
    const [dx, dy] = [event.clientX - one.at[0], event.clientY - one.at[1]]
    one.at = [event.clientX, event.clientY]
    if (Math.hypot(one.at[0] - one.from[0], one.at[1] - one.from[1]) > 9) moved = true
    if (!moved) return
    if (down.size === 2 && before) {
      const [a, b] = [...down.values()].map((p) => p.at) as [Touch, Touch]
      zoom(span() / before, place((a[0] + b[0]) / 2, (a[1] + b[1]) / 2))
    } else if (!busy()) {
      const box = svg.value!.getBoundingClientRect()
      const { x, y, w, h } = part.value
      const next = { x: x - (dx * w) / box.width, y: y - (dy * h) / box.height, w, h }
      part.value = within(next, ...size())
    }
  }
  /** Whether it was a touch at one place, and not a drag or a pinch. */
  function lift(event: PointerEvent): boolean {
    return down.delete(event.pointerId) && !moved && !down.size
  }
  const leave = (event: PointerEvent) => void down.delete(event.pointerId)
  const all = () => (part.value = whole.value)
  const box = computed(() => `${part.value.x} ${part.value.y} ${part.value.w} ${part.value.h}`)
  const two = () => down.size > 1
  return { part, box, near, zoom, centre, all, place, two, press, slide, lift, leave }
}
