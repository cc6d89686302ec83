<script setup lang="ts">
/** Who did it, how many came off, how long it took: all may be left out. */
import tell from 'words:app'
import WhoField from '@/controls/WhoField.vue'
import StepCount from '@/controls/StepCount.vue'
import { useLocalStorage } from '@vueuse/core'
import { ref, useId } from 'vue'

defineProps<{ trees: number; counts: boolean; log: boolean }>()
const emit = defineEmits<{
  done: [said: { who: string; minutes: number | null; count: number | null }]
}>()
const id = useId()
const who = useLocalStorage('billhook-who', '')
const minutes = ref('')
const count = ref(0)
const send = () =>
  emit('done', {
    who: who.value.trim(),
    minutes: Number(minutes.value.replace(',', '.')) || null,
    count: count.value || null,
  })
</script>

<template>
  <form class="done" :aria-label="tell('done')" @submit.prevent="send">
    <template v-if="log">
      <WhoField v-model="who" />
      <div v-if="counts">
        <span class="label">{{ tell('how-many-other-a-tree', { trees }) }}</span>
        <StepCount v-model="count" :label="tell('how-many-came-off')" />
      </div>
      <div>
        <label class="label" :for="`${id}m`">{{ tell('minutes-other-in-all', { trees }) }}</label>
        <input :id="`${id}m`" v-model="minutes" class="field w-24" inputmode="decimal" />
      </div>
    </template>
    <button class="btn btn-go">
      {{ trees > 1 ? tell('done-trees', { trees }) : tell('done') }}
    </button>
  </form>
</template>

<style scoped>
.done {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
  margin-top: 8px;
}
</style>
