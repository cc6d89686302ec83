<script setup lang="ts">
/** From where a tree is seen, and a step round it either way [degrees clockwise from north]. */
import tell from 'words:app'
import { windWords } from '@/geometry/measure'

const from = defineModel<number>({ required: true })
</script>

<template>
  <div class="flex justify-between items-center px-4 pt-2 gap-2">
    <span class="tag text-ink2">{{ tell('from', { from: windWords(from) }) }}</span>
    <span class="flex gap-2">
      <slot />
      <button
        type="button"
        class="turn"
        :aria-label="tell('walk-round-to-the-left')"
        @click="from = (from + 345) % 360"
      >
        ‹
      </button>
      <button
        type="button"
        class="turn"
        :aria-label="tell('walk-round-to-the-right')"
        @click="from = (from + 15) % 360"
      >
        ›
      </button>
    </span>
  </div>
</template>
