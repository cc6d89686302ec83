<script setup lang="ts">
/** Finds a tree by its name, row or kind, by keyboard. */
import { useGrove } from '@/composables/useGrove'
import { nameMatches } from '@/geometry/plan'
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { GroveTree } from '@/api/client'

const { data } = useGrove()
const router = useRouter()
const typed = ref('')
const field = ref<{ el?: HTMLInputElement; $el?: HTMLInputElement }>()
const found = computed(() =>
  typed.value.trim()
    ? (data.value?.trees ?? [])
        .filter((t) => nameMatches(typed.value, `${t.name} ${t.kind_name}`))
        .slice(0, 8)
    : [],
)
function go(tree: GroveTree | null) {
  if (!tree) return
  typed.value = ''
  field.value?.$el?.blur()
  void router.push(`/tree/${tree.id}`)
}
defineExpose({ open: () => field.value?.$el?.focus() })
</script>

<template>
  <Combobox
    v-slot="{ activeOption }"
    :model-value="null"
    nullable
    as="div"
    class="find"
    @update:model-value="go"
  >
    <ComboboxInput
      ref="field"
      class="find-field"
      aria-label="Find a tree by name, row or kind"
      placeholder="Find a tree   /"
      autocomplete="off"
      :display-value="() => typed"
      @change="typed = $event.target.value"
      @keydown.enter="activeOption || go(found[0] ?? null)"
    />
    <ComboboxOptions v-if="typed.trim()" static class="find-list">
      <li v-if="found.length === 0" class="px-3 py-2 text-ink2">
        No tree of that name stands here.
      </li>
      <ComboboxOption
        v-for="tree in found"
        :key="tree.id"
        v-slot="{ active }"
        :value="tree"
        as="template"
      >
        <li class="find-item" :class="{ active }">
          <span class="tag text-lg">{{ tree.name }}</span> <span>{{ tree.kind_name }}</span>
        </li>
      </ComboboxOption>
    </ComboboxOptions>
  </Combobox>
</template>

<style scoped>
.find {
  position: relative;
  flex: 1;
  min-width: 0;
}
.find-field {
  width: 240px;
  height: 34px;
  padding: 0 10px;
  border: 1.5px solid var(--edge);
  border-radius: 7px;
  background: var(--paper);
}
.find-field::placeholder {
  color: var(--ink2);
  opacity: 1;
}
.find-list {
  position: absolute;
  z-index: 30;
  right: 0;
  top: 40px;
  width: 320px;
  max-width: 92vw;
  background: var(--sheet);
  border: var(--line) solid var(--ink);
  border-radius: 8px;
  overflow: hidden;
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
  .find-field {
    width: 100%;
    height: 44px;
  }
  .find-list {
    left: 0;
    right: auto;
  }
}
</style>
