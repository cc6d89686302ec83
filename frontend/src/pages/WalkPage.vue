<script setup lang="ts">
/** The walk round one tree: one question a screen, by thumb or number key; every tap is kept at once. */
import { api, heed, sentence, type Schemas } from '@/api/client'
import { newId } from '@/api/ids'
import { useKeys } from '@/composables/useKeys'
import { dayWords } from '@/geometry/measure'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'

const props = defineProps<{ id: string }>()
const router = useRouter()
const queries = useQueryClient()
const walk = ref<Schemas['WalkOut'] | null>(null)
const trouble = ref('')
/** A step gone back to; else the first that is not answered. */
const gone = ref<string | null>(null)
/** The answer that could not be sent, sent again with the same id so that it counts once. */
const waiting = ref<{ step: string; answer: string; id: string } | null>(null)
async function begin() {
  trouble.value = ''
  gone.value = null
  try {
    walk.value = await heed(api.POST('/api/trees/{id}/walks', { params: { path: { id: props.id } }, body: { id: newId() } }))
  } catch (e) {
    trouble.value = sentence(e)
  }
}
watch(() => props.id, begin, { immediate: true })
const asked = computed(() => walk.value?.steps.filter((s) => !s.skipped) ?? [])
const step = computed(() => walk.value?.steps.find((s) => s.id === (gone.value ?? walk.value!.at)) ?? null)
const nth = computed(() => asked.value.findIndex((s) => s.id === step.value?.id))
async function send() {
  if (!walk.value || !waiting.value) return
  trouble.value = ''
  try {
    walk.value = await heed(api.POST('/api/walks/{id}/answers', { params: { path: { id: walk.value.id } }, body: waiting.value }))
    waiting.value = null
    gone.value = null
  } catch (e) {
    trouble.value = sentence(e)
  }
}
function answer(value: string) {
  if (!step.value) return
  waiting.value = { step: step.value.id, answer: value, id: newId() }
  void send()
}
function back() {
  const at = nth.value >= 0 ? nth.value : asked.value.length
  if (at > 0) gone.value = asked.value[at - 1]!.id
}
async function finish() {
  trouble.value = ''
  try {
    walk.value = await heed(api.POST('/api/walks/{id}/finish', { params: { path: { id: walk.value!.id } } }))
    void queries.invalidateQueries()
  } catch (e) {
    trouble.value = sentence(e)
  }
}
useKeys([
  ...[1, 2, 3, 4, 5].map((n) => ({
    keys: [String(n)],
    says: `answer ${n}`,
    run: () => {
      const choice = step.value?.choices[n - 1]
      if (choice) answer(choice.answer)
    },
  })),
  { keys: ['Backspace'], says: 'one step back', run: back },
])
const skipped = computed(() => walk.value?.steps.filter((s) => s.skipped) ?? [])
const toCut = computed(() => walk.value?.findings.filter((f) => f.work) ?? [])
const others = computed(() => walk.value?.findings.filter((f) => !f.work) ?? [])
</script>

<template>
  <div class="max-w-[560px] mx-auto px-4 py-3 grid gap-3 content-start">
    <div class="flex justify-between items-center gap-3">
      <RouterLink :to="`/tree/${id}`" class="plate text-lg">{{ walk?.name ?? 'The tree' }}</RouterLink>
      <span v-if="walk" class="tag text-ink2">{{
        step ? `step ${nth + 1} of ${asked.length}` : walk.state === 'done' ? 'walk done' : 'all seen'
      }}</span>
    </div>
    <p v-if="trouble" class="wrong" role="alert">
      {{ trouble }} <button v-if="waiting" type="button" class="btn btn-small" @click="send">Send it again</button>
    </p>
    <h1 v-if="!walk" class="text-[1.9rem]">The walk</h1>
    <template v-else-if="step && walk.state === 'open'">
      <ol class="flex gap-1" aria-hidden="true">
        <li v-for="(s, i) in asked" :key="s.id" class="mark" :class="{ done: s.given, now: i === nth }" />
      </ol>
      <p class="tag text-ink2 text-lg">{{ step.title }}</p>
      <h1 class="text-[1.8rem] leading-tight" data-test="step">{{ step.asks }}</h1>
      <p v-if="step.hazard" class="keep text-[0.95rem]">{{ step.hazard }}</p>
      <div class="grid gap-2.5">
        <button
          v-for="(c, i) in step.choices"
          :key="c.answer"
          type="button"
          class="choice"
          :class="{ given: step.given === c.answer }"
          :aria-pressed="step.given === c.answer"
          :data-answer="c.answer"
          @click="answer(c.answer)"
        >
          <kbd>{{ i + 1 }}</kbd> {{ c.says }}
        </button>
      </div>
      <button type="button" class="btn" :disabled="nth <= 0" @click="back">Back</button>
    </template>
    <template v-else>
      <h1 class="text-[1.9rem]" data-test="end">
        {{ walk.nothing ? 'Nothing to cut' : toCut.length === 1 ? 'One thing to cut' : `${toCut.length} things to cut` }}
      </h1>
      <ul v-if="toCut.length">
        <li v-for="f in toCut" :key="f.step" class="border-t border-rule py-2">
          {{ f.text }} <b v-if="f.again" class="num">Again {{ dayWords(f.again) }}.</b>
          <RouterLink v-if="f.work === 'sucker'" class="link" :to="`/tree/${id}/shoot`">Whose shoot is it?</RouterLink>
        </li>
      </ul>
      <ul v-if="others.length">
        <li v-for="f in others" :key="f.step" class="border-t border-rule py-2">
          {{ f.text }} <b v-if="f.again" class="num">Again {{ dayWords(f.again) }}.</b>
        </li>
      </ul>
      <p v-if="walk.nothing">
        {{ walk.reasons[0]?.text }} <b class="num">Look again {{ dayWords(walk.look_again) }}.</b>
      </p>
      <p v-for="s in skipped" :key="s.id" class="text-[0.95rem] text-ink2">{{ s.title }}: {{ s.skipped!.text }}</p>
      <template v-if="walk.state === 'open'">
        <button type="button" class="btn btn-go !min-h-14 text-xl" @click="finish">Finish the walk</button>
        <button type="button" class="btn" @click="back">Back</button>
      </template>
      <template v-else>
        <p role="status">The days to come back are set.</p>
        <RouterLink v-if="toCut.length" class="btn btn-go" :to="`/tree/${id}`">Mark the cuts</RouterLink>
        <button v-if="walk.next_tree" type="button" class="btn btn-go" @click="router.replace(`/tree/${walk.next_tree}/walk`)">
          Next tree of the row
        </button>
        <button type="button" class="btn" @click="begin">Walk it again</button>
      </template>
    </template>
  </div>
</template>

<style scoped>
.mark {
  flex: 1;
  height: 12px;
  border: 1.5px solid var(--ink);
  background: var(--sheet);
}
.mark.done {
  background: var(--ink);
}
.mark.now {
  border-bottom: 6px solid var(--tape);
}
.choice {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 62px;
  padding: 8px 14px;
  border: var(--line) solid var(--ink);
  border-radius: 12px;
  background: var(--sheet);
  font: 600 20px/1.15 var(--font-tag);
  text-align: left;
}
.choice.given {
  box-shadow: inset 8px 0 0 var(--leaf);
  padding-left: 22px;
}
</style>
