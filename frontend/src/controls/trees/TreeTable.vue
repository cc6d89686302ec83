<script setup lang="ts">
/** Trees as a list; what is done to those that are chosen is done to all. */
import tell from 'words:parts'
import ListTable from '../list/ListTable.vue'
import { useList } from '../list/useList'
import type { GroveTree } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import ToneMark from '@/drawings/ToneMark.vue'
import { nameMatches } from '@/geometry/plan'
import { treeColumns } from './columns'
import ManyTrees from './ManyTrees.vue'

const props = defineProps<{ trees: GroveTree[] }>()
const { units } = useSettings()
const list = useList<GroveTree>({
  name: 'tree',
  columns: treeColumns(() => units.value),
  rows: () => props.trees,
  matches: (asked, t) => nameMatches(asked, `${t.name} ${t.kind_name} ${t.need}`),
})
</script>

<template>
  <ListTable
    :list="list"
    :many="(n) => tell('so-many-trees', { n })"
    :hint="tell('name-kind-need')"
  >
    <template #chosen="{ rows, done }"><ManyTrees :trees="rows" @done="done" /></template>
    <template #cell="{ column, row, says }">
      <RouterLink v-if="column === 'tree'" class="link whitespace-nowrap" :to="`/tree/${row.id}`">
        {{ row.name }}
      </RouterLink>
      <template v-else>
        <ToneMark
          v-if="column === 'need'"
          :tone="row.tone"
          small
          class="inline-block align-[-4px] mr-1.5"
        />
        {{ says }}
      </template>
    </template>
  </ListTable>
</template>
