<script setup lang="ts">
/** What counted cuts come to: share with its range, against what the day allows. */
import tell from 'words:parts'
import type { Schemas } from '@/api/client'
import CountMeasure from '@/drawings/CountMeasure.vue'
import { shareWords } from '@/geometry/measure'
import { computed } from 'vue'

const props = defineProps<{ count: Schemas['TreeCountOut']; wrong: boolean }>()
const percent = (share: number) => Math.round(share * 100)
const told = computed(() =>
  props.count.reasons.filter((r) => ['over-limit', 'may-be-over'].includes(r.code)),
)
</script>

<template>
  <div class="grid gap-2">
    <p class="tag text-head leading-tight" data-test="counted" role="status">
      {{ percent(count.share) }} %<template v-if="count.limit !== null"
        >{{ ' ' }}{{ tell('of-today', { limit: shareWords(count.limit) }) }}</template
      >
      {{ tell('to', { low: percent(count.low), high: percent(count.high) }) }}
    </p>
    <CountMeasure :share="count.share" :low="count.low" :high="count.high" :limit="count.limit" />
    <p v-for="r in told" :key="r.code" class="keep">{{ r.text }}</p>
    <p v-if="wrong" class="wrong" role="alert">
      {{ tell('more-is-cut-than-a') }}
    </p>
  </div>
</template>
