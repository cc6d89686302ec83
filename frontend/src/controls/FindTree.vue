<script setup lang="ts">
/** Finds a tree by its name, row or kind, by keyboard. */
import tell from 'words:app'
import { useGrove } from '@/composables/useGrove'
import { nameMatches, nameWords } from '@/geometry/plan'
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, heed, type GroveTree } from '@/api/client'
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'

const { data } = useGrove()
const router = useRouter()
/** start: what was typed before it was there. */
const props = defineProps<{ start?: string }>()
const emit = defineEmits<{ left: [] }>()
const typed = ref(props.start ?? '')
const field = ref<{ el?: HTMLInputElement; $el?: HTMLInputElement }>()
/** What the sentence says of trees, read by Billhook as a planting is. */
const asked = refDebounced(
  computed(() => typed.value.trim()),
  200,
)
const { data: said } = useQuery({
  queryKey: ['find', asked],
  queryFn: () => heed(api.GET('/api/find', { params: { query: { q: asked.value } } })),
  enabled: computed(() => asked.value.length > 2),
})
/** Made ready once, and not at each letter. */
const words = computed(() =>
  (data.value?.trees ?? []).map((t) => nameWords(`${t.name} ${t.kind_name}`)),
)
const found = computed(() => {
  if (!typed.value.trim()) return []
  const trees = data.value?.trees ?? []
  const named = trees.filter((_, n) => nameMatches(typed.value, words.value[n]!))
  const ids = new Set(asked.value.length > 2 ? said.value?.trees : [])
  for (const tree of named) ids.delete(tree.id)
  return ids.size ? [...named, ...trees.filter((t) => ids.has(t.id))] : named
})
const LISTED = 40
/** Lights all that was found in the plan. */
function showAll() {
  const find = typed.value.trim()
  typed.value = ''
  field.value?.$el?.blur()
  void router.push({ path: '/grove', query: { find } })
}
function go(tree: GroveTree | null) {
  if (!tree) return
  typed.value = ''
  field.value?.$el?.blur()
  void router.push(`/tree/${tree.id}`)
}
/** It goes when it is left with nothing asked. */
const leave = () => setTimeout(() => typed.value.trim() || emit('left'), 200)
const focus = () => field.value?.$el?.focus()
onMounted(focus)
defineExpose({ focus })
</script>

<template>
  <div class="find">
    <Combobox
      v-slot="{ activeOption }"
      :model-value="null"
      nullable
      as="div"
      @update:model-value="go"
    >
      <ComboboxInput
        ref="field"
        class="find-field"
        :aria-label="tell('find-a-tree-by-name')"
        :placeholder="tell('find-a-tree-3')"
        autocomplete="off"
        :display-value="() => typed"
        @change="typed = $event.target.value"
        @blur="leave()"
        @keydown.enter="activeOption || go(found[0] ?? null)"
      />
      <ComboboxOptions v-if="typed.trim()" static class="find-list">
        <li v-if="found.length === 0" class="px-3 py-2 text-ink2">
          {{ tell('no-tree-is-found-by') }}
        </li>
        <ComboboxOption
          v-for="tree in found.slice(0, LISTED)"
          :key="tree.id"
          v-slot="{ active }"
          :value="tree"
          as="template"
        >
          <li class="find-item" :class="{ active }">
            <span class="tag text-lead">{{ tree.name }}</span> <span>{{ tree.kind_name }}</span>
          </li>
        </ComboboxOption>
        <li v-if="found.length > 1" class="all">
          <button type="button" class="link" @mousedown.prevent="showAll()">
            {{
              tell('show-in-the-plan', {
                found: found.length === 2 ? tell('both') : tell('all', { found: found.length }),
              })
            }}
          </button>
        </li>
      </ComboboxOptions>
    </Combobox>
  </div>
</template>

<style scoped>
.find {
  position: relative;
  align-self: end;
  padding-bottom: 3px;
}
.find-list {
  position: absolute;
  z-index: 30;
  right: 0;
  top: 36px;
  width: 320px;
  max-width: 92vw;
  background: var(--sheet);
  border: var(--line) solid var(--ink);
  border-radius: 8px;
  max-height: 70vh;
  overflow-y: auto;
}
.all {
  padding: 4px 12px;
  border-top: 1px solid var(--rule);
}
.find-item {
  padding: 8px 12px;
  display: flex;
  gap: 10px;
  align-items: baseline;
}
.find-item.active {
  background: var(--ink);
  color: var(--paper);
}
@media (max-width: 720px) {
  /* it takes the head's place while it is used */
  .find {
    position: absolute;
    z-index: 40;
    inset: 0;
    padding: 0;
  }
  .find-field {
    width: 100%;
    height: 44px;
    margin: 0;
    border-radius: 0;
  }
  .find-list {
    left: 0;
    right: 0;
    top: 44px;
    width: auto;
    max-width: none;
  }
}
</style>
