<script setup lang="ts">
/** What the picture is measured by, how far off it was taken and from where. */
import tell from 'words:trace'
import MeasureField from '@/controls/MeasureField.vue'
import WordField from '@/controls/WordField.vue'
import { computed } from 'vue'
import type { Facts } from './useTrace'

const facts = defineModel<Facts>({ required: true })
defineProps<{ wrong: Record<string, string> }>()
const SCALES = [
  {
    id: 'staff',
    get says() {
      return tell('a-staff-or-pole')
    },
    get label() {
      return tell('how-long-it-is')
    },
  },
  {
    id: 'person',
    get says() {
      return tell('a-person')
    },
    get label() {
      return tell('how-tall-they-are')
    },
  },
  {
    id: 'tree',
    get says() {
      return tell('the-tree-itself')
    },
    get label() {
      return tell('how-tall-the-tree-is')
    },
  },
] as const
const label = computed(() => SCALES.find((s) => s.id === facts.value.scale)!.label)
const set = (change: Partial<Facts>) => (facts.value = { ...facts.value, ...change })
</script>

<template>
  <fieldset class="grid gap-2">
    <legend class="label">{{ tell('measured-by-upright-beside-the') }}</legend>
    <div class="flex flex-wrap gap-1.5" role="group" :aria-label="tell('measured-by')">
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
        :label="tell('how-far-off-you-stood')"
        kind="length"
        :placeholder="tell('not-known')"
        :wrong="wrong['/picture/distance_m'] ?? wrong['/distance_m']"
        @update:model-value="set({ distance_m: $event })"
      />
    </div>
    <WordField
      :model-value="facts.from_deg"
      :label="tell('from-which-side-it-was')"
      kind="direction"
      @update:model-value="set({ from_deg: $event ?? facts.from_deg })"
    />
  </fieldset>
</template>
