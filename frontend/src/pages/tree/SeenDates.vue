<script setup lang="ts">
/**
 * Dates seen this year, of this tree or its whole block: they beat the model now, and correct it
 * next year.
 */
import tell from 'words:tree'
import DayField from '@/controls/DayField.vue'
import { useAct } from '@/composables/useAct'
import { api, heed, type Tree } from '@/api/client'
import { computed, ref } from 'vue'

const props = defineProps<{ tree: Tree }>()
const KINDS = computed(
  () =>
    [
      ['flush_start', tell('first-flush-seen')],
      ['flush_hard', tell('its-leaves-hard')],
      ['bloom_start', tell('first-flowers-open')],
      ['harvest_end', tell('last-fruit-picked')],
    ] as const,
)
const whole = ref(false)
const { act, trouble } = useAct()
const kept = ref('')
const value = (kind: string) => props.tree.seen.find((s) => s.kind === kind)?.value ?? ''
async function see(kind: string, iso: string) {
  if (!iso || iso === value(kind)) return
  kept.value = ''
  const body = { kind, value: iso, date: iso > props.tree.day ? props.tree.day : iso }
  await act(async () => {
    await heed(
      whole.value
        ? api.POST('/api/blocks/{id}/observations', {
            params: { path: { id: props.tree.block_id } },
            body,
          })
        : api.POST('/api/trees/{id}/observations', {
            params: { path: { id: props.tree.id } },
            body,
          }),
    )
    kept.value = whole.value
      ? tell('kept-for-all-of', { block: props.tree.block })
      : tell('kept-for-this-tree')
  })
}
</script>

<template>
  <fieldset>
    <legend class="tag text-lead">{{ tell('seen-this-year') }}</legend>
    <div class="grid grid-cols-2 gap-2">
      <div v-for="[kind, says] in KINDS" :key="kind">
        <label class="label" :for="`seen-${kind}`">{{ says }}</label>
        <DayField
          :id="`seen-${kind}`"
          :model-value="value(kind)"
          @update:model-value="see(kind, $event)"
        />
      </div>
    </div>
    <label class="flex gap-2 items-center mt-2"
      ><input v-model="whole" type="checkbox" />
      {{ tell('for-the-whole-block-2', { block: tree.block }) }}</label
    >
    <p class="text-small text-ink2">
      {{ tell('a-date-seen-beats-the') }}
    </p>
    <p v-if="kept" role="status">{{ kept }}</p>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
  </fieldset>
</template>
