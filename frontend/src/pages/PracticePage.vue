<script setup lang="ts">
/** The course in the order of work, and practice trees of every trouble. Nothing is logged. */
import tell from 'words:practice'
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
  return of.right
    ? tell('lesson-done')
    : tell('again-from', { again: dayWords(of.again ?? today()) })
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
      <h1 class="text-title font-semibold">{{ tell('practice') }}</h1>
      <p class="text-ink2">
        {{ tell('trees-that-are-nobody-s-look') }}
      </p>
    </header>
    <p v-if="error" class="wrong" role="alert">{{ sentence(error) }}</p>
    <template v-if="data">
      <section :aria-label="tell('the-course')" class="grid gap-2">
        <h2 class="text-part">
          {{ tell('the-course-of-right', { right, course: course.length }) }}
        </h2>
        <p class="text-note">
          {{ tell('five-minutes-each-in-the') }}
        </p>
        <RouterLink v-if="next" class="btn btn-go w-fit" :to="`/practice/${next}`">
          {{ Object.keys(progress).length ? tell('go-on') : tell('begin') }}
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
      <section :aria-label="tell('more-trees')" class="grid gap-2">
        <h2 class="text-part">{{ tell('more-trees') }}</h2>
        <p class="text-note">{{ tell('another-tree-each-time-mark') }}</p>
        <label class="label" for="kind">{{ tell('kind') }}</label>
        <PickOne id="kind" v-model="kind" class="field max-w-72">
          <option value="">{{ tell('any') }}</option>
          <option v-for="[id, name] in kinds" :key="id" :value="id">{{ name }}</option>
        </PickOne>
        <div class="flex flex-wrap gap-2">
          <RouterLink v-for="t in met" :key="t.id" class="btn btn-small" :to="another(t.id)">{{
            t.name
          }}</RouterLink>
        </div>
      </section>
      <p class="text-small text-ink2">
        {{ tell('these-trees-and-their-stories') }}
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
