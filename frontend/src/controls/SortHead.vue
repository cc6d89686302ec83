<script setup lang="ts">
/** Heads of columns; each sorts by its own. */
import SortButton from './SortButton.vue'

defineProps<{
  columns: { id: string; name: string }[]
  order: (id: string) => 'none' | 'ascending' | 'descending'
}>()
const emit = defineEmits<{ sort: [id: string] }>()
</script>

<template>
  <tr>
    <th
      v-for="c in columns"
      :key="c.id"
      scope="col"
      class="text-left align-bottom"
      :aria-sort="order(c.id)"
    >
      <SortButton class="pr-3" :name="c.name" :order="order(c.id)" @click="emit('sort', c.id)" />
    </th>
    <slot />
  </tr>
</template>
