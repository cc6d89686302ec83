<script setup lang="ts">
/** Two photos of one tree over each other, with a slider between before and after. */
import tell from 'words:drawings'
import { ref, useId } from 'vue'

defineProps<{
  before: { id: string; day: string }
  after: { id: string; day: string }
  name: string
}>()
const share = ref(50)
const id = useId()
</script>

<template>
  <figure class="grid gap-1">
    <div class="both">
      <img
        :src="`/api/photos/${after.id}.jpg`"
        :alt="tell('after-the-work', { name, day: after.day })"
      />
      <img
        :src="`/api/photos/${before.id}.jpg`"
        :alt="tell('before-the-work', { name, day: before.day })"
        :style="{ clipPath: `inset(0 ${100 - share}% 0 0)` }"
      />
      <i :style="{ left: `${share}%` }" aria-hidden="true" />
    </div>
    <label :for="id" class="sr-only">{{ tell('how-much-of-the-photo') }}</label>
    <input
      :id="id"
      v-model.number="share"
      type="range"
      min="0"
      max="100"
      class="w-full min-h-touch"
      :aria-valuetext="tell('before-after', { share, which: 100 - share })"
    />
    <figcaption class="flex justify-between text-note">
      <span>{{ tell('before', { day: before.day }) }}</span><span>{{
        tell('after', { day: after.day })
      }}</span>
    </figcaption>
  </figure>
</template>

<style scoped>
.both {
  position: relative;
  border: var(--line) solid var(--ink);
  border-radius: 8px;
  overflow: hidden;
  aspect-ratio: 4 / 3;
}
.both img {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  object-fit: cover;
}
.both i {
  position: absolute;
  top: 0;
  bottom: 0;
  width: 3px;
  background: var(--tape);
}
</style>
