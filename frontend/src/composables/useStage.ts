/**
 * The drawing that stands beside every tag of a tree: what the open tag shows on it, and what a
 * touch of it does. The kind of work and the day hold until they are changed.
 */
import type { Cut, Frame, Work } from '@/api/client'
import type { View } from '@/geometry/elevation'
import { useSessionStorage } from '@vueuse/core'
import {
  computed,
  inject,
  onBeforeUnmount,
  provide,
  ref,
  shallowRef,
  type InjectionKey,
  type Ref,
  type VNode,
} from 'vue'

/** What a tag shows on the drawing; the tree as it stands where it shows nothing. */
export interface Shown {
  /** Another frame than the tree's own, as of a plan or a season to come. */
  frame?: Frame | null
  cuts?: Cut[]
  gone?: string[]
  free?: string[]
  afterHeight?: number | null
  selected?: string | null
  edge?: { z: number; half_m: number }[]
  /** A quiet drawing: no person, nothing to slide. */
  plain?: boolean
  /** Limbs of a quiet drawing can be touched. */
  touch?: boolean
  /** Marks of its own, with the drawing's scale. */
  marks?: (view: View) => VNode
  pick?: (limb: string, keep: number) => void
  slide?: (limb: string, keep: number) => void
  settle?: () => void
}

export interface Stage {
  from: Ref<number>
  selected: Ref<string | null>
  shown: Ref<Shown>
  /** Where the drawing stands on a phone; above everything where nowhere is said. */
  place: Ref<HTMLElement | null>
  show: (what: () => Shown) => void
}
const STAGE: InjectionKey<Stage> = Symbol('stage')

/** Sets up the drawing of a page. */
export function setStage(): Stage {
  const now = shallowRef<(() => Shown) | null>(null)
  const stage: Stage = {
    from: ref(180),
    selected: ref(null),
    shown: computed(() => now.value?.() ?? {}),
    place: ref(null),
    show: (what) => (now.value = what),
  }
  provide(STAGE, stage)
  return stage
}

/** The drawing of the page a tag is on; what it showed goes with it. */
export function useStage(what?: () => Shown): Stage {
  const stage = inject(STAGE)!
  if (what) {
    stage.show(what)
    onBeforeUnmount(() => stage.show(() => ({})))
  }
  return stage
}

const day = useSessionStorage<string | null>('billhook-day', null)
const works = useSessionStorage<Record<string, Work>>('billhook-work', {})

/** The day asked about, everywhere; nothing for today. */
export const useDay = () =>
  computed<string | undefined>({
    get: () => day.value ?? undefined,
    set: (to) => (day.value = to ?? null),
  })

/** The kind of work looked at for a tree; its main work until another is chosen. */
export const useWork = (tree: () => { id: string; main_work: Work } | undefined) =>
  computed<Work>({
    get: () => works.value[tree()?.id ?? ''] ?? tree()?.main_work ?? 'thin',
    set: (to) => (works.value = { ...works.value, [tree()?.id ?? '']: to }),
  })
