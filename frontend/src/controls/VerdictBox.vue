<script setup lang="ts">
/** Verdict first, its reasons under it, what would change it as buttons, and why one tap away. */
import tell from 'words:app'
import type { Verdict } from '@/api/client'
import ToneMark from '@/drawings/ToneMark.vue'
import { dayWords } from '@/geometry/day'
import { defineAsyncComponent, computed, ref } from 'vue'
import AskField from './AskField.vue'
import SaidText from './SaidText.vue'
import SayButtons from './SayButtons.vue'

const WhyDialog = defineAsyncComponent(() => import('./WhyDialog.vue'))

const props = defineProps<{ verdict: Verdict; treeId?: string; blockId?: string }>()
defineEmits<{ day: [iso: string] }>()
const open = ref(false)
const lines = computed(() =>
  props.verdict.reasons
    .filter((r) => !['yearly-budget', 'next-window', 'cheaper-day'].includes(r.code))
    .slice(0, 2),
)
</script>

<template>
  <section class="grid grid-cols-[auto_1fr] gap-x-3" :aria-label="tell('may-i-on-this-day')">
    <ToneMark :tone="verdict.status" class="mt-0.5" />
    <h2 class="text-head leading-tight" data-test="verdict">{{ verdict.sentence }}</h2>
    <p class="col-start-2 text-note text-ink2 mt-1">
      <SaidText :text="lines.map((r) => r.text).join(' ')" />
      {{
        verdict.last_good_day
          ? tell('last-good-day', { lastGoodDay: dayWords(verdict.last_good_day) })
          : ''
      }}
      <button type="button" class="link text-ink" @click="open = true">{{ tell('why') }}</button>
    </p>
    <SayButtons
      class="col-start-2 mt-2"
      :acts="verdict.acts ?? []"
      :tree-ids="treeId ? [treeId] : []"
      @day="$emit('day', $event)"
    />
    <AskField
      v-if="verdict.ask && treeId"
      class="col-start-2 mt-2"
      :ask="verdict.ask"
      :tree-id="treeId"
      :block-id="blockId"
      :day="verdict.day"
    />
    <WhyDialog
      v-if="open"
      v-model="open"
      :title="tell('why')"
      :sentence="verdict.sentence"
      :reasons="verdict.reasons"
    />
  </section>
</template>
