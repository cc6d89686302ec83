<script setup lang="ts">
/** What was picked, by day, place and weight. */
import type { Schemas } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { useUndo } from '@/composables/useUndo'
import { saveFile, useSorting, type Column } from '@/controls/lists'
import SortHead from '@/controls/SortHead.vue'
import { dayWords } from '@/geometry/day'
import { weightWords } from '@/geometry/measure'
import { toRef } from 'vue'

type Picked = Schemas['PickedOut']
const props = defineProps<{ picked: Picked[] }>()
const { units } = useSettings()
const { undo, busy } = useUndo()
const columns: Column<Picked>[] = [
  { id: 'day', name: 'Picked on', of: (p) => p.day, says: (p) => dayWords(p.day) },
  { id: 'where', name: 'From', of: (p) => p.where },
  { id: 'kg', name: 'How much', of: (p) => p.kg, says: (p) => weightWords(p.kg, units.value) },
  { id: 'who', name: 'Who', of: (p) => p.who },
]
const { shown, sort, order, read, csv } = useSorting(columns, toRef(props, 'picked'))
</script>

<template>
  <section aria-label="Picked">
    <div class="flex flex-wrap gap-2 items-end justify-between border-b-2 border-ink">
      <h2 class="text-part">Picked</h2>
      <button type="button" class="btn btn-small mb-1" @click="saveFile('picked.csv', csv())">
        Picked as CSV
      </button>
    </div>
    <table class="w-full">
      <thead>
        <SortHead :columns="columns" :order="order" @sort="sort"><th></th></SortHead>
      </thead>
      <tbody>
        <tr v-for="p in shown" :key="p.id" class="border-t border-rule" data-test="picked">
          <td v-for="c in columns" :key="c.id" class="py-1 pr-3">{{ read(c, p) }}</td>
          <td class="text-right">
            <button
              v-if="p.act"
              type="button"
              class="link min-h-touch"
              :disabled="busy"
              :aria-label="`Not so: ${p.where}, ${dayWords(p.day)}`"
              @click="undo(p.act)"
            >
              not so
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
