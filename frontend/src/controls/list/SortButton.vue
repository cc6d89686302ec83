<script setup lang="ts">
/** The head of a column: sorts by it, and shows which way. */
defineProps<{ name: string; order: 'none' | 'ascending' | 'descending' }>()
const MARKS = { none: '', ascending: ' \u25b2', descending: ' \u25bc' }
</script>

<template>
  <button type="button" class="tag min-h-touch text-left">
    {{ name }}<span aria-hidden="true">{{ MARKS[order] }}</span>
  </button>
</template>
