<script setup lang="ts">
/** The class by one's own eyes, where it is not what was foretold, or where nothing was. */
import tell from 'words:frost'
import PickOne from '@/controls/PickOne.vue'
import { ref } from 'vue'
import { CLASS_WORDS, CLASSES, type FrostClass } from './classes'

const props = defineProps<{ frostClass: FrostClass | null; busy: boolean }>()
const emit = defineEmits<{ say: [frost: FrostClass] }>()
const chosen = ref<FrostClass>(props.frostClass ?? 'F2')
</script>

<template>
  <form
    class="flex flex-wrap gap-2 items-end"
    :aria-label="tell('the-class-by-your-own')"
    @submit.prevent="emit('say', chosen)"
  >
    <div class="flex-1 min-w-[200px]">
      <label class="label" for="own-class">{{
        frostClass ? tell('you-know-better-the-class') : tell('what-is-dead')
      }}</label>
      <PickOne id="own-class" v-model="chosen" class="field">
        <option v-for="c in CLASSES.filter((x) => x !== 'F0')" :key="c" :value="c">
          {{ c }}, {{ CLASS_WORDS[c] }}
        </option>
      </PickOne>
    </div>
    <button class="btn" :disabled="busy || chosen === frostClass">
      {{ tell('write-it-down') }}
    </button>
  </form>
</template>
