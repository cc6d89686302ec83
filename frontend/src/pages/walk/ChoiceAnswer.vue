<script setup lang="ts">
/** Choices by thumb or number key; where several may hold they are ticked and sent with "Go on". */
import tell from 'words:walk'
import type { WalkQuestion } from '@/geometry/walk'
import { useKeys } from '@/composables/useKeys'
import AnswerInk from '@/drawings/AnswerInk.vue'
import { ref, watch } from 'vue'

const props = defineProps<{ question: WalkQuestion }>()
const emit = defineEmits<{ answer: [value: string] }>()
const picked = ref<string[]>([])
watch(
  () => props.question.id,
  () =>
    (picked.value = (props.question.given ?? '')
      .split(' ')
      .filter((a) => props.question.choices.some((c) => c.answer === a && !c.alone))),
  { immediate: true },
)
function tap(nth: number) {
  const choice = props.question.choices[nth]
  if (!choice) return
  if (props.question.kind === 'one' || choice.alone) return emit('answer', choice.answer)
  picked.value = picked.value.includes(choice.answer)
    ? picked.value.filter((a) => a !== choice.answer)
    : [...picked.value, choice.answer]
}
// in the order they are listed, whatever order they were ticked in
const goOn = () =>
  picked.value.length &&
  emit(
    'answer',
    props.question.choices
      .map((c) => c.answer)
      .filter((a) => picked.value.includes(a))
      .join(' '),
  )
const held = (answer: string) =>
  props.question.kind === 'one' || !picked.value.length
    ? props.question.given === answer
    : picked.value.includes(answer)
useKeys([
  ...[1, 2, 3, 4, 5, 6, 7, 8, 9, 10].map((n) => ({
    keys: [String(n % 10)],
    says: tell('answer', { n }),
    run: () => tap(n - 1),
  })),
  {
    keys: ['Enter'],
    get says() {
      return tell('go-on-2')
    },
    run: goOn,
  },
])
</script>

<template>
  <div
    class="grid gap-2"
    :class="{ two: question.choices.length > 5 }"
    role="group"
    :aria-label="question.asks"
  >
    <button
      v-for="(c, i) in question.choices"
      :key="c.answer"
      type="button"
      class="choice"
      :class="{ given: held(c.answer) }"
      :aria-pressed="held(c.answer)"
      :data-answer="c.answer"
      @click="tap(i)"
    >
      <kbd>{{ (i + 1) % 10 }}</kbd>
      <AnswerInk :clue="question.id" :value="c.answer" :size="46" />
      <span>{{ c.says }}</span>
    </button>
    <button
      v-if="question.kind === 'many' && picked.length"
      type="button"
      class="btn btn-go go"
      data-test="go-on"
      @click="goOn"
    >
      {{ tell('go-on') }} <kbd>Enter</kbd>
    </button>
  </div>
</template>

<style scoped>
.choice {
  scroll-margin-bottom: 80px;
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 58px;
  padding: 6px 12px;
  border: var(--line) solid var(--ink);
  border-radius: 12px;
  background: var(--sheet);
  font: 600 19px/1.1 var(--font-tag);
  text-align: left;
}
.choice.given {
  box-shadow: inset 8px 0 0 var(--leaf);
  padding-left: 20px;
}
.two {
  grid-template-columns: 1fr 1fr;
}
.two .choice {
  font-size: 17.5px;
  padding: 6px 9px;
  gap: 8px;
}
.two .choice.given {
  padding-left: 16px;
}
.go {
  min-height: 58px;
  font-size: 20px;
  position: sticky;
  bottom: calc(var(--foot) + 8px);
}
.two .go {
  grid-column: 1 / -1;
}
</style>
