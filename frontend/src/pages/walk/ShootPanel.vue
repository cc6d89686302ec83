<script setup lang="ts">
/**
 * Whose shoot: one question at a time, by thumb or number key, with the verdict so far and why.
 * What was answered stays on this phone.
 */
import tell from 'words:walk'
import { useLocalStorage } from '@vueuse/core'
import { api, heed, Refused, sentence } from '@/api/client'
import { newId } from '@/api/ids'
import { put } from '@/field/outbox'
import { keptWalk, type Walk } from '@/field/store'
import { useWalk } from '@/field/useWalk'
import { useKeys } from '@/composables/useKeys'
import MeasureField from '@/controls/MeasureField.vue'
import WhyDialog from '@/controls/WhyDialog.vue'
import AnswerInk from '@/drawings/AnswerInk.vue'
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, toRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'

defineOptions({ inheritAttrs: false })
const props = defineProps<{ id: string }>()
const router = useRouter()
/** Come from a walk, and go back to it. */
const onWalk = useRoute().query.walk === '1'
const walking = onWalk ? useWalk(toRef(props, 'id')) : null
const queries = useQueryClient()
interface Seen {
  /** In the order they were given; null where it could not be told. */
  steps: [clue: string, value: string | null][]
  union: boolean
  only: boolean
  grafts: boolean
  diameter: number | null
}
const KEY = computed(() => `billhook-shoot-${props.id}`)
const blank = (): Seen => ({ steps: [], union: false, only: false, grafts: false, diameter: null })
const seen = useLocalStorage<Seen>(KEY.value, blank(), { mergeDefaults: true }).value
const told = computed(() => seen.steps.filter((s): s is [string, string] => s[1] !== null))
const body = computed(() => ({
  clues: Object.fromEntries(told.value),
  skip: seen.steps.filter((s) => s[1] === null).map((s) => s[0]),
  union_seen: seen.union,
  only_living_shoots: seen.only,
  many_grafts: seen.grafts,
  diameter_mm: seen.diameter,
}))
const { data, error, isPending } = useQuery({
  queryKey: ['shoot', () => props.id, body],
  queryFn: () =>
    heed(
      api.POST('/api/trees/{id}/shoot', { params: { path: { id: props.id } }, body: body.value }),
    ),
  placeholderData: keepPreviousData,
})
/** What was taken along for a phone without signal: the clues in the order that decides soonest. */
const kept = ref<Walk | null>(null)
watch(
  () => props.id,
  async (id) => (kept.value = (await keptWalk(id))?.walk ?? null),
  { immediate: true },
)
const away = computed(
  () => error.value instanceof Refused && (error.value.status === 0 || error.value.status >= 500),
)
const clues = computed(() => kept.value?.shoot ?? [])
const question = computed(() => {
  if (!away.value) return data.value?.question ?? null
  return clues.value.find((q) => !seen.steps.some((s) => s[0] === q.clue)) ?? null
})
const stock = computed(() => Math.round((data.value?.probabilities.rootstock_sucker ?? 0) * 100))
function answer(value: string | null) {
  if (question.value) seen.steps.push([question.value.clue, value])
}
const back = () => void seen.steps.pop()
const again = () => Object.assign(seen, blank())
const alike = ref(1)
const trouble = ref('')
const note = ref('')
const comesOff = computed(() => !away.value && !!data.value?.comes_off)
/** Into the log, by way of the outbox, so that it is kept without signal; on a look it goes in with it. */
async function tookOff() {
  trouble.value = ''
  if (walking) return toWalk('off', alike.value)
  const name = data.value?.name ?? kept.value?.name ?? tell('the-tree')
  const tree = await heed(
    api.GET('/api/trees/{id}', { params: { path: { id: props.id }, query: {} } }),
  ).catch(() => null)
  const day = tree?.day ?? kept.value?.day
  if (!day) {
    trouble.value =
      tell('billhook-does-not-answer-and-this') + ' ' + tell('try-again-where-there-is')
    return
  }
  const body = {
    id: newId(),
    tree_ids: [props.id],
    work: 'sucker',
    date: day,
    who: '',
    minutes: null,
    count: alike.value,
  }
  await put({
    says: tell('suckers-off-2', { name }),
    tree: props.id,
    method: 'POST',
    path: '/api/today/done',
    body,
  })
  note.value = tell('off-in-the-log', {
    alike: alike.value === 1 ? tell('one-sucker') : tell('suckers-2', { alike: alike.value }),
  })
  again()
  void queries.invalidateQueries()
}
/** Back to the walk with what came of it. */
async function toWalk(outcome: 'off' | 'tag' | 'keep' | 'waits', count?: number) {
  if (!walking) return
  await walking.give('below-outcome', outcome)
  if (count !== undefined) await walking.give('below-count', String(count))
  again()
  await router.replace(`/tree/${props.id}/look`)
}
const words = (clue: string, value: string) =>
  data.value?.asked.find((q) => q.clue === clue)?.answers.find((a) => a.value === value)?.says ??
  clues.value.find((q) => q.clue === clue)?.answers.find((a) => a.value === value)?.says ??
  value
useKeys([
  ...[1, 2, 3, 4, 5].map((n) => ({
    keys: [String(n)],
    says: tell('answer', { n }),
    run: () => {
      const choice = question.value?.answers[n - 1]
      if (choice) answer(choice.value)
    },
  })),
  {
    keys: ['0'],
    get says() {
      return tell('cannot-tell-2')
    },
    run: () => answer(null),
  },
  {
    keys: ['Backspace'],
    get says() {
      return tell('one-answer-back')
    },
    run: back,
  },
])
const open = ref(false)
</script>

<template>
  <div class="w-full max-w-[560px] mx-auto grid gap-3 content-start">
    <div class="flex justify-end items-center gap-3">
      <span class="tag text-ink2">{{
        told.length ? tell('seen-kept-here', { told: told.length }) : tell('whose-shoot-is-it')
      }}</span>
    </div>
    <h2 v-if="!question && !data && !clues.length" class="text-title">
      {{ tell('whose-shoot-is-it') }}
    </h2>
    <p v-if="isPending && !away">{{ tell('looking-up-the-tree') }}</p>
    <p v-else-if="error && !data && !clues.length" class="wrong" role="alert">
      {{ sentence(error) }}
    </p>
    <p v-if="data && !told.length" class="text-note">{{ data.hazards.join(' ') }}</p>
    <p v-if="note" role="status" class="font-semibold">{{ note }}</p>
    <template v-if="question || data || clues.length">
      <section v-if="question" :aria-label="question.asks">
        <h2 class="text-title leading-tight" data-test="question">{{ question.asks }}</h2>
        <div class="grid grid-cols-2 gap-2.5 mt-2">
          <button
            v-for="(a, i) in question.answers"
            :key="a.value"
            type="button"
            class="choice"
            :data-answer="a.value"
            @click="answer(a.value)"
          >
            <kbd>{{ i + 1 }}</kbd>
            <AnswerInk :clue="question.clue" :value="a.value" />
            <span>{{ a.says }}</span>
          </button>
        </div>
        <button type="button" class="btn w-full mt-2.5" @click="answer(null)">
          {{ tell('cannot-tell') }} <kbd class="ml-1">0</kbd>
        </button>
      </section>
      <h2 v-else class="text-title leading-tight">{{ tell('whose-shoot-is-it') }}</h2>
      <p v-if="away" class="verdict">
        {{ tell('billhook-does-not-answer-what-you') }}
      </p>
      <section
        v-else-if="data"
        class="verdict"
        aria-live="polite"
        :aria-label="tell('verdict-so-far')"
      >
        <h2 class="text-head" data-test="shoot-verdict">{{ data.headline }}</h2>
        <div class="bar" role="img" :aria-label="tell('in-a-hundred-that-it', { stock })">
          <i :style="`width: ${stock}%`" /><u style="left: 90%" /><u style="left: 20%" />
        </div>
        <p>
          {{ tell('in-100-that-it-is', { stock }) }}
        </p>
        <p class="font-semibold mt-1">{{ data.action }}</p>
        <p v-for="r in data.reasons" :key="r.code">{{ r.text }}</p>
        <button type="button" class="underline mt-1" @click="open = true">{{ tell('why') }}</button>
      </section>
      <ul v-if="data?.evidence.length && !away" class="text-note">
        <li v-for="e in data.evidence" :key="e.clue">{{ e.says }}</li>
      </ul>
      <div v-if="comesOff" class="grid grid-cols-[auto_1fr] gap-2.5 items-end">
        <div>
          <label class="label" for="alike">{{ tell('how-many-alike') }}</label>
          <input
            id="alike"
            v-model.number="alike"
            type="number"
            min="1"
            max="200"
            class="field !w-24"
          />
        </div>
        <button type="button" class="btn btn-go" :disabled="!(alike >= 1)" @click="tookOff">
          {{ tell('taken-off-into-the-log') }}
        </button>
      </div>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <div
        v-if="onWalk"
        class="grid grid-cols-2 gap-2.5"
        :aria-label="tell('back-to-the-walk')"
        role="group"
      >
        <button v-if="comesOff" type="button" class="btn" @click="toWalk('waits')">
          {{ tell('it-comes-off-later') }}
        </button>
        <button v-else type="button" class="btn" @click="toWalk('tag')">
          {{ tell('tag-it-on-with-the') }}
        </button>
        <button type="button" class="btn" @click="toWalk('keep')">
          {{ tell('keep-it-on-with-the') }}
        </button>
      </div>
      <div class="grid grid-cols-2 gap-2.5">
        <button type="button" class="btn" :disabled="!seen.steps.length" @click="back">
          {{ tell('back') }}
        </button>
        <button type="button" class="btn" @click="again">{{ tell('another-shoot') }}</button>
      </div>
      <fieldset class="grid gap-2 border-t border-rule pt-2">
        <legend class="sr-only">{{ tell('the-tree-3') }}</legend>
        <label class="flex gap-2 items-center min-h-touch"
          ><input v-model="seen.union" type="checkbox" /> {{ tell('i-see-the-graft-union') }}</label
        >
        <label class="flex gap-2 items-center min-h-touch"
          ><input v-model="seen.only" type="checkbox" />
          {{ tell('nothing-else-of-the-tree') }}</label
        >
        <label class="flex gap-2 items-center min-h-touch"
          ><input v-model="seen.grafts" type="checkbox" />
          {{ tell('several-kinds-are-grafted-on') }}</label
        >
        <MeasureField
          v-model="seen.diameter"
          :label="tell('thickness-at-its-base')"
          kind="diameter"
        />
      </fieldset>
      <p v-if="told.length" class="text-small text-ink2">
        {{ tell('seen-3', { told: told.map(([c, v]) => words(c, v)).join(', ') }) }}
      </p>
      <WhyDialog
        v-if="data"
        v-model="open"
        :title="tell('whose-shoot-2')"
        :sentence="data.headline"
        :reasons="data.reasons"
      />
    </template>
  </div>
</template>

<style scoped>
.choice {
  position: relative;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: flex-end;
  gap: 4px;
  min-height: 84px;
  padding: 10px 8px;
  border: var(--line) solid var(--ink);
  border-radius: 12px;
  background: var(--sheet);
  font: 600 19px/1.1 var(--font-tag);
}
.choice kbd {
  position: absolute;
  left: 9px;
  top: 8px;
}
.verdict {
  border-radius: 12px;
  background: var(--ink);
  color: var(--paper);
  padding: 12px 16px;
}
.bar {
  position: relative;
  height: 12px;
  margin: 8px 0 4px;
  border-radius: 3px;
  overflow: hidden;
  background: var(--paper);
}
.bar i {
  position: absolute;
  inset: 0 auto 0 0;
  background: var(--tape);
}
.bar u {
  position: absolute;
  top: 0;
  bottom: 0;
  width: 2px;
  background: var(--ink);
}
</style>
