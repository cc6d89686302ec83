<script setup lang="ts">
/** The Book: what was done, by day, and what it comes to; every write can be taken back here. */
import tell from 'words:book'
import DayField from '@/controls/DayField.vue'
import PickOne from '@/controls/PickOne.vue'
import { api, heed, sentence, type Work } from '@/api/client'
import { useGrove } from '@/composables/useGrove'
import { useNames } from '@/composables/useNames'
import { useSession } from '@/composables/useSession'
import { useSettings } from '@/composables/useSettings'
import { useUndo } from '@/composables/useUndo'
import LogEntries from '@/controls/LogEntries.vue'
import { WORK_DONE } from '@/controls/words'
import { dayWords } from '@/geometry/day'
import { shareWords, weightWords } from '@/geometry/measure'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, reactive, ref } from 'vue'
import { useRoute } from 'vue-router'
import BlockBack from './book/BlockBack.vue'
import EntryList from './book/EntryList.vue'
import PickedList from './book/PickedList.vue'

const { data: grove } = useGrove()
const { units } = useSettings()
const { undo, busy } = useUndo()
const wish = reactive({ first: '', last: '', work: '', who: '', block_id: '', species: '' })
const query = computed(() => {
  const said = Object.entries(wish).filter(([, v]) => v)
  return Object.fromEntries(said) as { work?: Work; who?: string }
})
const { data, error, isPending } = useQuery({
  queryKey: ['log', query],
  queryFn: () => heed(api.GET('/api/log', { params: { query: query.value } })),
  placeholderData: keepPreviousData,
})
const csv = computed(() => `/api/log.csv?${new URLSearchParams(query.value).toString()}`)
const route = useRoute()
const { rows: known } = useNames()
/** Kinds that stand in the grove, by name. */
const kinds = computed(() => {
  const here = new Set((grove.value?.trees ?? []).map((t) => t.species))
  return known('species').filter((k) => here.has(k.id))
})
const asList = computed(() => route.query.view === 'list')
const sums = computed(() => {
  const s = data.value?.sums
  if (!s) return []
  return [
    `${s.entries} ${tell('entries', { entries: s.entries })}`,
    `${s.trees} ${tell('trees-3', { trees: s.trees })}`,
    ...(s.cuts ? [tell('cuts-3', { cuts: s.cuts })] : []),
    ...(s.hours ? [tell('hours-2', { hours: s.hours })] : []),
    ...(s.share ? [tell('of-the-canopy-a-tree', { share: shareWords(s.share) })] : []),
    ...(s.kg ? [tell('picked-3', { kg: weightWords(s.kg, units.value) })] : []),
  ]
})
const written = ref(false)
const { plans } = useSession()
const { data: acts } = useQuery({
  queryKey: ['acts'],
  queryFn: () => heed(api.GET('/api/acts')),
  enabled: written,
})
</script>

<template>
  <div class="max-w-4xl mx-auto px-4 py-4">
    <div class="flex flex-wrap gap-3 items-end justify-between border-b-2 border-ink pb-3">
      <h1 class="text-title">{{ tell('book') }}</h1>
      <div class="flex flex-wrap gap-2">
        <RouterLink v-if="asList" class="btn btn-small" to="/book">{{ tell('by-day') }}</RouterLink>
        <RouterLink v-else class="btn btn-small" to="/book?view=list">{{
          tell('as-a-list')
        }}</RouterLink>
        <RouterLink class="btn btn-small" to="/report">{{ tell('season-report') }}</RouterLink>
        <template v-if="plans">
          <a class="btn btn-small" :href="csv" download="log.csv">{{ tell('log-as-csv') }}</a>
          <a class="btn btn-small" href="/api/trees.csv" download>{{ tell('trees-as-csv') }}</a>
        </template>
      </div>
    </div>
    <form class="ask" :aria-label="tell('which-entries')" @submit.prevent>
      <div>
        <label class="label" for="book-first">{{ tell('from-2') }}</label>
        <DayField id="book-first" v-model="wish.first" />
      </div>
      <div>
        <label class="label" for="book-last">{{ tell('to-3') }}</label>
        <DayField id="book-last" v-model="wish.last" />
      </div>
      <div>
        <label class="label" for="book-work">{{ tell('work') }}</label>
        <PickOne id="book-work" v-model="wish.work" class="field">
          <option value="">{{ tell('all-2') }}</option>
          <option v-for="(name, id) in WORK_DONE" :key="id" :value="id">{{ name }}</option>
        </PickOne>
      </div>
      <div>
        <label class="label" for="book-block">{{ tell('in-block') }}</label>
        <PickOne id="book-block" v-model="wish.block_id" class="field">
          <option value="">{{ tell('all-2') }}</option>
          <option v-for="b in grove?.blocks ?? []" :key="b.id" :value="b.id">{{ b.name }}</option>
        </PickOne>
      </div>
      <div>
        <label class="label" for="book-kind">{{ tell('kind') }}</label>
        <PickOne id="book-kind" v-model="wish.species" class="field">
          <option value="">{{ tell('all-2') }}</option>
          <option v-for="k in kinds" :key="k.id" :value="k.id">{{ k.name }}</option>
        </PickOne>
      </div>
      <div>
        <label class="label" for="book-who">{{ tell('who') }}</label>
        <PickOne id="book-who" v-model="wish.who" class="field">
          <option value="">{{ tell('everybody') }}</option>
          <option v-for="p in data?.people ?? []" :key="p">{{ p }}</option>
        </PickOne>
      </div>
    </form>
    <p v-if="isPending" class="py-4">{{ tell('fetching-the-log') }}</p>
    <p v-else-if="error" class="wrong py-4" role="alert">{{ sentence(error) }}</p>
    <template v-else>
      <p class="tag text-part py-2" aria-live="polite" data-test="sums">{{ sums.join(' · ') }}</p>
      <EntryList v-if="asList" :entries="data!.entries" />
      <LogEntries v-else :entries="data!.entries" with-tree correctable />
      <PickedList v-if="data?.picked.length" class="mt-6" :picked="data.picked" />
      <p v-if="data!.older" class="text-note text-ink2 pt-2">
        {{
          tell('the-newest-are-shown-are', { entries: data!.entries.length, older: data!.older })
        }}
      </p>
      <BlockBack class="mt-6" />
      <details class="mt-4" @toggle="written = ($event.target as HTMLDetailsElement).open">
        <summary class="tag text-part min-h-touch">
          {{ tell('everything-written-to-take-back') }}
        </summary>
        <ul v-if="acts">
          <li v-for="a in acts.acts" :key="a.id" class="act" data-test="act">
            <span class="num text-ink2">{{ dayWords(a.day) }}</span>
            <span :class="{ 'line-through text-ink2': a.taken_back }"
              >{{ a.said
              }}<template v-if="a.person">{{ tell('by', { person: a.person }) }}</template></span
            >
            <button
              v-if="!a.taken_back"
              type="button"
              class="btn btn-small"
              :disabled="busy"
              :aria-label="tell('take-back-2', { said: a.said })"
              @click="undo(a.id)"
            >
              {{ tell('take-back') }}
            </button>
          </li>
        </ul>
      </details>
    </template>
  </div>
</template>

<style scoped>
.ask {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(128px, 1fr));
  gap: 8px 10px;
  padding: 12px 0;
}
.act {
  display: grid;
  grid-template-columns: 110px 1fr auto;
  gap: 4px 12px;
  align-items: center;
  min-height: 44px;
  border-top: 1px solid var(--rule);
}
</style>
