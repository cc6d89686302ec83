<script setup lang="ts">
/** Cuts marked on the photo a tree was traced on: touch a limb where it is to be cut. */
import tell from 'words:drawings'
import type { Cut, Frame, Schemas } from '@/api/client'
import { alongShare, between } from '@/geometry/elevation'
import type { Touch } from '@/geometry/trace'
import { computed } from 'vue'
import PhotoTouch from './PhotoTouch.vue'
import TapeFlag from './TapeFlag.vue'

const props = defineProps<{
  seen: Schemas['SeenOnOut']
  frame: Frame
  cuts: Cut[]
  gone: string[]
  free: string[]
  selected: string | null
}>()
const emit = defineEmits<{ mark: [limb: string, keep: number] }>()
const limbs = computed(() =>
  props.seen.limbs
    .filter((l) => l.standing)
    .map((l) => ({ ...l, of: props.frame.limbs.find((f) => f.id === l.id)! })),
)
const at = (limb: { fork: number[]; tip: number[] }, share: number): Touch => {
  const [x, y] = between([...limb.fork, 0] as never, [...limb.tip, 0] as never, share)
  return [x, y]
}
const cutShare = (limb: string, whole: number) => {
  const cut = props.cuts.find((c) => c.limb === limb)
  return cut ? Math.min(1, cut.keep_m / whole) : props.gone.includes(limb) ? 0 : 1
}
const drawn = computed(() =>
  limbs.value.map((l) => ({
    ...l,
    keeps: at(l, cutShare(l.id, l.of.length_m)),
    cut: cutShare(l.id, l.of.length_m) < 0.999,
  })),
)
const flags = computed(() =>
  props.cuts.flatMap((cut, i) => {
    const limb = limbs.value.find((l) => l.id === cut.limb)
    if (!limb) return []
    const [x, y] = at(limb, Math.max(0.02, cutShare(cut.limb, limb.of.length_m)))
    return [{ cut, n: i + 1, x, y, left: limb.tip[0]! < limb.fork[0]! }]
  }),
)
/** The limb nearest to a touch, and how much of it stays. */
function touched(place: Touch) {
  const near = limbs.value
    .map((l) => {
      const share = alongShare(place, l.fork as never, l.tip as never)
      const [x, y] = at(l, share)
      return { limb: l, share, off: Math.hypot(place[0] - x, place[1] - y) }
    })
    .sort((a, b) => a.off - b.off)[0]
  if (!near || near.off > props.seen.width * 0.05) return
  const keep = near.share * near.limb.of.length_m
  emit('mark', near.limb.id, near.limb.of.sucker || keep < 0.06 ? 0 : keep)
}
</script>

<template>
  <PhotoTouch
    :src="`/api/photos/${seen.photo_id}.jpg`"
    :width="seen.width"
    :height="seen.height"
    :says="tell('the-tree-on-its-photo')"
    @touch="touched"
  >
    <template #default="{ scale }">
      <g pointer-events="none" fill="none" stroke-linecap="round">
        <template v-for="l in drawn" :key="l.id">
          <path
            v-if="l.cut"
            :d="`M${l.keeps[0]} ${l.keeps[1]}L${l.tip[0]} ${l.tip[1]}`"
            stroke="#fff"
            :stroke-width="4 * scale"
            :stroke-dasharray="`${2 * scale} ${7 * scale}`"
          />
          <path
            :d="`M${l.fork[0]} ${l.fork[1]}L${l.keeps[0]} ${l.keeps[1]}`"
            stroke="#fff"
            :stroke-width="5 * scale"
          />
          <path
            :d="`M${l.fork[0]} ${l.fork[1]}L${l.keeps[0]} ${l.keeps[1]}`"
            :stroke="l.id === selected ? 'var(--frost)' : '#15201a'"
            :stroke-width="2.2 * scale"
            :data-limb="l.id"
          />
        </template>
      </g>
      <g
        v-for="f in flags"
        :key="f.cut.limb"
        pointer-events="none"
        :transform="`translate(${f.x} ${f.y}) scale(${scale})`"
        :data-flag="f.n"
      >
        <TapeFlag
          :x="0"
          :y="0"
          :n="f.n"
          :free="free.includes(f.cut.limb)"
          :left="f.left"
          :on="selected === f.cut.limb"
        />
      </g>
    </template>
  </PhotoTouch>
</template>
