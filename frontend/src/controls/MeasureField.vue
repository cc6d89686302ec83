<script setup lang="ts">
/**
 * A length or a diameter, typed as people speak it; keeps what was typed and says what it
 * understood.
 */
import tell from 'words:app'
import { diameterWords, lengthWords, parseLength } from '@/geometry/measure'
import { useSettings } from '@/composables/useSettings'
import { computed, ref, useId, watch } from 'vue'

const props = defineProps<{
  label: string
  kind: 'length' | 'diameter'
  modelValue: number | null
  wrong?: string
  hideLabel?: boolean
  placeholder?: string
}>()
/** Metres for lengths, millimetres for diameters; null while it cannot be read. */
const emit = defineEmits<{ 'update:modelValue': [value: number | null]; typed: [] }>()
const { units } = useSettings()
const id = useId()
const words = (value: number | null) =>
  value === null
    ? ''
    : props.kind === 'length'
      ? lengthWords(value, units.value)
      : diameterWords(value, units.value)
const text = ref(words(props.modelValue))
const focused = ref(false)
watch([() => props.modelValue, units], ([value]) => {
  if (!focused.value) text.value = words(value)
})
const bare = computed(
  () =>
    (props.kind === 'length'
      ? units.value === 'metric'
        ? 'm'
        : 'ft'
      : units.value === 'metric'
        ? 'mm'
        : 'in') as 'm' | 'mm' | 'ft' | 'in',
)
const read = computed(() => {
  const metres = parseLength(text.value, bare.value)
  return metres === null ? null : props.kind === 'length' ? metres : metres * 1000
})
const unread = computed(() => text.value.trim() !== '' && read.value === null)
function typed() {
  emit('typed')
  emit('update:modelValue', read.value)
}
function left() {
  focused.value = false
  if (read.value !== null) text.value = words(read.value)
}
const hint = computed(
  () =>
    props.placeholder ??
    (props.kind === 'length'
      ? units.value === 'metric'
        ? '2.3 m'
        : "7'6"
      : units.value === 'metric'
        ? '19 mm'
        : '3/4"'),
)
</script>

<template>
  <div>
    <label :for="id" :class="hideLabel ? 'sr-only' : 'label'">{{ label }}</label>
    <input
      :id="id"
      v-model="text"
      class="field"
      inputmode="text"
      autocomplete="off"
      :placeholder="hint"
      :aria-invalid="unread || !!wrong"
      :aria-describedby="unread || wrong ? `${id}-wrong` : undefined"
      @input="typed"
      @focus="focused = true"
      @blur="left"
    />
    <p v-if="unread || wrong" :id="`${id}-wrong`" class="wrong">
      {{ unread ? tell('cannot-read-this-type', { hint }) : wrong }}
    </p>
  </div>
</template>
