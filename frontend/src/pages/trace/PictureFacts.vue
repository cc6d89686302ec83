<script setup lang="ts">
/** What the picture is measured by, how far off it was taken and from where. */
import MeasureField from '@/controls/MeasureField.vue'
import WordField from '@/controls/WordField.vue'
import { computed } from 'vue'
import type { Facts } from './useTrace'

const facts = defineModel<Facts>({ required: true })
defineProps<{ wrong: Record<string, string> }>()
const SCALES = [
  { id: 'staff', says: 'a staff or pole', label: 'How long it is' },
  { id: 'person', says: 'a person', label: 'How tall they are' },
  { id: 'tree', says: 'the tree itself', label: 'How tall the tree is' },
] as const
const label = computed(() => SCALES.find((s) => s.id === facts.value.scale)!.label)
const set = (change: Partial<Facts>) => (facts.value = { ...facts.value, ...change })
</script>

<template>
  <fieldset class="grid gap-2">
    <legend class="label">Measured by, upright beside the trunk</legend>
    <div class="flex flex-wrap gap-1.5" role="group" aria-label="Measured by">
      <button
        v-for="s in SCALES"
        :key="s.id"
        type="button"
        class="btn btn-small"
        :aria-pressed="facts.scale === s.id"
        @click="set({ scale: s.id })"
      >
        {{ s.says }}
      </button>
    </div>
    <div class="grid grid-cols-2 gap-3">
      <MeasureField
        :model-value="facts.length_m"
        :label="label"
        kind="length"
        :wrong="wrong['/picture/staff/length_m'] ?? wrong['/staff/length_m']"
        @update:model-value="set({ length_m: $event })"
      />
      <MeasureField
        :model-value="facts.distance_m"
        label="How far off you stood"
        kind="length"
        placeholder="not known"
        :wrong="wrong['/picture/distance_m'] ?? wrong['/distance_m']"
        @update:model-value="set({ distance_m: $event })"
      />
    </div>
    <WordField
      :model-value="facts.from_deg"
      label="From which side it was taken"
      kind="direction"
      @update:model-value="set({ from_deg: $event ?? facts.from_deg })"
    />
  </fieldset>
</template>
