<script setup lang="ts">
/** What the marked cuts come to. */
import tell from 'words:tree'
import type { Preview } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { lengthWords, weightWords } from '@/geometry/measure'
import { computed } from 'vue'

const props = defineProps<{ answer: Preview }>()
const { units } = useSettings()
const hand = computed(() => Math.max(0, ...props.answer.cuts.map((c) => c.hand_kg)))
const lift = computed(() => Math.max(0, ...props.answer.cuts.map((c) => c.lift_kg)))
</script>

<template>
  <dl class="facts">
    <div>
      <dt>{{ tell('height-2') }}</dt>
      <dd>
        {{ lengthWords(answer.before.height_m, units) }} →
        {{ lengthWords(answer.after.height_m, units) }}
      </dd>
    </div>
    <div>
      <dt>{{ tell('spread-2') }}</dt>
      <dd>
        {{ lengthWords(answer.before.radius_m * 2, units) }} →
        {{ lengthWords(answer.after.radius_m * 2, units) }}
      </dd>
    </div>
    <div>
      <dt>{{ tell('fruit-lost') }}</dt>
      <dd>
        {{
          tell('of-6', {
            fruit: answer.before.fruit - answer.after.fruit,
            fruit2: answer.before.fruit,
          })
        }}
      </dd>
    </div>
    <div>
      <dt>{{ tell('heaviest-in-the-hand') }}</dt>
      <dd>
        {{ weightWords(hand, units) }}
        <small class="font-sans font-normal text-ink2">{{
          tell('lift-for', { lift: weightWords(lift, units) })
        }}</small>
      </dd>
    </div>
    <div>
      <dt>{{ tell('time') }}</dt>
      <dd>{{ Math.max(1, Math.round(answer.minutes)) }} min</dd>
    </div>
  </dl>
</template>

<style scoped>
.facts {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 6px 16px;
  border-top: var(--line) solid var(--ink);
  padding-top: 8px;
}
.facts dt {
  font-size: var(--text-small);
  color: var(--ink2);
}
.facts dd {
  font: 600 var(--text-lead)/1.2 var(--font-tag);
}
</style>
