<script setup lang="ts">
/** The course in the order of work, and practice trees of every trouble. Nothing is logged. */
import { api, heed, sentence } from '@/api/client'
import PickOne from '@/controls/PickOne.vue'
import { dayWords } from '@/geometry/day'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { nextOf, today, useProgress } from './practice/progress'

const { data, error } = useQuery({
  queryKey: ['practice'],
  queryFn: () => heed(api.GET('/api/practice', {})),
  staleTime: Infinity,
})
const progress = useProgress()
const course = computed(() => data.value?.troubles.filter((t) => t.lesson) ?? [])
const ids = computed(() => course.value.map((t) => t.id))
const next = computed(() => nextOf(ids.value, progress.value, today()))
const right = computed(() => ids.value.filter((id) => progress.value[id]?.right).length)
/** Every lesson is fetched once, so that the course can be taken without signal. */
watch(
  ids,
  async (all) => {
    for (const id of all)
      await api.GET('/api/practice/lessons/{id}', { params: { path: { id } } }).catch(() => null)
  },
  { immediate: true },
)
const stateOf = (id: string) => {
  const of = progress.value[id]
  if (!of) return ''
  return of.right ? 'done' : `again from ${dayWords(of.again ?? today())}`
}
/** Kinds that can be practised on, and the one that is wanted; empty for any. */
const kind = ref('')
const kinds = computed(() => {
  const all = data.value?.troubles.flatMap((t) => t.kinds) ?? []
  return [...new Map(all.map((k) => [k.id, k.name]))].sort((a, b) => a[1].localeCompare(b[1]))
})
const met = computed(
  () =>
    data.value?.troubles.filter((t) => !kind.value || t.kinds.some((k) => k.id === kind.value)) ??
    [],
)
const another = (id: string) =>
  `/practice/${id}?seed=${1 + Math.floor(Math.random() * 9000)}${kind.value ? `&kind=${kind.value}` : ''}`
</script>

<template>
  <div class="px-6 py-4 grid gap-4 max-w-[860px] max-[720px]:px-3">
    <header>
      <h1 class="text-title font-semibold">Practice</h1>
      <p class="text-ink2">
        Trees that are nobody’s. Look, decide, and talk it over; nothing is logged and nothing can
        be broken.
      </p>
    </header>
    <p v-if="error" class="wrong" role="alert">{{ sentence(error) }}</p>
    <template v-if="data">
      <section aria-label="The course" class="grid gap-2">
        <h2 class="text-part">The course, {{ right }} of {{ course.length }} right</h2>
        <p class="text-note">
          Five minutes each, in the order of work. It is kept on this device and opens without
          signal; what went wrong comes back in some days.
        </p>
        <RouterLink v-if="next" class="btn btn-go w-fit" :to="`/practice/${next}`">
          {{ Object.keys(progress).length ? 'Go on' : 'Begin' }}
        </RouterLink>
        <ol class="list">
          <li v-for="t in course" :key="t.id" data-test="lesson">
            <span class="tag text-lead">{{ t.lesson }}</span>
            <div>
              <RouterLink class="link font-semibold" :to="`/practice/${t.id}`">{{
                t.name
              }}</RouterLink>
              <p class="text-note text-ink2">{{ t.story }}</p>
            </div>
            <span class="text-note">{{ stateOf(t.id) }}</span>
          </li>
        </ol>
      </section>
      <section aria-label="More trees" class="grid gap-2">
        <h2 class="text-part">More trees</h2>
        <p class="text-note">Another tree each time. Mark your own cuts, or wait.</p>
        <label class="label" for="kind">Kind</label>
        <PickOne id="kind" v-model="kind" class="field max-w-72">
          <option value="">any</option>
          <option v-for="[id, name] in kinds" :key="id" :value="id">{{ name }}</option>
        </PickOne>
        <div class="flex flex-wrap gap-2">
          <RouterLink v-for="t in met" :key="t.id" class="btn btn-small" :to="another(t.id)">{{
            t.name
          }}</RouterLink>
        </div>
      </section>
      <p class="text-small text-ink2">
        These trees and their stories are invented. Under a real tree look first for lines, nests
        and people; local rules and licensed practice decide.
      </p>
    </template>
  </div>
</template>

<style scoped>
.list li {
  display: grid;
  grid-template-columns: 34px 1fr auto;
  gap: 10px;
  align-items: baseline;
  border-top: 1px solid var(--rule);
  padding: 8px 0;
}
</style>
