/**
 * Something in a drawing that is dragged by a pointer: taken hold of, moved, let go. Places are in
 * the drawing's own units, whatever size it is shown at.
 */
import { shallowRef, type Ref } from 'vue'

type At = readonly [number, number]

export interface Drag<T> {
  held: Ref<T | null>
  /** Where a pointer is on the drawing. */
  place: (event: PointerEvent) => At
  take: (event: PointerEvent, what: T) => void
  move: (event: PointerEvent) => void
  drop: () => void
}

/** size: of the drawing's view box. moved: while it is held; dropped: once it is let go. */
export function useDrag<T>(
  svg: Ref<SVGElement | null | undefined>,
  size: () => At,
  moved: (what: T, at: At) => void,
  dropped?: (what: T) => void,
): Drag<T> {
  const held = shallowRef<T | null>(null)
  function place(event: PointerEvent): At {
    const toScreen = (svg.value as SVGSVGElement | null)?.getScreenCTM?.()
    if (toScreen) {
      const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(toScreen.inverse())
      return [at.x, at.y]
    }
    const box = svg.value!.getBoundingClientRect()
    const [width, height] = size()
    return [
      ((event.clientX - box.left) * width) / box.width,
      ((event.clientY - box.top) * height) / box.height,
    ]
  }
  function take(event: PointerEvent, what: T) {
    held.value = what
    svg.value?.setPointerCapture?.(event.pointerId)
  }
  const move = (event: PointerEvent) => {
    if (held.value !== null) moved(held.value, place(event))
  }
  function drop() {
    const what = held.value
    held.value = null
    if (what !== null) dropped?.(what)
  }
  return { held, place, take, move, drop }
}
