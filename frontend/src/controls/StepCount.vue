<script setup lang="ts">
/** Fewer, so many, more: by thumb. */
import tell from 'words:app'
const props = defineProps<{ label: string; most?: number }>()
const count = defineModel<number>({ required: true })
const set = (value: number) => (count.value = Math.max(0, Math.min(props.most ?? 500, value)))
</script>

<template>
  <div class="flex items-center gap-1" role="group" :aria-label="label">
    <button
      type="button"
      class="btn step"
      :aria-label="tell('one-fewer', { label })"
      :disabled="count <= 0"
      @click="set(count - 1)"
    >
      −
    </button>
    <span class="num tag text-head w-10 text-center" aria-live="polite">{{ count }}</span>
    <button
      type="button"
      class="btn step"
      :aria-label="tell('one-more', { label })"
      @click="set(count + 1)"
    >
      +
    </button>
  </div>
</template>

<style scoped>
.step {
  width: 52px;
  min-height: 48px;
  font-size: 26px;
  padding: 0;
  /* kept clear of the total at the foot when it is moved to by keyboard */
  scroll-margin-bottom: 230px;
}
</style>
