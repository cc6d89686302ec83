<script setup lang="ts">
/** Heights of a block that is picked. */
import tell from 'words:heights'
import { useGrove } from '@/composables/useGrove'
import PickOne from '@/controls/PickOne.vue'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import BlockHeights from './heights/BlockHeights.vue'

const route = useRoute()
const router = useRouter()
const { data: grove } = useGrove()
/** The block one looks at first: the one with hedgerows, else the first. */
const hedges = computed(() => {
  const blocks = grove.value?.blocks ?? []
  const hedged = grove.value?.rows.find((r) => r.kind === 'hedgerow')
  return blocks.find((b) => b.id === hedged?.block_id) ?? blocks[0]
})
const blockId = computed(() =>
  typeof route.query.block === 'string' ? route.query.block : (hedges.value?.id ?? ''),
)
const choose = (id: string) => void router.replace({ query: { block: id } })
</script>

<template>
  <div class="px-6 py-3 max-sm:px-3 max-w-[1240px] mx-auto grid gap-4">
    <header class="flex flex-wrap items-center gap-x-4 gap-y-2 pb-2 border-b-2 border-ink">
      <h1 class="text-title">{{ tell('heights') }}</h1>
      <div>
        <label class="sr-only" for="block">{{ tell('block-2') }}</label>
        <PickOne
          id="block"
          class="field"
          :model-value="blockId"
          @update:model-value="choose($event)"
        >
          <option v-for="b in grove?.blocks ?? []" :key="b.id" :value="b.id">{{ b.name }}</option>
        </PickOne>
      </div>
    </header>
    <BlockHeights v-if="blockId" :block-id="blockId" />
  </div>
</template>
