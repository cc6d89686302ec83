<script setup lang="ts">
/** Who did it, how many came off, how long it took: all may be left out. */
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
  <form class="done" aria-label="Done" @submit.prevent="send">
    <template v-if="log">
      <WhoField v-model="who" />
      <div v-if="counts">
        <span class="label">How many {{ trees > 1 ? 'a tree' : '' }}</span>
        <StepCount v-model="count" label="How many came off" />
      </div>
      <div>
        <label class="label" :for="`${id}m`">Minutes{{ trees > 1 ? ' in all' : '' }}</label>
        <input :id="`${id}m`" v-model="minutes" class="field w-24" inputmode="decimal" />
      </div>
    </template>
    <button class="btn btn-go">
      {{ trees > 1 ? `Done, ${trees} trees` : 'Done' }}
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
