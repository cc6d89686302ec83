<script setup lang="ts">
/**
 * Log entries: what, when, share, heights before and after. Corrected ones stay, struck through.
 */
import tell from 'words:parts'
import type { LogEntry } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { useUndo } from '@/composables/useUndo'
import { dayWords } from '@/geometry/day'
import { diameterWords, lengthWords, shareWords } from '@/geometry/measure'
import { computed, ref } from 'vue'
import OtherTree from './OtherTree.vue'
import PastWork from './PastWork.vue'
import { WORK_DONE } from './words'

const props = defineProps<{
  entries: LogEntry[]
  /** Of many trees: each named, under its day. */
  withTree?: boolean
  correctable?: boolean
}>()
/** Entries under the day on which they were done, the newest first. */
const days = computed(() => {
  if (!props.withTree) return [{ day: '', entries: props.entries }]
  const found = new Map<string, LogEntry[]>()
  for (const e of props.entries) found.set(e.date, [...(found.get(e.date) ?? []), e])
  return [...found].map(([day, entries]) => ({ day, entries }))
})
const { units } = useSettings()
const { undo, busy } = useUndo()
const countWords = (c: LogEntry['counted'][number]) => {
  const thick = c.class ? tell('as-thick-as', { class: c.class }) : diameterWords(c.mm, units.value)
  return `${c.n} ${thick}${c.sprout ? ' ' + tell('of-this-season') : ''}${c.dead ? tell('and-dead') : ''}`
}
const correcting = ref<string | null>(null)
const elsewhere = ref<string | null>(null)
</script>

<template>
  <p v-if="entries.length === 0" class="text-ink2">{{ tell('nothing-is-logged-yet') }}</p>
  <template v-for="d in days" :key="d.day">
    <h2 v-if="d.day" class="tag text-part pt-4 pb-1">{{ dayWords(d.day) }}</h2>
    <ul>
      <li
        v-for="e in d.entries"
        :key="e.id"
        class="border-t-[1.5px] border-rule py-2 flex flex-wrap gap-x-6 items-baseline justify-between"
        data-test="entry"
      >
        <div
          class="flex flex-wrap gap-x-3 items-baseline"
          :class="{ 'line-through text-ink2': e.corrected_by }"
        >
          <RouterLink v-if="withTree" :to="`/tree/${e.tree_id}`" class="plate text-base">{{
            e.tree
          }}</RouterLink>
          <b class="tag text-lead">{{ WORK_DONE[e.work] }}</b>
          <span v-if="!withTree" class="num">{{ dayWords(e.date) }}</span>
          <span v-if="e.cuts" class="num">{{ e.cuts }} {{ tell('cuts', { cuts: e.cuts }) }}</span>
          <span class="num">{{
            e.share === null
              ? tell('share-not-known')
              : e.share === 0
                ? tell('no-canopy')
                : tell('of-canopy', { share: shareWords(e.share) })
          }}</span>
          <span v-if="e.height_before_m !== null && e.height_after_m !== null" class="num"
            >{{ lengthWords(e.height_before_m, units) }} →
            {{ lengthWords(e.height_after_m, units) }}</span
          >
          <span v-if="e.minutes" class="num">{{ Math.max(1, Math.round(e.minutes)) }} min</span>
          <span v-if="e.who">{{ e.who }}</span>
        </div>
        <p class="text-small text-ink2">
          <span v-if="e.corrects">{{ tell('a-correction') }}{{ ' ' }}</span
          ><span v-if="e.corrected_by">{{ tell('corrected-by-a-later-entry') }}{{ ' ' }}</span>
          <RouterLink v-if="e.plan_id" class="link mr-3" :to="`/sheet/${e.plan_id}`">{{
            tell('its-sheet')
          }}</RouterLink>
          <button
            v-if="correctable && !e.corrected_by"
            type="button"
            class="link"
            @click="correcting = correcting === e.id ? null : e.id"
          >
            {{ correcting === e.id ? tell('leave-it') : tell('correct') }}
          </button>
          <button
            v-if="correctable && !e.corrected_by && !e.plan_id"
            type="button"
            class="link ml-3"
            :aria-label="
              tell('another-tree', {
                tree: e.tree,
                work: WORK_DONE[e.work],
                date: dayWords(e.date),
              })
            "
            @click="elsewhere = elsewhere === e.id ? null : e.id"
          >
            {{ elsewhere === e.id ? tell('leave-it-there') : tell('another-tree-2') }}
          </button>
          <button
            v-if="correctable && !e.corrected_by && e.act"
            type="button"
            class="link ml-3"
            :disabled="busy"
            :aria-label="
              tell('not-so', { tree: e.tree, work: WORK_DONE[e.work], date: dayWords(e.date) })
            "
            @click="undo(e.act)"
          >
            {{ e.with_it ? tell('not-so-with-more', { withIt: e.with_it }) : tell('not-so-2') }}
          </button>
        </p>
        <p v-if="e.counted.length" class="text-note w-full" data-test="counted">
          {{ e.counted.map(countWords).join(', ') }}
        </p>
        <p v-if="e.note" class="text-note text-ink2 w-full">{{ e.note }}</p>
        <OtherTree
          v-if="elsewhere === e.id"
          class="w-full"
          :entry="e.id"
          :tree-id="e.tree_id"
          @done="elsewhere = null"
        />
        <PastWork
          v-if="correcting === e.id"
          class="w-full"
          :tree-id="e.tree_id"
          :day="e.date"
          :frame-height="e.height_before_m"
          :wrong="e"
          @done="correcting = null"
        />
      </li>
    </ul>
  </template>
</template>
