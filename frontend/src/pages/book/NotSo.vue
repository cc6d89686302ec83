<script setup lang="ts">
/** Chosen entries of the Book are taken back together, each with what was written with it. */
import tell from 'words:book'
import { useUndo } from '@/composables/useUndo'
import { computed } from 'vue'

const props = defineProps<{ acts: (string | null | undefined)[] }>()
const emit = defineEmits<{ done: [] }>()
const { undo, busy } = useUndo()
const back = computed(() => [...new Set(props.acts.filter((act) => !!act))] as string[])
/** Entries that nothing known wrote, as those of an older file are. */
const rest = computed(() => props.acts.filter((act) => !act).length)
async function takeBack() {
  for (const act of back.value) if (!(await undo(act))) return
  emit('done')
}
</script>

<template>
  <section
    class="keep flex flex-wrap gap-3 items-center no-print"
    :aria-label="tell('for-the-chosen')"
  >
    <b class="tag text-lead">{{ acts.length }} {{ tell('entries-2', { acts: acts.length }) }}</b>
    <button type="button" class="btn btn-small" :disabled="busy || !back.length" @click="takeBack">
      {{ tell('not-so-take-back') }}
    </button>
    <p v-if="rest" class="text-note text-ink2">{{ tell('cannot-be-taken-back-only', { rest }) }}</p>
  </section>
</template>
