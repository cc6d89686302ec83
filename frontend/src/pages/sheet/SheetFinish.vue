<script setup lang="ts">
/** The end of a sheet: the minutes it took, and once it is finished the days to come back. */
import tell from 'words:sheet'
import { api, heed, type Schemas, type Sheet } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { useCount, type CountedCut } from '@/composables/useCount'
import CountSteps from '@/controls/CountSteps.vue'
import CountTotal from '@/controls/CountTotal.vue'
import { dayWords } from '@/geometry/day'
import { computed, ref } from 'vue'

const props = defineProps<{ sheet: Sheet; who: string; waits: boolean }>()
const { act, trouble, busy } = useAct()
/** Minutes it really took; left empty, none are logged. */
const minutes = ref('')
const made = ref<Schemas['FinishedOut'] | null>(null)
/** Cuts that are not in the drawing, counted. */
const besides = ref<CountedCut[]>([])
const { count, wrong: notTrue } = useCount(
  () => props.sheet.tree_id,
  besides,
  computed(() => props.sheet.work),
  computed(() => besides.value.length > 0),
)
const done = computed(() => props.sheet.lines.filter((l) => l.done).length)
const says = computed(() => {
  const all = props.sheet.lines.length
  if (busy.value) return tell('finishing')
  return done.value && done.value < all
    ? tell('finish-with-of-cuts', { done: done.value, all })
    : tell('finish')
})
async function finish() {
  const body = {
    version: props.sheet.version,
    who: props.who,
    date: null,
    minutes: minutes.value ? Number(minutes.value) : null,
    note: '',
    besides: besides.value,
  }
  await act(async () => {
    made.value = await heed(
      api.POST('/api/sheets/{id}/finish', { params: { path: { id: props.sheet.id } }, body }),
    )
  })
}
</script>

<template>
  <div v-if="sheet.state === 'open'" class="no-print mt-4 grid gap-2">
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <details>
      <summary class="tag py-2.5">
        {{
          tell('cut-besides-not-in-the', {
            besides: besides.length ? `: ${besides.reduce((n, c) => n + c.n, 0)}` : '',
          })
        }}
      </summary>
      <CountSteps v-model="besides" />
      <CountTotal v-if="count && besides.length" :count="count" :wrong="notTrue" />
    </details>
    <div>
      <label class="label" for="minutes">{{ tell('minutes-it-took') }}</label>
      <input
        id="minutes"
        v-model="minutes"
        class="field"
        type="number"
        inputmode="numeric"
        min="0"
        max="5000"
        :placeholder="tell('about-3', { count: Math.max(1, Math.round(sheet.minutes)) })"
      />
    </div>
    <button
      type="button"
      class="btn btn-go w-full btn-tall text-part"
      :disabled="!done || busy || waits"
      @click="finish"
    >
      {{ says }}
    </button>
    <p class="text-small text-ink2 mt-1">
      <template v-if="waits">{{ tell('what-was-ticked-waits-to') }}{{ ' ' }}</template
      >{{ tell('finishing-takes-what-is-ticked') }}
    </p>
  </div>
  <section v-else class="mt-4 no-print" aria-live="polite" :aria-label="tell('what-comes-after')">
    <h2 class="text-part">{{ tell('finished') }}</h2>
    <template v-if="made">
      <p v-if="made.tasks.length">{{ tell('come-back') }}</p>
      <ul>
        <li v-for="t in made.tasks" :key="t.id" class="border-t border-rule py-1.5">
          <b class="num">{{ dayWords(t.due) }}</b> {{ t.does }}
          <RouterLink class="link text-ink2 text-small" :to="`/known?find=${t.rule}`">{{
            tell('rule')
          }}</RouterLink>
        </li>
      </ul>
    </template>
    <RouterLink class="link" :to="`/tree/${sheet.tree_id}`">{{
      tell('see-the-tree-and-its')
    }}</RouterLink>
  </section>
</template>
