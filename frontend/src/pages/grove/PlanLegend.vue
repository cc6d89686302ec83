<script setup lang="ts">
/** What the hearts and rings of the plan mean. */
import { TONE_WORDS } from '@/drawings/tones'
import tell from 'words:grove'
import ToneMark from '@/drawings/ToneMark.vue'
</script>

<template>
  <p class="legend" aria-hidden="true">
    <span
      v-for="t in ['go', 'light', 'wait', 'stop'] as const"
      :key="t"
      class="inline-flex items-center gap-1.5"
      ><ToneMark :tone="t" small /> {{ TONE_WORDS[t] }}</span
    >
    <span class="inline-flex items-center gap-1.5"
      ><svg width="18" height="18">
        <circle cx="9" cy="9" r="7" fill="none" stroke="var(--ink)" stroke-width="2.2" />
      </svg>
      {{ tell('measured-2') }}</span
    >
    <span class="inline-flex items-center gap-1.5"
      ><svg width="18" height="18">
        <circle cx="9" cy="9" r="7" fill="none" stroke="var(--ink)" stroke-dasharray="4 2.5" />
      </svg>
      {{ tell('sketched') }}</span
    >
  </p>
</template>

<style scoped>
.legend {
  position: absolute;
  left: 16px;
  bottom: 6px;
  padding: 2px 8px;
  border-radius: 6px;
  background: var(--paper);
  display: flex;
  gap: 16px;
  flex-wrap: wrap;
  font: 500 15px var(--font-tag);
}
@media (max-width: 900px) {
  .legend {
    position: static;
    padding: 0 12px 10px;
  }
}
</style>
