<script setup lang="ts">
/**
 * Log entries: what, when, share, heights before and after. Corrected ones stay, struck through.
 */
import type { LogEntry } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { dayWords, lengthWords, shareWords } from '@/geometry/measure'
import { ref } from 'vue'
import PastWork from './PastWork.vue'

defineProps<{ entries: LogEntry[]; withTree?: boolean; correctable?: boolean }>()
const { units } = useSettings()
const correcting = ref<string | null>(null)
const WORDS: Record<LogEntry['work'], string> = {
  sucker: 'Suckers off',
  sprout: 'Water sprouts',
  sanitation: 'Dead and broken wood',
  skirt: 'Skirt lifted',
  thin: 'Thinned',
  height: 'Lowered',
  hedge: 'Hedge wall cut',
  tip: 'Tipped',
  fruit: 'Fruit taken off',
  shear: 'Sheared',
  renewal: 'A third renewed',
  skeleton: 'Skeleton prune',
  pot: 'Pot shaped',
  young: 'Trained',
}
</script>

<template>
  <p v-if="entries.length === 0" class="text-ink2">Nothing is logged yet.</p>
  <ul>
    <li
      v-for="e in entries"
      :key="e.id"
      class="border-t-[1.5px] border-rule py-2"
      data-test="entry"
    >
      <div
        class="flex flex-wrap gap-x-3 items-baseline"
        :class="{ 'line-through text-ink2': e.corrected_by }"
      >
        <RouterLink v-if="withTree" :to="`/tree/${e.tree_id}`" class="plate text-base">{{
          e.tree
        }}</RouterLink>
        <b class="tag text-lg">{{ WORDS[e.work] }}</b>
        <span class="num">{{ dayWords(e.date) }}</span>
        <span v-if="e.cuts" class="num">{{ e.cuts }} {{ e.cuts === 1 ? 'cut' : 'cuts' }}</span>
        <span class="num">{{
          e.share === null
            ? 'share not known'
            : e.share === 0
              ? 'no canopy'
              : `${shareWords(e.share)} of canopy`
        }}</span>
        <span v-if="e.height_before_m !== null && e.height_after_m !== null" class="num"
          >{{ lengthWords(e.height_before_m, units) }} →
          {{ lengthWords(e.height_after_m, units) }}</span
        >
        <span v-if="e.minutes" class="num">{{ Math.max(1, Math.round(e.minutes)) }} min</span>
        <span v-if="e.who">{{ e.who }}</span>
      </div>
      <p v-if="e.note" class="text-[0.92rem] text-ink2">{{ e.note }}</p>
      <p class="text-[0.88rem] text-ink2">
        <span v-if="e.corrects">a correction </span
        ><span v-if="e.corrected_by">corrected by a later entry </span>
        <RouterLink v-if="e.plan_id" class="link mr-3" :to="`/sheet/${e.plan_id}`"
          >its sheet</RouterLink
        >
        <button
          v-if="correctable && !e.corrected_by"
          type="button"
          class="link"
          @click="correcting = correcting === e.id ? null : e.id"
        >
          {{ correcting === e.id ? 'leave it' : 'correct' }}
        </button>
      </p>
      <PastWork
        v-if="correcting === e.id"
        :tree-id="e.tree_id"
        :day="e.date"
        :frame-height="e.height_before_m"
        :wrong="e"
        @done="correcting = null"
      />
    </li>
  </ul>
</template>
