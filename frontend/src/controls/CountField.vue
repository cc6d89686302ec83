<script setup lang="ts">
/** A count by thumb: fewer, more, or typed. */
import tell from 'words:app'
import { useId } from 'vue'

const props = defineProps<{ label: string; low: number; high: number; modelValue: number }>()
const emit = defineEmits<{ 'update:modelValue': [value: number] }>()
const id = useId()
const set = (value: number) =>
  emit('update:modelValue', Math.max(props.low, Math.min(props.high, Math.round(value))))
</script>

<template>
  <div>
    <label :for="id" class="label">{{ label }}</label>
    <div class="flex gap-2 items-stretch">
      <button
        type="button"
        class="btn step"
        :aria-label="tell('one-fewer', { label })"
        :disabled="modelValue <= low"
        @click="set(modelValue - 1)"
      >
        −
      </button>
      <input
        :id="id"
        class="field num !w-24 text-center !text-head"
        inputmode="numeric"
        autocomplete="off"
        :value="modelValue"
        @change="set(Number(($event.target as HTMLInputElement).value) || low)"
      />
      <button
        type="button"
        class="btn step"
        :aria-label="tell('one-more', { label })"
        :disabled="modelValue >= high"
        @click="set(modelValue + 1)"
      >
        +
      </button>
    </div>
  </div>
</template>

<style scoped>
.step {
  min-width: 64px;
  min-height: 56px;
  font-size: 28px;
}
</style>
