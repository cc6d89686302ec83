<script setup lang="ts">
/** A direction or a slope in words or numbers, with the usual words one tap away. */
import tell from 'words:app'
import { parseDirection, parseSlope, SLOPES, winds, windWords } from '@/geometry/measure'
import { computed, ref, useId, watch } from 'vue'

const props = defineProps<{
  label: string
  kind: 'direction' | 'slope'
  modelValue: number | null
  standing?: number
  wrong?: string
}>()
const emit = defineEmits<{ 'update:modelValue': [value: number | null] }>()
const id = useId()
const words = (value: number | null) =>
  value === null
    ? ''
    : props.kind === 'direction'
      ? value % 45 === 0
        ? windWords(value)
        : `${Math.round(value)}°`
      : (SLOPES.find((s) => s.rise === value)?.says ?? `${Math.round(value)}°`)
const text = ref(words(props.modelValue))
const focused = ref(false)
watch(
  () => props.modelValue,
  (value) => {
    if (!focused.value) text.value = words(value)
  },
)
const read = computed(() =>
  props.kind === 'direction'
    ? parseDirection(text.value, props.standing ?? 180)
    : parseSlope(text.value),
)
const unread = computed(() => text.value.trim() !== '' && read.value === null)
const choices = computed(() => (props.kind === 'direction' ? winds() : SLOPES.map((s) => s.says)))
const hint = computed(() =>
  props.kind === 'direction' ? tell('such-as-sw') : tell('such-as-steep'),
)
function choose(word: string) {
  text.value = word
  emit('update:modelValue', read.value)
}
function left() {
  focused.value = false
  if (read.value !== null) text.value = words(read.value)
}
</script>

<template>
  <div>
    <label :for="id" class="label">{{ label }}</label>
    <input
      :id="id"
      v-model="text"
      class="field"
      autocomplete="off"
      :list="`${id}-list`"
      :placeholder="hint"
      :aria-invalid="unread || !!wrong"
      :aria-describedby="unread || wrong ? `${id}-wrong` : undefined"
      @input="emit('update:modelValue', read)"
      @focus="focused = true"
      @blur="left"
    />
    <div class="flex flex-wrap gap-1 mt-1">
      <button
        v-for="word in choices"
        :key="word"
        type="button"
        class="chip"
        :class="{ on: text === word }"
        @click="choose(word)"
      >
        {{ word }}
      </button>
    </div>
    <p v-if="unread || wrong" :id="`${id}-wrong`" class="wrong">
      {{ unread ? tell('cannot-read-this-type', { hint }) : wrong }}
    </p>
  </div>
</template>

<style scoped>
.chip {
  font: 600 15px/1 var(--font-tag);
  padding: 5px 8px;
  min-height: 30px;
  min-width: 30px;
  border: 1.5px solid var(--edge);
  border-radius: 6px;
  background: var(--paper);
}
.chip.on {
  background: var(--ink);
  color: var(--paper);
}
@media (max-width: 720px) {
  .chip {
    min-height: 44px;
    min-width: 44px;
  }
}
</style>
