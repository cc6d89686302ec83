<script setup lang="ts">
/** Verdict first, reason under it, working one tap away. */
import type { Verdict } from '@/api/client'
import ToneMark from '@/drawings/ToneMark.vue'
import { dayWords } from '@/geometry/measure'
import { computed, ref } from 'vue'
import WorkingDialog from './WorkingDialog.vue'

const props = defineProps<{ verdict: Verdict }>()
const open = ref(false)
const said = computed(() =>
  props.verdict.reasons.filter((r) => !['yearly-budget', 'season-factor', 'small-cuts', 'next-window'].includes(r.code)).slice(0, 2),
)
const rest = computed(() => props.verdict.reasons.filter((r) => ['small-cuts', 'next-window'].includes(r.code)))
const lines = computed(() => [...said.value, ...(said.value.length < 2 ? rest.value : [])].slice(0, 2))
</script>

<template>
  <section class="grid grid-cols-[auto_1fr] gap-x-3" aria-label="May I, on this day">
    <ToneMark :tone="verdict.status" class="mt-0.5" />
    <h2 class="text-[1.55rem]" data-test="verdict">{{ verdict.sentence }}</h2>
    <p class="col-start-2 text-[0.92rem] text-ink2 mt-1">
      {{ lines.map((r) => r.text).join(' ') }}
      {{ verdict.last_good_day ? `Last good day ${dayWords(verdict.last_good_day)}.` : '' }}
      <button type="button" class="link text-ink" @click="open = true">Working</button>
    </p>
    <WorkingDialog v-model="open" title="Working" :sentence="verdict.sentence" :reasons="verdict.reasons" />
  </section>
</template>
