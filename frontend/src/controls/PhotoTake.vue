<script setup lang="ts">
/** Takes a photo of a tree before or after work; kept on this device until Billhook has it. */
import tell from 'words:parts'
import { newId } from '@/api/ids'
import { onSent, put, useOutbox } from '@/field/outbox'
import { smallPhoto } from '@/field/photo'
import { computed, onBeforeUnmount, ref, useId } from 'vue'

const props = defineProps<{
  tree: string
  name: string
  moment: 'before' | 'after'
  photos: { id: string; moment: string; day: string }[]
  /** Of a row or a block in place of the tree: `row_id=…`; says what it shows. */
  of?: string
}>()
const emit = defineEmits<{ taken: [] }>()
const id = useId()
const trouble = ref('')
const busy = ref(false)
const { waiting } = useOutbox()
const urls = new Map<string, string>()
const urlOf = (key: string, blob: Blob) => {
  if (!urls.has(key)) urls.set(key, URL.createObjectURL(blob))
  return urls.get(key)!
}
onBeforeUnmount(() => urls.forEach((url) => URL.revokeObjectURL(url)))
const unsent = computed(() =>
  waiting.value
    .filter((i) => i.blob && i.tree === props.tree && i.path.includes(`moment=${props.moment}`))
    .filter((i) => i.path.includes(props.of ?? 'tree_id='))
    .map((i) => urlOf(i.path, i.blob!)),
)
const kept = computed(() => props.photos.filter((p) => p.moment === props.moment))
onBeforeUnmount(onSent((item) => void (item.blob && item.tree === props.tree && emit('taken'))))
async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  trouble.value = ''
  busy.value = true
  const small = await smallPhoto(file)
  busy.value = false
  if (typeof small === 'string') {
    trouble.value = small
    return
  }
  const whose = props.of ?? `tree_id=${props.tree}`
  const path = `/api/photos/${newId()}?${whose}&moment=${props.moment}`
  await put({
    says: tell('a-photo-of', { props: props.name }),
    tree: props.tree,
    method: 'PUT',
    path,
    body: null,
    blob: small,
  })
}
</script>

<template>
  <div class="grid gap-2">
    <div class="flex flex-wrap gap-2">
      <img
        v-for="p in kept"
        :key="p.id"
        class="thumb"
        :src="`/api/photos/${p.id}.jpg`"
        :alt="tell('the-work', { name, moment, day: p.day })"
      />
      <img
        v-for="url in unsent"
        :key="url"
        class="thumb wait"
        :src="url"
        :alt="tell('the-work-not-sent-yet', { name, moment })"
      />
    </div>
    <label :for="id" class="btn justify-center">{{
      busy
        ? tell('making-it-smaller')
        : of
          ? tell('photo-of', { name })
          : tell('photo-the-work', { moment })
    }}</label>
    <input
      :id="id"
      class="sr-only"
      type="file"
      accept="image/*"
      capture="environment"
      @change="take"
    />
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
  </div>
</template>

<style scoped>
.thumb {
  height: 92px;
  border: var(--line) solid var(--ink);
  border-radius: 8px;
}
.wait {
  border-style: dashed;
}
input:focus-visible ~ label,
label:focus-within {
  outline: 3px solid var(--frost);
}
</style>
