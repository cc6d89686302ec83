<script setup lang="ts">
/** Long work on its way, seen on every page; what it came to stays until it is seen. */
import { grouped } from '@/words/numbers'
import tell from 'words:app'
import { useLong, type Long } from '@/composables/useLong'

const { going, ended, heard } = useLong()
/** Of the others their own page says what they came to. */
const LEFT = new Set(['import'])
const far = (w: Long) => (w.of ? tell('of', { done: grouped(w.done), of: grouped(w.of) }) : '')
</script>

<template>
  <section
    v-if="going.length || ended.some((w) => LEFT.has(w.kind))"
    class="long no-print"
    :aria-label="tell('long-work')"
  >
    <div v-for="w in going" :key="w.id" class="one" data-test="long">
      <p class="text-note">
        {{ w.says
        }}<template v-if="far(w)"
          >: <span class="num">{{ far(w) }}</span></template
        >
      </p>
      <progress :value="w.of ? w.done : undefined" :max="w.of || 1" :aria-label="w.says" />
    </div>
    <template v-for="w in ended" :key="w.id">
      <p v-if="LEFT.has(w.kind) && w.came_to" class="one text-note" role="status">
        {{ w.came_to }}
        <button type="button" class="link ml-2 min-h-6" @click="heard(w.id)">
          {{ tell('seen') }}
        </button>
      </p>
    </template>
  </section>
</template>

<style scoped>
.long {
  position: fixed;
  z-index: 22;
  right: 16px;
  bottom: calc(var(--foot, 0px) + 12px);
  display: grid;
  gap: 8px;
  width: min(340px, calc(100vw - 32px));
}
.one {
  border: var(--line) solid var(--ink);
  border-radius: 10px;
  background: var(--sheet);
  padding: 8px 12px;
}
progress {
  width: 100%;
  height: 10px;
  accent-color: var(--leaf);
}
</style>
