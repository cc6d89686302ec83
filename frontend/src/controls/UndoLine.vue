<script setup lang="ts">
/**
 * What was written just now, and Undo; ten seconds, longer while it is pointed at. What stands on it
 * is named before it goes too.
 */
import tell from 'words:app'
import { useUndo } from '@/composables/useUndo'
import { ref, watch } from 'vue'

const SECONDS = 10
const { line, stands, trouble, busy, undo, undoAll, leave } = useUndo()
const held = ref(false)
let timer: ReturnType<typeof setTimeout> | undefined
watch(
  [line, held, stands],
  () => {
    clearTimeout(timer)
    if (line.value && !held.value && !stands.value.length) timer = setTimeout(leave, SECONDS * 1000)
  },
  { immediate: true },
)
</script>

<template>
  <div
    role="status"
    aria-live="polite"
    class="undo no-print"
    :class="{ there: line || stands.length || trouble }"
    @pointerenter="held = true"
    @pointerleave="held = false"
    @focusin="held = true"
    @focusout="held = false"
  >
    <template v-if="stands.length">
      <p>{{ tell('later-work-stands-on-it', { stands: stands.map((a) => a.said).join('; ') }) }}</p>
      <button type="button" class="btn" :disabled="busy" @click="undoAll()">
        {{ tell('take-all-back', { stands: stands.length }) }}
      </button>
      <button type="button" class="btn" @click="leave()">{{ tell('leave-it-2') }}</button>
    </template>
    <template v-else-if="trouble">
      <p>{{ trouble }}</p>
      <button type="button" class="btn" @click="leave()">{{ tell('close') }}</button>
    </template>
    <template v-else-if="line">
      <p data-test="wrote">{{ line.back ? tell('taken-back') + ' ' : '' }}{{ line.said }}</p>
      <button type="button" class="btn" :disabled="busy" @click="undo(line.act)">
        {{ line.back ? tell('put-back') : tell('undo') }}
      </button>
    </template>
  </div>
</template>

<style scoped>
.undo {
  position: fixed;
  z-index: 30;
  left: 50%;
  bottom: calc(var(--wire) + 10px);
  transform: translateX(-50%);
  width: min(560px, calc(100vw - 24px));
}
.undo.there {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  background: var(--ink);
  color: var(--paper);
  border-radius: 10px;
  padding: 8px 10px 8px 16px;
}
.undo p {
  flex: 1 1 200px;
}
.undo .btn {
  background: var(--paper);
  border-color: var(--paper);
  color: var(--ink);
}
@media print {
  .undo {
    display: none;
  }
}
</style>
