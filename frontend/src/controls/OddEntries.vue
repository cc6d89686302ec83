<script setup lang="ts">
/**
 * Entries that make no sense, each to be taken out. Nothing reads them; they are shown until
 * somebody does.
 */
import tell from 'words:parts'
import { useAct } from '@/composables/useAct'
import { api, heed, type Schemas } from '@/api/client'
import { useQuery } from '@tanstack/vue-query'

const { data } = useQuery({
  queryKey: ['odd'],
  queryFn: () => heed(api.GET('/api/odd')),
  staleTime: 60_000,
})
const { act, busy, trouble } = useAct()
const out = (entry: Schemas['OddOut']) =>
  act(() => heed(api.POST('/api/odd/{id}/out', { params: { path: { id: entry.id } }, body: {} })))
</script>

<template>
  <section v-if="data?.entries.length" class="odd" :aria-label="tell('entries-that-make-no-sense')">
    <p v-for="e in data.entries" :key="e.id" class="entry" data-test="odd">
      <span>
        <RouterLink v-if="e.tree_id" class="link" :to="`/tree/${e.tree_id}`">{{
          e.where
        }}</RouterLink>
        <template v-else>{{ e.where }}</template>

        {{ tell('has-an-entry-that-makes', { says: e.says, e: e.value, problem: e.problem })
        }}{{ ' ' }}</span
      >
      <button type="button" class="btn btn-small" :disabled="busy" @click="out(e)">
        {{ tell('take-it-out') }}
      </button>
    </p>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
  </section>
</template>

<style scoped>
.odd {
  padding: 0 16px;
}
.entry {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  max-width: 760px;
  margin: 8px auto 0;
  border: var(--line) solid var(--ink);
  border-radius: 10px;
  padding: 8px 12px;
}
.entry span {
  flex: 1 1 220px;
}
</style>
