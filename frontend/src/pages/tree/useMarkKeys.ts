/** Marking by keys: up and down the limbs, a cut at the collar, slid out and in, taken off. */
import tell from 'words:tree'
import type { Frame } from '@/api/client'
import { useKeys } from '@/composables/useKeys'
import type { Marking } from '@/composables/useMarking'
import { computed, type Ref } from 'vue'

export function useMarkKeys(frame: Ref<Frame | null>, selected: Ref<string | null>, m: Marking) {
  /** Limbs in the order one walks up the tree. */
  const order = computed(() =>
    [...(frame.value?.limbs ?? [])].sort(
      (a, b) => a.start[2]! - b.start[2]! || a.id.localeCompare(b.id),
    ),
  )
  const limb = computed(() => frame.value?.limbs.find((l) => l.id === selected.value) ?? null)
  function step(by: number) {
    const at = order.value.findIndex((l) => l.id === selected.value)
    selected.value = order.value[(at + by + order.value.length) % order.value.length]?.id ?? null
  }
  function nudge(by: number) {
    const l = limb.value
    if (!l || l.sucker || !frame.value?.drawn) return
    const cut = m.cuts.value.find((c) => c.limb === l.id)
    m.mark(l.id, Math.max(0, Math.min((cut?.keep_m ?? 0) + by, l.length_m * 0.995)))
  }
  useKeys([
    { keys: ['ArrowUp'], says: tell('next-limb-up'), run: () => step(1), shown: '↑' },
    { keys: ['ArrowDown'], says: tell('next-limb-down'), run: () => step(-1), shown: '↓' },
    {
      keys: ['Enter'],
      says: tell('mark-a-cut-at-the'),
      run: () => frame.value?.drawn && limb.value && m.mark(limb.value.id, 0),
    },
    {
      keys: ['ArrowRight'],
      says: tell('slide-the-cut-out-with'),
      run: (e) => nudge(e.shiftKey ? 0.01 : 0.05),
      shown: '→',
    },
    {
      keys: ['ArrowLeft'],
      says: tell('slide-the-cut-in-with'),
      run: (e) => nudge(e.shiftKey ? -0.01 : -0.05),
      shown: '←',
    },
    {
      keys: ['Delete', 'Backspace'],
      says: tell('take-the-mark-off'),
      run: () => selected.value && m.remove(selected.value),
      shown: 'Del',
    },
    { keys: ['z', 'Ctrl+z'], says: tell('undo-2'), run: () => m.undo(), shown: 'z' },
    { keys: ['y', 'Ctrl+y'], says: tell('redo-2'), run: () => m.redo(), shown: 'y' },
  ])
}
