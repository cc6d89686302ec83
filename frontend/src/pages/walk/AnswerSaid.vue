<script setup lang="ts">
/** What the last answer came to. */
import tell from 'words:walk'
import SaidText from '@/controls/SaidText.vue'

defineProps<{ texts: string[] }>()
</script>

<template>
  <section class="said" aria-live="polite" :aria-label="tell('what-that-comes-to')">
    <p v-for="text in texts" :key="text"><SaidText :text="text" /></p>
  </section>
</template>

<style scoped>
.said {
  border-radius: 12px;
  background: var(--ink);
  color: var(--paper);
  padding: 10px 14px;
}
</style>
