<script setup lang="ts">
/** A word of the trade that opens what it means. */
import type { Term } from '@/composables/useTerms'
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'

defineProps<{ text: string; term: Term }>()
</script>

<template>
  <Popover as="span"
    ><PopoverButton as="span" class="term" role="button" tabindex="0">{{ text }}</PopoverButton
    ><PopoverPanel as="span" class="term-note no-print" role="note"
      ><b class="tag text-lead">{{ term.word }}</b> {{ term.says }}</PopoverPanel
    ></Popover
  >
</template>

<style>
/* not a button element, which would stand in its line like a box and move it */
.term {
  cursor: pointer;
  text-decoration: underline dotted;
  text-decoration-thickness: 1.5px;
  text-underline-offset: 4px;
}
.term-note {
  position: fixed;
  z-index: 55;
  left: 12px;
  right: 12px;
  bottom: calc(var(--foot) + 12px);
  max-width: 560px;
  margin: 0 auto;
  padding: 12px 16px;
  border: 2px solid var(--ink);
  border-radius: 10px;
  background: var(--sheet);
  color: var(--ink);
  font: 400 var(--text-base)/1.4 var(--font-sans);
}
</style>
