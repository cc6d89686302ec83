<script setup lang="ts">
/**
 * Scratches on a tree's limbs, to scale: green places filled, brown ones crossed, dead wood hatched
 * from its edge, and a ring where to scratch next.
 */
import type { Frame, Schemas } from '@/api/client'
import { boughPath } from '@/geometry/bough'
import { project, type View } from '@/geometry/elevation'
import { computed } from 'vue'
import { axisOf } from './limbs'

const props = defineProps<{
  frame: Frame
  view: View
  tests: Schemas['LimbTestOut'][]
  selected: string | null
  at: number | null
}>()
const drawn = computed(() =>
  props.tests
    .filter((t) => t.readings.length || t.limb === props.selected)
    .flatMap((t) => {
      const limb = props.frame.limbs.find((l) => l.id === t.limb)
      if (!limb) return []
      const axis = axisOf(limb, props.frame)
      const share = (m: number) => Math.min(1, m / limb.length_m)
      const place = (m: number) => project(axis(share(m)), props.view)
      const mm = (m: number) =>
        ((limb.base_mm + ((limb.tip_mm - limb.base_mm) * m) / limb.length_m) / 1000) *
        props.view.scale
      const dead = t.found.boundary[1]
      const base = Math.max(0, dead ?? 0)
      return [
        {
          id: t.limb,
          dead:
            dead === null || dead === undefined
              ? null
              : boughPath(
                  axis,
                  [share(base), 1],
                  [mm(base) + 2, mm(limb.length_m) + 2],
                  props.view,
                ),
          spots: t.readings.map((r) => ({ at: place(r.at_m), green: r.green })),
          next: t.limb === props.selected && props.at !== null ? place(props.at) : null,
        },
      ]
    }),
)
</script>

<template>
  <g aria-hidden="true" pointer-events="none">
    <g v-for="d in drawn" :key="d.id">
      <path v-if="d.dead" :d="d.dead" fill="url(#dead)" stroke="var(--ink)" stroke-width="1.2" />
      <template v-for="(s, i) in d.spots" :key="i">
        <circle
          :cx="s.at[0]"
          :cy="s.at[1]"
          r="6.5"
          :fill="s.green ? 'var(--leaf)' : 'var(--sheet)'"
          stroke="var(--ink)"
          stroke-width="1.6"
        />
        <path
          v-if="!s.green"
          :d="`M${s.at[0] - 3.5} ${s.at[1] - 3.5}l7 7m0 -7l-7 7`"
          stroke="var(--ink)"
          stroke-width="1.8"
        />
      </template>
      <g v-if="d.next">
        <circle
          :cx="d.next[0]"
          :cy="d.next[1]"
          r="13"
          fill="none"
          stroke="var(--paper)"
          stroke-width="7"
        />
        <circle
          :cx="d.next[0]"
          :cy="d.next[1]"
          r="13"
          fill="none"
          stroke="var(--tape)"
          stroke-width="3.2"
        />
      </g>
    </g>
  </g>
</template>
