<script setup lang="ts">
/** What was picked, by day, place and weight. */
import tell from 'words:book'
import type { Schemas } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import ListTable from '@/controls/list/ListTable.vue'
import { useList } from '@/controls/list/useList'
import { dayWords } from '@/geometry/day'
import { weightWords } from '@/geometry/measure'
import NotSo from './NotSo.vue'

type Picked = Schemas['PickedOut']
const props = defineProps<{ picked: Picked[] }>()
const { units } = useSettings()
const list = useList<Picked>({
  name: 'picked',
  columns: [
    {
      id: 'where',
      get name() {
        return tell('from-2')
      },
      of: (p) => p.where,
    },
    {
      id: 'day',
      get name() {
        return tell('picked-on')
      },
      of: (p) => p.day,
      says: (p) => dayWords(p.day),
    },
    {
      ...{
        id: 'kg',
        get name() {
          return tell('how-much')
        },
        num: true,
      },
      of: (p) => p.kg,
      says: (p) => weightWords(p.kg, units.value),
    },
    {
      id: 'who',
      get name() {
        return tell('who')
      },
      of: (p) => p.who,
    },
  ],
  rows: () => props.picked,
})
</script>

<template>
  <section :aria-label="tell('picked')">
    <h2 class="text-part border-b-2 border-ink mb-2">{{ tell('picked') }}</h2>
    <ListTable
      :list="list"
      :many="(n) => tell('so-many-entries', { n })"
      :hint="tell('block-row-helper')"
      :called="(p) => `${p.where}, ${dayWords(p.day)}`"
    >
      <template #chosen="{ rows, done }">
        <NotSo :acts="rows.map((p) => p.act)" @done="done" />
      </template>
    </ListTable>
  </section>
</template>
