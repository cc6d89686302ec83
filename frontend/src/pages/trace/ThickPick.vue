<script setup lang="ts">
/** How thick wood is, by hand: a class, or two touches across it. */
import tell from 'words:trace'
import { useNames } from '@/composables/useNames'
import { useSettings } from '@/composables/useSettings'
import { diameterWords } from '@/geometry/measure'
import type { Thick } from '@/geometry/trace'
import { computed } from 'vue'

defineProps<{ thick: Thick; label: string; touching: boolean }>()
const emit = defineEmits<{ class: [id: string]; across: [] }>()
const { units } = useSettings()
const { rows, number } = useNames()
const classes = computed(() =>
  rows('thickness').map((c) => ({ ...c, mm: number(`thickness/${c.id}/mm`) ?? 0 })),
)
</script>

<template>
  <div role="group" :aria-label="label" class="flex flex-wrap gap-1.5">
    <button
      type="button"
      class="btn btn-small"
      :aria-pressed="touching || !!thick.across"
      @click="emit('across')"
    >
      {{ tell('touch-across-it') }}
    </button>
    <button
      v-for="c in classes"
      :key="c.id"
      type="button"
      class="btn btn-small"
      :aria-pressed="thick.class === c.id"
      @click="emit('class', c.id)"
    >
      {{ c.name }} <span class="num text-ink2">{{ diameterWords(c.mm, units) }}</span>
    </button>
  </div>
</template>
