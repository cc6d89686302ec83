<script setup lang="ts">
/**
 * A number on the walk: a length, a diameter, a gap, a weight, a count, or counts one after the
 * other.
 */
import tell from 'words:walk'
import type { WalkQuestion } from '@/geometry/walk'
import { LATER } from '@/geometry/walk'
import { useKeys } from '@/composables/useKeys'
import { useSettings } from '@/composables/useSettings'
import CountField from '@/controls/CountField.vue'
import MeasureField from '@/controls/MeasureField.vue'
import { LB, parseWeight } from '@/geometry/measure'
import { computed, ref, useId, watch } from 'vue'

const props = defineProps<{ question: WalkQuestion }>()
const emit = defineEmits<{ answer: [value: string] }>()
const { units } = useSettings()
const id = useId()
const value = ref<number | null>(null)
const text = ref('')
watch(
  () => props.question.id,
  () => {
    const given = props.question.given === LATER ? null : props.question.given
    value.value =
      given !== null && props.question.kind !== 'counts'
        ? Number(given)
        : props.question.kind === 'count'
          ? Math.max(1, props.question.low)
          : null
    text.value = given ?? ''
    if (props.question.kind === 'mass' && value.value !== null)
      text.value = String(units.value === 'metric' ? value.value : value.value / LB)
  },
  { immediate: true },
)
const counts = computed(() => text.value.split(/[\s,;]+/).filter(Boolean))
const mass = computed(() => parseWeight(text.value, units.value))
const figure = computed(() => (/^\s*\d+\s*$/.test(text.value) ? Number(text.value) : null))
const number = computed(() =>
  props.question.kind === 'mass'
    ? mass.value
    : props.question.kind === 'figure'
      ? figure.value
      : value.value,
)
const unit = computed(() => {
  if (props.question.kind === 'figure') return tell('a-number-as-near-as')
  if (props.question.kind === 'counts') return tell('counted-3', { counts: counts.value.length })
  return units.value === 'metric' ? 'kg' : 'lb'
})
/** An example of what is typed. */
const example = computed(() => {
  if (props.question.kind === 'figure') return '120'
  if (props.question.kind === 'counts') return '4 6 3 5 7'
  return units.value === 'metric' ? '2.5' : '5.5'
})
const ready = computed(() => {
  if (props.question.kind === 'counts')
    return counts.value.length > 0 && counts.value.every((c) => /^\d+$/.test(c))
      ? counts.value.join(' ')
      : null
  const { low, high } = props.question
  return number.value !== null && number.value >= low && number.value <= high
    ? String(Math.round(number.value * 10000) / 10000)
    : null
})
const outside = computed(
  () => props.question.kind !== 'counts' && number.value !== null && ready.value === null,
)
const done = () => ready.value !== null && emit('answer', ready.value)
useKeys([
  {
    keys: ['Enter'],
    get says() {
      return tell('go-on-2')
    },
    run: done,
  },
  {
    keys: ['0'],
    get says() {
      return tell('not-now')
    },
    run: () => emit('answer', LATER),
  },
])
</script>

<template>
  <form class="grid gap-3" @submit.prevent="done">
    <CountField
      v-if="question.kind === 'count'"
      :model-value="value ?? 1"
      :label="question.asks"
      :low="question.low"
      :high="question.high"
      @update:model-value="value = $event"
    />
    <MeasureField
      v-else-if="
        question.kind === 'length' || question.kind === 'diameter' || question.kind === 'gap'
      "
      v-model="value"
      :label="question.asks"
      hide-label
      :kind="question.kind === 'length' ? 'length' : 'diameter'"
    />
    <div v-else>
      <label :for="id" class="sr-only">{{ question.asks }}</label>
      <input
        :id="id"
        v-model="text"
        class="field"
        :inputmode="
          question.kind === 'mass' ? 'decimal' : question.kind === 'figure' ? 'numeric' : 'text'
        "
        autocomplete="off"
        :placeholder="example"
      />
      <p class="text-note text-ink2">
        {{ unit }}
      </p>
    </div>
    <p v-if="outside" class="wrong">
      {{ tell('that-is-out-of-the') }}
    </p>
    <button type="submit" class="btn btn-go btn-tall text-part" :disabled="ready === null">
      {{ tell('go-on') }}
    </button>
    <button type="button" class="btn" data-test="not-now" @click="emit('answer', LATER)">
      {{ tell('not-now-2') }}
    </button>
  </form>
</template>
