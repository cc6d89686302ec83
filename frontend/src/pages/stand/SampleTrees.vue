<script setup lang="ts">
/** Which trees of a block to measure, and how well the few tell of the many. */
import { grouped } from '@/words/numbers'
import tell from 'words:stand'
import { api, heed, sentence } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { ref } from 'vue'

const props = defineProps<{ blockId: string }>()
const { units } = useSettings()
const n = ref<number | null>(null)
const { data, error } = useQuery({
  queryKey: ['sample', () => props.blockId, n, units],
  queryFn: () =>
    heed(
      api.GET('/api/blocks/{id}/sample', {
        params: { path: { id: props.blockId }, query: { n: n.value ?? 5, units: units.value } },
      }),
    ),
  enabled: () => n.value !== null,
  placeholderData: keepPreviousData,
})
</script>

<template>
  <section class="grid gap-2 max-w-2xl" :aria-label="tell('which-trees-to-measure')">
    <h2 class="text-part">{{ tell('measure-a-few-for-all') }}</h2>
    <div class="flex flex-wrap gap-2" role="group" :aria-label="tell('how-many-trees')">
      <button
        v-for="many in [5, 10, 20]"
        :key="many"
        type="button"
        class="btn btn-small"
        :aria-pressed="n === many"
        @click="n = many"
      >
        {{ tell('trees-6', { many }) }}
      </button>
    </div>
    <p v-if="error" class="wrong" role="alert">{{ sentence(error) }}</p>
    <template v-else-if="data && n">
      <p class="text-note text-ink2">
        {{
          tell('of-of-every-size-and', {
            trees: data.trees.length,
            of: grouped(data.of),
          })
        }}
      </p>
      <ul class="flex flex-wrap gap-x-5 gap-y-1">
        <li v-for="t in data.trees" :key="t.id" data-test="sampled">
          <RouterLink class="link inline-block min-h-6" :to="`/tree/${t.id}`">{{
            t.name
          }}</RouterLink>
          <span v-if="t.measured" class="text-note text-ink2"
            >{{ ' ' }}{{ tell('measured-2') }}</span
          >
        </li>
      </ul>
      <ul class="text-note">
        <li v-for="s in data.says" :key="s">{{ s }}</li>
      </ul>
    </template>
  </section>
</template>
