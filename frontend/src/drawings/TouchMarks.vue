<script setup lang="ts">
/** What was touched so far, drawn over the picture: white under ink, so that it shows on both. */
import tell from 'words:drawings'
import type { Touch, Touched } from '@/geometry/trace'
import { computed } from 'vue'

const props = defineProps<{ touched: Touched; scale: number; selected: string | null }>()
const line = (a: Touch, b: Touch) => `M${a[0]} ${a[1]}L${b[0]} ${b[1]}`
const stretches = computed(() => {
  const t = props.touched
  const found: { id: string; d: string; dash?: string }[] = []
  if (t.foot && t.top) found.push({ id: 'tree', d: line(t.foot, t.top), dash: '3 7' })
  if (t.low && t.high) found.push({ id: 'scale', d: line(t.low, t.high), dash: '9 5' })
  if (t.trunk.across) found.push({ id: 'trunk', d: line(...t.trunk.across) })
  for (const limb of t.limbs) {
    if (limb.tip) found.push({ id: limb.id, d: line(limb.fork, limb.tip) })
    if (limb.thick.across)
      found.push({ id: tell('across-4', { limb: limb.id }), d: line(...limb.thick.across) })
  }
  return found
})
const dots = computed(() => {
  const t = props.touched
  const open = t.limbs.filter((l) => !l.tip).map((l) => l.fork)
  return [t.foot, t.top, t.low, t.high, t.half, ...open].filter((p): p is Touch => p !== null)
})
const numbers = computed(() =>
  props.touched.limbs.flatMap((l, i) => (l.tip ? [{ n: i + 1, at: l.tip, id: l.id }] : [])),
)
const dashed = (dash?: string) =>
  dash
    ?.split(' ')
    .map((n) => Number(n) * props.scale)
    .join(' ')
</script>

<template>
  <g pointer-events="none" fill="none" stroke-linecap="round">
    <template v-for="s in stretches" :key="s.id">
      <path :d="s.d" stroke="#fff" :stroke-width="5 * scale" :stroke-dasharray="dashed(s.dash)" />
      <path
        :d="s.d"
        :stroke="s.id === selected ? 'var(--frost)' : '#15201a'"
        :stroke-width="2.2 * scale"
        :stroke-dasharray="dashed(s.dash)"
        :data-stretch="s.id"
      />
    </template>
    <circle
      v-for="(p, i) in dots"
      :key="i"
      :cx="p[0]"
      :cy="p[1]"
      :r="6 * scale"
      fill="#fff"
      stroke="#15201a"
      :stroke-width="2.2 * scale"
    />
    <g v-for="n in numbers" :key="n.id">
      <circle
        :cx="n.at[0]"
        :cy="n.at[1]"
        :r="11 * scale"
        fill="#fff"
        stroke="#15201a"
        :stroke-width="1.6 * scale"
      />
      <text
        :x="n.at[0]"
        :y="n.at[1] + 5 * scale"
        :font-size="14 * scale"
        text-anchor="middle"
        style="fill: #15201a; font-weight: 600"
      >
        {{ n.n }}
      </text>
    </g>
  </g>
</template>
