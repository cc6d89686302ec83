<script setup lang="ts">
/** A block or a row: what it needs now, its trees, its height, frost where it has any, its record. */
import tell from 'words:stand'
import { api, heed, type Schemas } from '@/api/client'
import { useStand } from '@/composables/useStand'
import { useSettings } from '@/composables/useSettings'
import { useTree } from '@/composables/useTree'
import BlockPicked from '@/controls/BlockPicked.vue'
import SecondWire from '@/controls/SecondWire.vue'
import ManySheets from '@/controls/trees/ManySheets.vue'
import TreeTable from '@/controls/trees/TreeTable.vue'
import WhyDialog from '@/controls/WhyDialog.vue'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import WorkItem from './today/WorkItem.vue'
import WhoseWork from './people/WhoseWork.vue'
import StandFrost from './stand/StandFrost.vue'
import StandHeight from './stand/StandHeight.vue'
import BlockForm from './tree/BlockForm.vue'
import CalledForm from './tree/CalledForm.vue'

const props = defineProps<{
  id: string
  of: 'block' | 'row'
  part?: 'trees' | 'height' | 'frost' | 'record'
}>()
const { grove, rows, block, name, trees, tags } = useStand(props)
const { units } = useSettings()

const { data: today } = useQuery({
  queryKey: ['today', units, () => props.id],
  queryFn: () =>
    heed(
      api.GET('/api/today', {
        params: { query: { units: units.value, within: props.id } },
      }),
    ),
})
type Item = Schemas['ItemOut']
const items = computed(() => [...(today.value?.late ?? []), ...(today.value?.items ?? [])])
const sheets = ref(false)
const open = ref<Item | null>(null)
/** Any tree of it knows its block and row. */
const first = computed(() => trees.value[0]?.id ?? '')
const { data: one } = useTree(first, ref(undefined))
</script>

<template>
  <div v-if="grove" class="max-w-5xl mx-auto w-full">
    <p v-if="!rows.length" class="p-6" role="alert">
      {{ tell('there-is-no-such', { of }) }}
      <RouterLink class="link" to="/grove">{{ tell('the-grove-2') }}</RouterLink>
    </p>
    <template v-else>
      <header class="flex flex-wrap gap-3 items-center px-4 pt-4">
        <h1 class="plate text-title max-[720px]:sr-only">{{ name }}</h1>
        <p class="text-ink2">
          {{ trees.length }} {{ tell('trees-3', { trees: trees.length }) }}
          <template v-if="of === 'block'">
            in {{ rows.length }} {{ tell('rows-2', { rows: rows.length }) }}:
            <RouterLink v-for="r in rows" :key="r.id" class="link mr-3" :to="`/row/${r.id}`">{{
              tell('row-2', { n: r.n })
            }}</RouterLink></template
          ><template v-else-if="block">
            in <RouterLink class="link" :to="`/block/${block.id}`">{{ block.name }}</RouterLink>
          </template>
        </p>
      </header>
      <SecondWire :tags="tags" :of="tell('this-2', { of })" />
      <div class="px-4 py-3">
        <template v-if="!part">
          <div class="flex flex-wrap gap-2 items-center mb-3 no-print">
            <BlockPicked v-if="of === 'block'" :block-id="id" />
            <button
              type="button"
              class="btn btn-small"
              :aria-expanded="sheets"
              @click="sheets = !sheets"
            >
              {{ tell('sheets-for-the', { of }) }}
            </button>
          </div>
          <ManySheets
            v-if="sheets"
            class="mb-3"
            :tree-ids="trees.map((t) => t.id)"
            :row="of === 'row' ? id : undefined"
          />
          <p v-if="!today" class="text-ink2">{{ tell('walking-the-rows') }}</p>
          <p v-else-if="!items.length">
            {{ tell('nothing-wants-doing-here-this')
            }}<template v-if="today.next">{{ ' ' }}{{ tell('next') }}</template>
          </p>
          <ul v-if="today">
            <WorkItem
              v-for="item in items.length || !today.next ? items : [today.next]"
              :key="item.key"
              :item="item"
              :day="today.day"
              @working="open = $event"
            />
          </ul>
        </template>
        <TreeTable v-else-if="part === 'trees'" :trees="trees" />
        <StandHeight
          v-else-if="part === 'height' && block"
          :of="of"
          :block="block"
          :row-id="of === 'row' ? id : undefined"
          :trees="trees"
        />
        <StandFrost
          v-else-if="part === 'frost' && block"
          :site-id="block.site_id"
          :block="block"
          :trees="trees"
        />
        <div v-else-if="one" class="grid gap-4">
          <WhoseWork :of="of" :scope-id="id" />
          <CalledForm :tree="one" />
          <BlockForm :tree="one" />
        </div>
      </div>
      <WhyDialog
        v-if="open"
        :model-value="true"
        :title="open.says"
        :sentence="open.closed_by ?? ''"
        :reasons="open.reasons"
        @update:model-value="open = null"
      />
    </template>
  </div>
</template>
