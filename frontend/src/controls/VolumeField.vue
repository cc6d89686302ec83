<script setup lang="ts">
/** A pot's size in the reader's units; kept in litres. */
import tell from 'words:app'
import { useSettings } from '@/composables/useSettings'
import { LITRES_PER_GALLON } from '@/geometry/measure'
import { computed, useId } from 'vue'

const props = defineProps<{
  label: string
  modelValue: number | null
  wrong?: string
  gap?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: number | null] }>()
const { units } = useSettings()
const id = useId()
const factor = computed(() => (units.value === 'us' ? LITRES_PER_GALLON : 1))
const shown = computed(() =>
  props.modelValue === null ? '' : String(Math.round((props.modelValue / factor.value) * 10) / 10),
)
function typed(event: Event) {
  const number = Number((event.target as HTMLInputElement).value.replace(',', '.'))
  emit('update:modelValue', number > 0 ? Math.round(number * factor.value * 10) / 10 : null)
}
</script>

<template>
  <div>
    <label :for="id" class="label"
      >{{ label }}, {{ units === 'us' ? tell('gallons') : tell('litres') }}</label
    >
    <input
      :id="id"
      class="field"
      :class="{ gap }"
      inputmode="decimal"
      autocomplete="off"
      :value="shown"
      :aria-invalid="!!wrong"
      @change="typed"
    />
    <p v-if="wrong" class="wrong">{{ wrong }}</p>
  </div>
</template>
