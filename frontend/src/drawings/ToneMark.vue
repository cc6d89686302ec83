<script setup lang="ts">
import type { Status } from '@/api/client'
import { TONE_WORDS, TONES } from './tones'

defineProps<{ tone: Status; small?: boolean }>()
</script>

<template>
  <svg
    :width="small ? 30 : 46"
    :height="small ? 20 : 30"
    role="img"
    :aria-label="TONE_WORDS[tone]"
    class="flex-none"
  >
    <rect
      x="1"
      y="1"
      :width="small ? 28 : 44"
      :height="small ? 18 : 28"
      :fill="TONES[tone]"
      stroke="var(--ink)"
      stroke-width="2"
    />
  </svg>
</template>
