<script setup lang="ts">
/** The tags of one tree, row or block; at the foot of a phone, over the places. */
defineProps<{ tags: { to: string; name: string }[]; of: string }>()
</script>

<template>
  <nav class="second-wire no-print" :aria-label="of">
    <RouterLink
      v-for="(tag, i) in tags"
      :key="tag.to"
      v-slot="{ href, navigate, isActive, isExactActive }"
      :to="tag.to"
      custom
      ><a
        :href="href"
        class="wire-tag"
        :class="{ on: i ? isActive : isExactActive }"
        :aria-current="(i ? isActive : isExactActive) ? 'page' : undefined"
        @click="navigate"
        >{{ tag.name }}</a
      ></RouterLink
    >
  </nav>
</template>

<style scoped>
.second-wire {
  position: relative;
  display: flex;
  gap: 3px;
  height: 50px;
  padding: 9px 24px 0;
}
.second-wire::before {
  content: '';
  position: absolute;
  inset: 9px 0 auto;
  border-top: var(--line) solid var(--ink);
}
.wire-tag:not(.on) {
  background: var(--sheet);
}
@media (max-width: 720px) {
  .second-wire {
    position: fixed;
    z-index: 20;
    inset: auto 0 58px;
    height: 48px;
    padding: 0 8px;
    align-items: flex-end;
    background: var(--paper);
  }
  .second-wire::before {
    inset: 0 0 auto;
  }
  .wire-tag,
  .wire-tag:not(.on) {
    flex: 1 1 auto;
    height: 44px;
    padding: 0 3px;
    line-height: 42px;
    text-align: center;
    border: 0;
    border-radius: 0;
    background: none;
  }
  .wire-tag.on {
    height: 44px;
    background: none;
    color: var(--ink);
    line-height: 42px;
    box-shadow: inset 0 5px 0 var(--ink);
  }
}
</style>
