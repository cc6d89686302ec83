<script setup lang="ts">
/** A photo to trace on: one of the record, one taken now, or a file. */
import tell from 'words:trace'
import type { Picture } from './useTrace'
import { useId } from 'vue'

const props = defineProps<{
  photos: (Picture & { day: string })[]
  name: string
  take: (file: File) => Promise<Picture | null>
}>()
const emit = defineEmits<{ picked: [picture: Picture] }>()
const id = useId()
async function taken(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  const picture = file && (await props.take(file))
  if (picture) emit('picked', picture)
}
</script>

<template>
  <div class="grid gap-3">
    <div v-if="photos.length" class="flex flex-wrap gap-2">
      <button
        v-for="p in photos"
        :key="p.id"
        type="button"
        class="thumb"
        :aria-label="tell('trace-on-the-photo-of', { day: p.day })"
        @click="emit('picked', p)"
      >
        <img :src="`/api/photos/${p.id}.jpg`" :alt="`${name}, ${p.day}`" />
      </button>
    </div>
    <label class="btn btn-go btn-tall justify-center" :for="`${id}-photo`">{{
      tell('take-a-photo')
    }}</label>
    <input
      :id="`${id}-photo`"
      class="sr-only"
      type="file"
      accept="image/*"
      capture="environment"
      @change="taken"
    />
    <label class="btn justify-center" :for="`${id}-file`">{{ tell('choose-a-picture') }}</label>
    <input :id="`${id}-file`" class="sr-only" type="file" accept="image/*" @change="taken" />
  </div>
</template>

<style scoped>
.thumb img {
  height: 110px;
  border: var(--line) solid var(--ink);
  border-radius: 8px;
}
</style>
