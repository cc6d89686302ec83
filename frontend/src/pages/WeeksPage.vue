<script setup lang="ts">
/** Who does what in which of the weeks ahead, what does not fit, and what leaving it costs. */
import tell from 'words:weeks'
import { api, heed, sentence } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { longWork } from '@/composables/useLong'
import { useSession } from '@/composables/useSession'
import { useSettings } from '@/composables/useSettings'
import SaidText from '@/controls/SaidText.vue'
import { dayWords } from '@/geometry/day'
import { rowsWords } from '@/geometry/rows'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { useSessionStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import DaysOff from './weeks/DaysOff.vue'
import MovedList from './weeks/MovedList.vue'
import MovePiece from './weeks/MovePiece.vue'

const { units } = useSettings()
const { plans } = useSession()
const weeks = useSessionStorage('billhook-weeks', 6)
const { data, error, isPending } = useQuery({
  queryKey: ['crew', weeks, units],
  queryFn: () =>
    longWork(() =>
      heed(api.GET('/api/crew', { params: { query: { weeks: weeks.value, units: units.value } } })),
    ),
  placeholderData: keepPreviousData,
})
const job = computed(() => new Map(data.value?.jobs.map((j) => [j.id, j]) ?? []))
const time = (minutes: number) =>
  minutes >= 60 ? `${Math.round(minutes / 6) / 10} h` : `${minutes} min`
const hours = (minutes: number) => `${Math.round(minutes / 6) / 10}`
const where = (block: string, rows: number[]) => `${block} ${rowsWords(rows)}`
interface Line {
  id: string
  jobs: string[]
  block: string
  says: string
  free: boolean
  rowId: string
  rows: number[]
  minutes: number
}
type Piece = { job: string; minutes: number }
/** Like work in rows of one block is one line; the longest comes first. */
function lines(pieces: Piece[]): Line[] {
  const found = new Map<string, Line>()
  for (const piece of pieces) {
    const of = job.value.get(piece.job)
    if (!of) continue
    const id = `${of.block}|${of.says}`
    const { block, says, free, row_id: rowId } = of
    const at = found.get(id) ?? { id, jobs: [], block, says, free, rowId, rows: [], minutes: 0 }
    at.jobs.push(piece.job)
    at.rows = [...new Set([...at.rows, ...of.rows])].sort((a, b) => a - b)
    at.minutes += piece.minutes
    found.set(id, at)
  }
  return [...found.values()].sort((a, b) => b.minutes - a.minutes)
}
function together<T extends Piece>(pieces: T[], key: (p: T) => string): [string, Line[]][] {
  const found = new Map<string, T[]>()
  for (const piece of pieces) found.set(key(piece), [...(found.get(key(piece)) ?? []), piece])
  return [...found].map(([at, of]) => [at, lines(of)])
}
const cells = computed(
  () => new Map(together(data.value?.work ?? [], (p) => `${p.helper} ${p.week}`)),
)
/** What is left for the same reasons, together. */
const left = computed(() =>
  together(data.value?.unplaced ?? [], (u) => u.says.join(' ')).flatMap(([why, of]) =>
    of.map((line) => ({ ...line, why })),
  ),
)
const widest = computed(() => Math.max(1, ...(data.value?.helpers.flatMap((h) => h.minutes) ?? [])))
const width = (minutes: number) =>
  minutes ? `${Math.max(2, (100 * minutes) / widest.value)}%` : '0'
const { act, busy, trouble } = useAct()
const keep = () =>
  act(() => heed(api.POST('/api/crew/kept', { body: { weeks: weeks.value } })), ['crew'])
/** Work that is dragged, the cell it is over, and where it is to go. */
const inHand = ref<string[]>([])
const over = ref('')
const moving = ref<{ jobs: string[]; helper?: string; week?: number } | null>(null)
const move = (jobs: string[]) => (moving.value = { jobs })
/** Those of them that are still there. */
const taken = computed(() => (moving.value?.jobs ?? []).flatMap((id) => job.value.get(id) ?? []))
function drop(helper: string, week: number) {
  over.value = ''
  if (inHand.value.length) moving.value = { jobs: inHand.value, helper, week }
  inHand.value = []
}
const total = (list: number[]) => list.reduce((a, b) => a + b, 0)
const spent = computed(() => total((data.value?.helpers ?? []).map((h) => total(h.spent))))
</script>

<template>
  <div class="px-6 py-3 max-sm:px-3 max-w-[1360px] mx-auto">
    <header class="flex flex-wrap items-baseline gap-x-4 gap-y-1 pb-2 border-b-2 border-ink">
      <h1 class="text-title">{{ tell('the-weeks-ahead') }}</h1>
      <p v-if="data" class="text-ink2">
        {{ tell('placed', { spent: time(spent) })
        }}<template v-if="data.planned.left_minutes">{{
          tell('that-do-not-fit', { leftMinutes: time(data.planned.left_minutes) })
        }}</template>
      </p>
      <div
        class="ml-auto flex flex-wrap gap-2 no-print"
        role="group"
        :aria-label="tell('how-many-weeks')"
      >
        <button
          v-for="n in [4, 6, 8, 12]"
          :key="n"
          type="button"
          class="btn btn-small"
          :aria-pressed="weeks === n"
          @click="weeks = n"
        >
          {{ tell('weeks', { n }) }}
        </button>
        <RouterLink class="btn btn-small" to="/months">{{ tell('by-month') }}</RouterLink>
        <RouterLink class="btn btn-small" to="/people">{{ tell('people') }}</RouterLink>
        <button
          v-if="plans && data?.known && data.jobs.length"
          type="button"
          class="btn btn-small btn-go"
          :disabled="busy"
          @click="keep"
        >
          {{ tell('keep-this-plan') }}
        </button>
      </div>
    </header>
    <p v-if="isPending" class="py-6">{{ tell('sharing-out-the-weeks') }}</p>
    <p v-else-if="error" class="wrong py-6" role="alert">{{ sentence(error) }}</p>
    <template v-else-if="data">
      <p v-if="!data.jobs.length" class="py-6">{{ tell('nothing-wants-doing-in-these') }}</p>
      <p v-else-if="!data.known" class="keep my-3" data-test="nobody">
        {{ tell('nobody-s-hours-are-known') }}
        <RouterLink class="link" to="/people">{{ tell('say-how-many-hours-a') }}</RouterLink>
      </p>
      <p v-else class="py-2 text-note max-w-[80ch]">
        {{ tell('the-cheapest-days-first-and', { data: data.says.join(' ') }) }}
      </p>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <DaysOff v-if="data.known" :plans :off="data.off" :helpers="data.helpers" />
      <section v-if="data.kept_on" class="py-2" :aria-label="tell('since-the-plan-was-kept')">
        <p v-if="!data.moved.length" class="text-note" data-test="as-kept">
          {{ tell('all-lies-as-it-was', { keptOn: dayWords(data.kept_on) }) }}
        </p>
        <details v-else open>
          <summary class="min-h-8">
            {{
              tell('jobs-lie-elsewhere-than-in', {
                moved: data.moved.length,
                keptOn: dayWords(data.kept_on),
              })
            }}
          </summary>
          <MovedList :moved="data.moved" :helpers="data.helpers" />
        </details>
      </section>
      <section
        v-for="h in data.helpers"
        :key="h.id"
        class="helper"
        :aria-label="h.name || tell('whoever-works')"
        data-test="helper"
      >
        <div class="who">
          <h2 class="text-part">{{ h.name || tell('whoever-works') }}</h2>
          <p v-if="data.known" class="text-note text-ink2">
            {{ h.skills.length ? h.skills.join(', ') : tell('by-hand') }}
          </p>
          <p class="num">
            {{ tell('of-h', { spent: hours(total(h.spent)), minutes: hours(total(h.minutes)) }) }}
          </p>
          <a
            v-if="data.known"
            class="link text-note no-print"
            :href="`/api/people/${h.id}/weeks.ics`"
            download="billhook-weeks.ics"
            >{{ tell('calendar-file') }}</a
          >
        </div>
        <ol class="weeks">
          <li
            v-for="(w, i) in data.weeks"
            :key="w.from"
            class="week"
            :class="{ over: over === `${h.id} ${i}` }"
            @dragover.prevent="over = `${h.id} ${i}`"
            @dragleave="over = ''"
            @drop.prevent="drop(h.id, i)"
          >
            <h3 class="tag">
              {{ tell('to-6', { from: dayWords(w.from), to: dayWords(w.to) }) }}
              <a
                v-if="data.known && h.spent[i]"
                class="link text-note font-normal no-print"
                :href="`/api/people/${h.id}/week.pdf?week=${i}`"
                target="_blank"
                :aria-label="tell('print-week-of', { name: h.name, from: dayWords(w.from) })"
                >{{ tell('print') }}</a
              >
            </h3>
            <ul>
              <li
                v-for="p in cells.get(`${h.id} ${i}`) ?? []"
                :key="p.id"
                class="piece"
                :draggable="data.known && plans"
                @dragstart="inHand = p.jobs"
              >
                <RouterLink :to="`/row/${p.rowId}`" class="on">
                  <b>{{ where(p.block, p.rows) }}</b> {{ p.says }}
                </RouterLink>
                <span class="line">
                  <i :class="{ free: p.free }" :style="{ width: width(p.minutes) }" />
                  <span class="num">{{ time(p.minutes) }}</span>
                  <button
                    v-if="data.known && plans"
                    type="button"
                    class="link text-note min-h-6 no-print"
                    :aria-label="tell('move', { block: where(p.block, p.rows), says: p.says })"
                    @click="move(p.jobs)"
                  >
                    {{
                      p.jobs.some((id) => data!.fixed.includes(id)) ? tell('fixed') : tell('move-2')
                    }}
                  </button>
                </span>
              </li>
            </ul>
            <p class="sum num">
              <i :style="{ width: width(h.spent[i]!) }" />
              {{ tell('of-h', { spent: hours(h.spent[i]!), minutes: hours(h.minutes[i]!) }) }}
            </p>
          </li>
        </ol>
      </section>
      <section v-if="data.unplaced.length" class="pt-4" :aria-label="tell('what-does-not-fit')">
        <h2 class="text-part">{{ tell('what-does-not-fit') }}</h2>
        <ul>
          <li
            v-for="u in left"
            :key="u.id + u.why"
            class="border-t border-rule py-2 grid sm:grid-cols-[22rem_5rem_1fr] gap-x-4"
            data-test="left"
          >
            <span
              ><b>{{ where(u.block, u.rows) }}</b> <SaidText :text="u.says"
            /></span>
            <b class="num">{{ time(u.minutes) }}</b>
            <span>{{ u.why }}</span>
          </li>
        </ul>
      </section>
      <MovePiece
        v-if="moving && taken.length"
        :key="moving.jobs.join()"
        :weeks="data"
        :jobs="taken"
        :helper="moving.helper"
        :week="moving.week"
        @done="moving = null"
      />
      <p class="pt-4 text-note text-ink2">{{ tell('hours-of-a-week-count') }}</p>
      <p class="flex gap-5 text-note" aria-hidden="true">
        <span class="line"><i class="key" /> {{ tell('live-wood') }}</span>
        <span class="line"><i class="key free" /> {{ tell('takes-no-canopy') }}</span>
      </p>
    </template>
  </div>
</template>

<style scoped>
.helper {
  display: grid;
  grid-template-columns: 9.5rem 1fr;
  gap: 12px;
  padding: 12px 0;
  border-bottom: 2px solid var(--ink);
}
.weeks {
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: 14px 12px;
}
.week {
  border-left: 1.5px solid var(--rule);
  padding-left: 8px;
  display: grid;
  grid-template-rows: auto 1fr auto;
}
.over {
  background: var(--leaf-soft);
}
.piece[draggable='true'] {
  cursor: grab;
}
.piece {
  padding: 5px 0;
  font-size: var(--text-note);
  line-height: 1.2;
}
.on {
  display: block;
  min-height: 24px;
}
.line {
  display: flex;
  gap: 8px;
  align-items: center;
}
i {
  display: block;
  height: 12px;
  background: var(--tape);
}
i.free,
.sum i {
  background: var(--ink);
}
i.key {
  width: 28px;
}
.sum {
  border-top: 1px solid var(--rule);
  padding-top: 4px;
}
.sum i {
  height: 5px;
}
@media (max-width: 1100px) {
  .weeks {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
@media (max-width: 640px) {
  .helper,
  .weeks {
    grid-template-columns: 1fr;
  }
}
</style>
