<script setup lang="ts">
/**
 * The walk round one tree: one question a screen, by thumb or number key; every tap is kept on the
 * phone at once.
 */
import tell from 'words:walk'
import SaidText from '@/controls/SaidText.vue'
import { api, heed, sentence, type Tree } from '@/api/client'
import { newId } from '@/api/ids'
import { useKeys } from '@/composables/useKeys'
import { useSettings } from '@/composables/useSettings'
import { useOutbox } from '@/field/outbox'
import { useWalk } from '@/field/useWalk'
import { dayWords } from '@/geometry/day'
import { lengthWords } from '@/geometry/measure'
import { answerWords, isOpen, questionBefore } from '@/geometry/walk'
import { useQueryClient } from '@tanstack/vue-query'
import { until } from '@vueuse/core'
import { computed, nextTick, ref, toRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import AnswerSaid from './AnswerSaid.vue'
import ChoiceAnswer from './ChoiceAnswer.vue'
import LimbAnswer from './LimbAnswer.vue'
import NumberAnswer from './NumberAnswer.vue'
import WalkEnd from './WalkEnd.vue'

const props = defineProps<{ id: string; tree?: Tree }>()
const router = useRouter()
const queries = useQueryClient()
const { walk, trouble, local, begin, lookFor, refresh, give, finish } = useWalk(toRef(props, 'id'))
const { waitsFor } = useOutbox()
const route = useRoute()
/** Until the first answer one says what the look is for. */
const fresh = computed(
  () => walk.value?.state === 'open' && !walk.value.questions.some((q) => q.given !== null),
)
const wanted = computed(() => (typeof route.query.look === 'string' ? route.query.look : null))
watch([() => walk.value?.id, wanted], () => {
  if (walk.value && fresh.value && wanted.value) void lookFor(wanted.value)
})
/** Main questions, to go to out of turn. */
const mains = computed(
  () =>
    walk.value?.questions.filter((q) => !q.after.length && isOpen(q, walk.value!.questions)) ?? [],
)
/** A question gone back to; else the one the walk stands at. */
const gone = ref<string | null>(null)
/** The question answered last, whose verdict shows on the next screen. */
const last = ref<string | null>(null)
/** How long a question stays for Billhook's word on its answer, in ms. */
const WORD_MS = 250
/** The question just answered, while that word is waited for. */
const heldAt = ref<string | null>(null)
/** The word came when the next question stood already: it must not push what is being tapped. */
const late = ref(false)
const busy = ref(false)
const questionAt = (id: string | null) => walk.value?.questions.find((q) => q.id === id) ?? null
const question = computed(
  () => questionAt(heldAt.value) ?? questionAt(gone.value ?? walk.value?.at ?? null),
)
const step = computed(() => walk.value?.steps.find((s) => s.id === question.value?.step))
/** Steps that have a question for this tree. */
const stages = computed(
  () =>
    walk.value?.steps.filter((s) =>
      walk.value!.questions.some((q) => q.step === s.id && isOpen(q, walk.value!.questions)),
    ) ?? [],
)
const nth = computed(() => stages.value.findIndex((s) => s.id === step.value?.id))
const seen = (id: string) => walk.value!.questions.some((q) => q.step === id && q.given !== null)
/** What the last answer came to, at once. */
const said = computed(() => {
  const answered = walk.value?.questions.find((q) => q.id === last.value && q.given)
  if (!answered || gone.value || local.value) return []
  const found = walk.value!.findings.filter((f) =>
    answered.given!.split(' ').some((a) => f.answer === `${answered.id}-${a}`),
  )
  return [
    ...new Set([
      ...found.map((f) => f.text),
      ...found.flatMap((f) => f.reasons.map((r) => r.text)),
      ...answered.notes.map((n) => n.text),
    ]),
  ]
})
watch(toRef(props, 'id'), () => {
  gone.value = null
  last.value = null
})
watch(
  () => question.value?.id,
  () => void nextTick(() => window.scrollTo({ top: 0 })),
)
async function answer(value: string) {
  if (heldAt.value) return
  const asked = question.value!.id
  const behind = local.value
  heldAt.value = asked
  await give(asked, value)
  // with words of earlier answers still out, none comes for this one either
  if (!behind) await until(local).toBe(false, { timeout: WORD_MS })
  late.value = local.value
  gone.value = null
  last.value = asked
  heldAt.value = null
  if (asked === 'below' && value === 'shoot')
    await router.push(`/tree/${props.id}/look/shoot?walk=1`)
}
function back() {
  const before = walk.value && questionBefore(walk.value.questions, question.value?.id ?? null)
  if (before) gone.value = before
}
async function end() {
  await finish()
  void queries.invalidateQueries()
}
async function plan() {
  busy.value = true
  trouble.value = ''
  try {
    const made = await heed(
      api.POST('/api/walks/{id}/plan', {
        params: { path: { id: walk.value!.id! } },
        body: { id: newId() },
      }),
    )
    await finish()
    void queries.invalidateQueries()
    await router.push(`/sheet/${made.id}`)
  } catch (error) {
    trouble.value = sentence(error)
  } finally {
    busy.value = false
  }
}
const settle = (id: string, value: string) => give(id, value)
const crossed = computed(() =>
  (walk.value?.crossings ?? []).map((c) => {
    const asked = walk.value!.questions.find((q) => q.id === c.question)!
    return {
      ...c,
      asked,
      holdsWords: answerWords({ ...asked, given: c.holds || null }),
      otherWords: answerWords({ ...asked, given: c.other || null }),
    }
  }),
)
useKeys([
  {
    keys: ['Backspace'],
    get says() {
      return tell('one-question-back')
    },
    run: back,
  },
])
const { units } = useSettings()
</script>

<template>
  <div class="w-full max-w-[560px] mx-auto grid gap-3 content-start">
    <div class="flex flex-wrap items-center gap-x-4 max-sm:min-h-[3.15rem] content-start">
      <RouterLink class="link" :to="`/tree/${id}/look/shoot`">{{
        tell('whose-shoot-is-it')
      }}</RouterLink>
      <RouterLink v-if="tree" class="link" :to="`/row/${tree.row_id}/walk`">{{
        tell('its-row-2')
      }}</RouterLink>
      <span v-if="walk" class="tag text-ink2 ml-auto">{{
        question && walk.state === 'open'
          ? tell('of-8', { title: step?.title, nth: nth + 1, stages: stages.length })
          : walk.state === 'done'
            ? tell('look-done')
            : tell('all-seen', { day: dayWords(walk.day) })
      }}</span>
    </div>
    <p v-if="trouble" class="wrong" role="alert">
      {{ trouble }}
      <button type="button" class="btn btn-small" @click="begin()">{{ tell('try-again') }}</button>
    </p>
    <h2 v-if="!walk" class="text-title">{{ tell('the-look') }}</h2>
    <template v-else>
      <section
        v-for="c in crossed"
        :key="c.question"
        class="verdict"
        :aria-label="tell('two-answers-crossed')"
      >
        <p>
          {{ tell('two-phones-answered-neither-knowing', { asks: c.asked.asks }) }}
          <b>{{ c.holdsWords }}</b>{{ tell('then-came') }} <b>{{ c.otherWords }}</b>.
        </p>
        <div class="flex gap-2 mt-2">
          <button type="button" class="btn" @click="settle(c.question, c.holds)">
            {{ tell('keep-2', { holdsWords: c.holdsWords }) }}
          </button>
          <button type="button" class="btn" @click="settle(c.question, c.other)">
            {{ tell('take', { otherWords: c.otherWords }) }}
          </button>
        </div>
      </section>
      <div
        v-if="fresh && walk.looks.length > 1"
        class="flex flex-wrap gap-2"
        role="group"
        :aria-label="tell('what-the-look-is-for')"
      >
        <button
          v-for="l in walk.looks"
          :key="l.id"
          type="button"
          class="choice"
          :class="{ on: l.id === walk.look }"
          :aria-pressed="l.id === walk.look"
          @click="lookFor(l.id)"
        >
          {{ l.says }}
        </button>
      </div>
      <section
        v-if="fresh && walk.group.length"
        :aria-label="tell('looked-at-as-one')"
        data-test="group"
      >
        <p class="text-note">
          {{ tell('trees-stand-here-as-one', { group: walk.group.length }) }}
        </p>
        <ul class="flex flex-wrap gap-x-4 text-note">
          <li v-for="t in walk.group" :key="t.tree_id" class="min-h-8">
            <b v-if="t.tree_id === walk.tree_id">{{ t.name }}</b>
            <RouterLink v-else class="link" :to="`/tree/${t.tree_id}/look`">{{
              t.name
            }}</RouterLink>{{ t.height_m ? `, ${lengthWords(t.height_m, units)}` : ''
            }}{{ t.looked ? tell('looked-at') : '' }}
          </li>
        </ul>
        <p v-for="r in walk.group_says" :key="r.text" class="text-note">
          <SaidText :text="r.text" />
        </p>
      </section>
      <template v-if="question && walk.state === 'open'">
        <ol class="flex gap-1" aria-hidden="true">
          <li
            v-for="(s, i) in stages"
            :key="s.id"
            class="mark"
            :class="{ done: seen(s.id), now: i === nth }"
          />
        </ol>
        <AnswerSaid v-if="said.length && !late" :texts="said" />
        <h2
          class="text-title leading-tight"
          data-test="step"
          :data-question="question.id"
          :aria-busy="heldAt !== null"
        >
          <SaidText :text="question.asks" />
        </h2>
        <p v-if="question.help" class="text-note -mt-1"><SaidText :text="question.help" /></p>
        <p v-if="step?.hazard && !question.after.length" class="keep text-note">
          <SaidText :text="step.hazard" />
        </p>
        <p v-for="n in question.notes" :key="n.code" class="text-note font-semibold">
          <SaidText :text="n.text" />
        </p>
        <ChoiceAnswer
          v-if="question.kind === 'one' || question.kind === 'many'"
          :question="question"
          @answer="answer"
        />
        <LimbAnswer
          v-else-if="question.kind === 'limbs' && walk.frame"
          :question="question"
          :frame="walk.frame"
          :cap="walk.cap_m"
          :reach="walk.reach_m"
          @answer="answer"
        />
        <NumberAnswer v-else :question="question" @answer="answer" />
        <AnswerSaid v-if="said.length && late" :texts="said" />
        <RouterLink
          v-if="question.id === 'below-outcome'"
          class="btn"
          :to="`/tree/${id}/look/shoot?walk=1`"
          >{{ tell('whose-shoot-is-it') }}</RouterLink
        >
        <button
          type="button"
          class="btn"
          :disabled="!questionBefore(walk.questions, question.id)"
          @click="back"
        >
          {{ tell('back') }}
        </button>
        <details v-if="mains.length > 1">
          <summary class="tag py-2">{{ tell('all-questions') }}</summary>
          <ul>
            <li v-for="q in mains" :key="q.id" class="border-t border-rule">
              <button
                type="button"
                class="w-full min-h-touch py-1.5 flex justify-between gap-3 text-left"
                :aria-current="q.id === question.id ? 'step' : undefined"
                @click="gone = q.id"
              >
                <span>{{ q.asks }}</span><b class="text-right">{{ answerWords(q) }}</b>
              </button>
            </li>
          </ul>
        </details>
      </template>
      <WalkEnd
        v-else
        :walk="walk"
        :local="local || waitsFor(id)"
        :busy="busy"
        @finish="end"
        @plan="plan"
        @back="back"
        @again="begin(true)"
        @taken="refresh"
        @open="router.push(`/tree/${id}`)"
      />
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
.verdict {
  border-radius: 12px;
  background: var(--ink);
  color: var(--paper);
  padding: 10px 14px;
}
.verdict .btn {
  color: var(--ink);
}
</style>
