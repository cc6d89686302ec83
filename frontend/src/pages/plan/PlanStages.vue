<script setup lang="ts">
/** What does not fit at once, over the coming windows and years. */
import tell from 'words:plan'
import type { Schemas } from '@/api/client'
import { dayWords } from '@/geometry/day'
import { shareWords } from '@/geometry/measure'

defineProps<{ plan: Schemas['PlanOut'] }>()
defineEmits<{ first: [] }>()
</script>

<template>
  <section v-if="plan.stages.length" :aria-label="tell('in-stages')" data-test="stages">
    <h2 class="text-part">{{ plan.over_limit ? tell('in-stages') : tell('and-later') }}</h2>
    <ol>
      <li v-for="s in plan.stages" :key="s.day" class="stage">
        <b class="num">{{ dayWords(s.day) }}</b>
        <div>
          <p class="first">{{ s.cuts.map((c) => c.name).join('; ') }}</p>
          <p v-if="s.over" class="keep text-note">
            {{ tell('more-than-any-window-holds') }}
          </p>
        </div>
        <span class="num text-right">{{
          s.share
            ? tell('of-4', { share: shareWords(s.share), limit: shareWords(s.limit) })
            : tell('free')
        }}</span>
      </li>
    </ol>
    <p v-if="plan.unplaced.length" class="text-note text-ink2">
      {{ tell('no-window-of-the-next', { unplaced: plan.unplaced.map((c) => c.name).join('; ') }) }}
    </p>
    <button
      v-if="plan.over_limit && plan.stages.length > 1"
      type="button"
      class="btn mt-1"
      @click="$emit('first')"
    >
      {{ tell('cut-only-the-first-stage') }}
    </button>
  </section>
</template>

<style scoped>
.stage {
  display: grid;
  grid-template-columns: 7.2rem 1fr auto;
  gap: 10px;
  border-top: 1px solid var(--rule);
  padding: 6px 0;
}
.first::first-letter {
  text-transform: uppercase;
}
</style>
