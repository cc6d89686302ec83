<script setup lang="ts">
/** Says what is kept on this device and waits for Billhook, and what Billhook would not take. Quiet when there is nothing to say. */
import { drop, send, useOutbox } from '@/field/outbox'

const { waiting, refused, away } = useOutbox()
</script>

<template>
  <div role="status" aria-live="polite">
    <p v-if="away && waiting.length" class="kept" data-test="kept-here">
      <span
        >Billhook does not answer. {{ waiting.length }} {{ waiting.length === 1 ? 'entry is' : 'entries are' }} kept on this phone and sent
        later.</span
      >
      <button type="button" class="btn btn-small" @click="send()">Try now</button>
    </p>
    <p v-for="item in refused" :key="item.seq" class="kept">
      <span>{{ item.says }} was not taken: {{ item.refused }}</span>
      <button type="button" class="btn btn-small" @click="drop(item)">Drop it</button>
    </p>
  </div>
</template>

<style scoped>
.kept {
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
  border: var(--line) dashed var(--ink);
  border-radius: 10px;
  padding: 8px 12px;
  margin-bottom: 8px;
}
.kept .btn {
  min-height: 44px;
  flex: none;
}
</style>
