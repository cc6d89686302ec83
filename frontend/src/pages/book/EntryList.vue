<script setup lang="ts">
/** What was done, as a list; entries that are not so are taken back together. */
import tell from 'words:book'
import type { LogEntry } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import ListTable from '@/controls/list/ListTable.vue'
import { useList } from '@/controls/list/useList'
import { WORK_DONE } from '@/controls/words'
import { dayWords } from '@/geometry/day'
import { lengthWords, shareWords } from '@/geometry/measure'
import NotSo from './NotSo.vue'

const props = defineProps<{ entries: LogEntry[] }>()
const { units } = useSettings()
const length = (m: number | null) => (m === null ? '' : lengthWords(m, units.value))
const list = useList<LogEntry>({
  name: 'log',
  columns: [
    {
      id: 'tree',
      get name() {
        return tell('tree')
      },
      of: (e) => e.tree,
    },
    {
      id: 'day',
      get name() {
        return tell('done-on')
      },
      of: (e) => e.date,
      says: (e) => dayWords(e.date),
    },
    {
      id: 'work',
      get name() {
        return tell('work')
      },
      of: (e) => WORK_DONE[e.work],
    },
    {
      ...{
        id: 'cuts',
        get name() {
          return tell('cuts-2')
        },
        num: true,
      },
      of: (e) => e.cuts ?? -1,
      says: (e) => String(e.cuts ?? ''),
    },
    {
      ...{
        id: 'share',
        get name() {
          return tell('share-of-canopy')
        },
        num: true,
        wide: true,
      },
      of: (e) => e.share ?? -1,
      says: (e) => (e.share === null ? tell('not-known') : e.share ? shareWords(e.share) : 'none'),
    },
    {
      ...{
        id: 'minutes',
        get name() {
          return tell('minutes')
        },
        num: true,
        wide: true,
      },
      of: (e) => e.minutes ?? -1,
      says: (e) => (e.minutes ? String(Math.max(1, Math.round(e.minutes))) : ''),
    },
    {
      id: 'who',
      get name() {
        return tell('who')
      },
      of: (e) => e.who,
      wide: true,
    },
    {
      ...{
        id: 'before',
        get name() {
          return tell('height-before')
        },
        num: true,
        wide: true,
        asked: true,
      },
      of: (e) => e.height_before_m ?? -1,
      says: (e) => length(e.height_before_m),
    },
    {
      ...{
        id: 'after',
        get name() {
          return tell('height-after')
        },
        num: true,
        wide: true,
        asked: true,
      },
      of: (e) => e.height_after_m ?? -1,
      says: (e) => length(e.height_after_m),
    },
    {
      id: 'note',
      get name() {
        return tell('note')
      },
      of: (e) => e.note,
      wide: true,
      asked: true,
    },
  ],
  rows: () => props.entries,
})
</script>

<template>
  <ListTable
    :list="list"
    :many="(n) => tell('so-many-entries', { n })"
    :hint="tell('tree-work-helper')"
    :called="(e) => `${e.tree}, ${WORK_DONE[e.work]}, ${dayWords(e.date)}`"
    :struck="(e) => !!e.corrected_by"
  >
    <template #chosen="{ rows, done }"
      ><NotSo :acts="rows.map((e) => e.act)" @done="done"
    /></template>
    <template #cell="{ column, row, says }">
      <RouterLink
        v-if="column === 'tree'"
        class="link whitespace-nowrap"
        :to="`/tree/${row.tree_id}/record`"
      >
        {{ row.tree }}
      </RouterLink>
      <template v-else>{{ says }}</template>
    </template>
  </ListTable>
</template>
