<script setup lang="ts">
/** A cut that is left for now: why, and from when it may be made. */
import tell from 'words:plan'
import type { Schemas } from '@/api/client'
import { dayWords } from '@/geometry/day'
import { shareWords } from '@/geometry/measure'

defineProps<{ cut: Schemas['LeftOut']; out: boolean }>()
defineEmits<{ pin: [how: 'in' | null] }>()
</script>

<template>
  <li class="cut" data-test="plan-left">
    <b class="tag text-lead">–</b>
    <div>
      <p class="first">{{ cut.name }}</p>
      <p class="text-note text-ink2">
        {{ cut.left_why }}
        <b v-if="cut.until" class="num">{{ tell('from-5', { until: dayWords(cut.until) }) }}</b>
      </p>
    </div>
    <span class="num text-right text-note">{{
      cut.share ? shareWords(cut.share) : tell('free')
    }}</span>
    <button
      type="button"
      class="btn btn-small"
      :aria-label="tell('put-into-the-plan', { cut: cut.name })"
      @click="$emit('pin', out ? null : 'in')"
    >
      {{ out ? tell('let-it-be') : tell('put-in') }}
    </button>
  </li>
</template>

<style scoped src="./line.css"></style>
