<script setup lang="ts">
/** A sentence whose words of the trade open what they mean, the first time they stand on a page. */
import { piecesOf, useTerms } from '@/composables/useTerms'
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed, onUnmounted } from 'vue'

const props = defineProps<{ text: string }>()
const { terms, take, leave } = useTerms()
const me = Symbol()
const pieces = computed(() => piecesOf(props.text, terms.value, take(me)))
onUnmounted(() => leave(me))
</script>

<template>
  <template v-for="(piece, i) in pieces" :key="i"
    ><Popover v-if="piece.term" as="span"
      ><PopoverButton as="button" class="term">{{ piece.text }}</PopoverButton
      ><PopoverPanel as="span" class="term-note no-print" role="note"
        ><b class="tag text-lg">{{ piece.term.word }}</b> {{ piece.term.says }}</PopoverPanel
      ></Popover
    ><template v-else>{{ piece.text }}</template></template
  >
</template>

<style>
.term {
  font: inherit;
  color: inherit;
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
  font: 400 1rem/1.4 var(--font-sans);
}
</style>
