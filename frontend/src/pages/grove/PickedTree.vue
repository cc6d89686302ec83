<script setup lang="ts">
/** The tree that is picked in the plan: what it is, and what it needs. */
import tell from 'words:grove'
import type { GroveTree } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import ToneMark from '@/drawings/ToneMark.vue'
import { lengthWords } from '@/geometry/measure'

defineProps<{ tree: GroveTree }>()
defineEmits<{ open: [] }>()
const { units } = useSettings()
</script>

<template>
  <div class="border-b-2 border-ink pb-3 mb-1" aria-live="polite">
    <div class="flex items-center gap-3">
      <span class="plate text-head">{{ tree.name }}</span>
      <p class="text-note text-ink2 leading-tight">
        {{ tell('planted-3', { kindName: tree.kind_name, plantedYear: tree.planted_year })
        }}<br /><template v-if="tree.height_m">{{
          tell('tall-across', {
            height: lengthWords(tree.height_m, units),
            spread: lengthWords(tree.spread_m!, units),
            which: tree.measured ? tell('measured-2') : tell('sketched'),
          })
        }}</template
        ><template v-else>{{ tell('not-measured-yet') }}</template>
      </p>
    </div>
    <p class="mt-2 flex gap-3 items-center"><ToneMark :tone="tree.tone" small /> {{ tree.need }}</p>
    <button type="button" class="btn btn-go w-full mt-3" @click="$emit('open')">
      {{ tell('open', { tree: tree.name }) }}
    </button>
  </div>
</template>
