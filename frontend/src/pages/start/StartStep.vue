<script setup lang="ts">
/** One of the three questions: a station on the staff, done, asked now, or still to come. */
import tell from 'words:start'
defineProps<{ nth: number; name: string; state: 'done' | 'now' | 'later'; says?: string }>()
</script>

<template>
  <section class="station" :class="state" :aria-label="name">
    <header class="flex flex-wrap items-baseline gap-x-3">
      <component :is="state === 'now' ? 'h1' : 'h2'" class="name">{{ name }}</component>
      <span v-if="state === 'now'" class="tag text-ink2 ml-auto">{{
        tell('of-3-2', { nth })
      }}</span>
      <span v-else-if="state === 'done'" class="ml-auto"><slot name="change" /></span>
    </header>
    <p v-if="says" class="text-ink2">{{ says }}</p>
    <div v-if="state === 'now'" class="mt-2"><slot /></div>
  </section>
</template>

<style scoped>
.station {
  position: relative;
  padding: 14px 0 16px;
  border-bottom: 2px solid var(--ink);
}
.station.later {
  border-bottom: 0;
}
.station::before {
  content: '';
  position: absolute;
  left: -24px;
  top: 20px;
  border: 8px solid transparent;
  border-right: 14px solid var(--leaf);
  border-left: 0;
}
.station.now::before {
  border-right-color: var(--tape);
  top: 24px;
}
.station.later::before {
  border-right-color: var(--ink2);
}
.name {
  font-size: var(--text-part);
}
.now .name {
  font-size: var(--text-title);
}
.done .name {
  color: var(--leaf);
}
.later .name {
  color: var(--ink2);
}
</style>
