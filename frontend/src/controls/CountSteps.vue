<script setup lang="ts">
/** How many were taken off, by thickness: taps only, each undone by another tap. */
import tell from 'words:parts'
import { useNames } from '@/composables/useNames'
import { useSettings } from '@/composables/useSettings'
import type { CountedCut } from '@/composables/useCount'
import ThicknessBar from '@/drawings/ThicknessBar.vue'
import { diameterWords } from '@/geometry/measure'
import { computed, ref } from 'vue'
import StepCount from './StepCount.vue'

const cuts = defineModel<CountedCut[]>({ required: true })
const { units } = useSettings()
const { rows, number } = useNames()
const classes = computed(() =>
  rows('thickness').map((c) => ({ ...c, mm: number(`thickness/${c.id}/mm`) ?? 0 })),
)
const thickest = computed(() => Math.max(1, ...classes.value.map((c) => c.mm)))
const sprouts = ref(false)
const taken = (id: string) =>
  cuts.value.find((c) => c.class === id && c.sprout === sprouts.value)?.n ?? 0
function set(id: string, n: number) {
  const rest = cuts.value.filter((c) => c.class !== id || c.sprout !== sprouts.value)
  cuts.value = n ? [...rest, { class: id, n, sprout: sprouts.value, dead: false }] : rest
}
</script>

<template>
  <div>
    <div class="flex items-center justify-between gap-3 border-b-2 border-ink py-2">
      <span
        >{{ tell('sprouts-of-this-season') }}<br /><small class="text-ink2">{{
          tell('yes-the-next-ones-count')
        }}</small></span
      >
      <div class="flex" role="group" :aria-label="tell('sprouts-of-this-season-2')">
        <button
          v-for="[says, value] in [
            [tell('no-3'), false],
            [tell('yes-2'), true],
          ] as const"
          :key="says"
          type="button"
          class="choice"
          :class="{ on: sprouts === value }"
          :aria-pressed="sprouts === value"
          @click="sprouts = value"
        >
          {{ says }}
        </button>
      </div>
    </div>
    <div
      v-for="c in classes"
      :key="c.id"
      class="flex items-center justify-between gap-3 py-1.5 border-b border-rule"
    >
      <div class="flex items-center gap-3">
        <ThicknessBar :mm="c.mm" :most="thickest" />
        <span
          ><b class="tag text-lead">{{ c.name }}</b
          ><br /><small class="text-ink2">{{ diameterWords(c.mm, units) }}</small></span
        >
      </div>
      <StepCount
        :label="tell('thick', { name: c.name, which: sprouts ? ' ' + tell('sprouts') : '' })"
        :model-value="taken(c.id)"
        @update:model-value="set(c.id, $event)"
      />
    </div>
  </div>
</template>
