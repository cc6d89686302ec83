<script setup lang="ts">
/** Two photos of one tree over each other, with a slider between before and after. */
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
      <img :src="`/api/photos/${after.id}.jpg`" :alt="`${name} after the work, ${after.day}`" />
      <img
        :src="`/api/photos/${before.id}.jpg`"
        :alt="`${name} before the work, ${before.day}`"
        :style="{ clipPath: `inset(0 ${100 - share}% 0 0)` }"
      />
      <i :style="{ left: `${share}%` }" aria-hidden="true" />
    </div>
    <label :for="id" class="sr-only">How much of the photo from before shows</label>
    <input
      :id="id"
      v-model.number="share"
      type="range"
      min="0"
      max="100"
      class="w-full min-h-touch"
      :aria-valuetext="`${share} % before, ${100 - share} % after`"
    />
    <figcaption class="flex justify-between text-note">
      <span>before, {{ before.day }}</span
      ><span>after, {{ after.day }}</span>
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
