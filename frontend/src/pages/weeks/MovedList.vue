<script setup lang="ts">
/** Work that lies elsewhere than it did: from where to where, and why. Like moves are one line. */
import tell from 'words:weeks'
import type { Schemas } from '@/api/client'
import { dayWords } from '@/geometry/day'
import { rowsWords } from '@/geometry/rows'
import { computed } from 'vue'

type Moved = Schemas['MovedOut']
const props = defineProps<{
  moved: Moved[]
  helpers: Schemas['CrewHelperOut'][]
  /** The job that is moved by hand, and is not told. */
  but?: string
}>()
const names = computed(() => new Map(props.helpers.map((h) => [h.id, h.name])))
const side = (places: Moved['was']) =>
  places
    .map((p) =>
      tell('week-of', {
        names: names.value.get(p.helper) ?? tell('somebody'),
        week: dayWords(p.week),
      }),
    )
    .join('; ')
const lines = computed(() => {
  const found = new Map<
    string,
    { what: string; rows: number[]; was: string; now: string; why: string }
  >()
  for (const m of props.moved) {
    if (m.job === props.but) continue
    const [was, now] = [side(m.was), side(m.now)]
    const key = [m.block, m.says, was, now, m.why].join('|')
    const line = found.get(key) ?? { what: m.says, rows: [], was, now, why: m.why }
    line.rows = [...new Set([...line.rows, ...m.rows])].sort((a, b) => a - b)
    found.set(key, { ...line, what: `${m.block} ${rowsWords(line.rows)}: ${m.says}` })
  }
  return [...found.values()]
})
</script>

<template>
  <ul>
    <li
      v-for="l in lines"
      :key="l.what + l.now"
      class="border-t border-rule py-1.5"
      data-test="moved"
    >
      <b class="text-note">{{ l.what }}</b>
      <p class="text-note">
        <template v-if="l.was">{{ l.was }}</template><template v-if="l.was && l.now"> → </template
        >{{ l.now }}. {{ l.why }}
      </p>
    </li>
  </ul>
</template>
