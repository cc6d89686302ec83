<script lang="ts">
import { shallowRef, type Component } from 'vue'

/** What opens a term comes after the first view; until then the word stands as it is. */
const note = shallowRef<Component>()
</script>

<script setup lang="ts">
/** A sentence whose words of the trade open what they mean, the first time they stand on a page. */
import { piecesOf, useTerms } from '@/composables/useTerms'
import { computed, onUnmounted } from 'vue'

const props = defineProps<{ text: string }>()
const { terms, take, leave } = useTerms()
const me = Symbol()
const pieces = computed(() => piecesOf(props.text, terms.value, take(me)))
onUnmounted(() => leave(me))
if (!note.value) void import('./TermNote.vue').then((m) => (note.value = m.default))
</script>

<template>
  <template v-for="(piece, i) in pieces" :key="i"
    ><component
      :is="note"
      v-if="piece.term && note"
      :text="piece.text"
      :term="piece.term"
    /><template v-else>{{ piece.text }}</template></template
  >
</template>
