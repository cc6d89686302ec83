<script setup lang="ts">
import { api, heed, sentence } from '@/api/client'
import LogEntries from '@/controls/LogEntries.vue'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { nameMatches } from '@/geometry/plan'
import BlockBack from './log/BlockBack.vue'

const { data, error, isPending } = useQuery({
  queryKey: ['log'],
  queryFn: () => heed(api.GET('/api/log')),
})
const only = ref('')
const shown = computed(() =>
  (data.value?.entries ?? []).filter(
    (e) => !only.value.trim() || nameMatches(only.value, `${e.tree} ${e.work} ${e.who}`),
  ),
)
</script>

<template>
  <div class="max-w-4xl mx-auto px-4 py-4">
    <div class="flex flex-wrap gap-3 items-end justify-between border-b-2 border-ink pb-3">
      <h1 class="text-[1.7rem]">Log</h1>
      <div class="flex flex-wrap gap-2 items-end">
        <div>
          <label class="label" for="only">Only tree, work or helper</label>
          <input id="only" v-model="only" class="field !min-h-10 w-56" placeholder="Baixo 4" />
        </div>
        <a class="btn btn-small" href="/api/log.csv" download>Log as CSV</a>
        <a class="btn btn-small" href="/api/trees.csv" download>Trees as CSV</a>
      </div>
    </div>
    <p v-if="isPending" class="py-4">Fetching the log …</p>
    <p v-else-if="error" class="wrong py-4" role="alert">{{ sentence(error) }}</p>
    <template v-else>
      <BlockBack />
      <LogEntries :entries="shown" with-tree />
    </template>
  </div>
</template>
