<script setup lang="ts">
/**
 * The cut sheet: read under the tree, ticked off with a thumb, printed on one page with its
 * drawing.
 */
import { useAct } from '@/composables/useAct'
import { api, heed, Refused, sentence, type Schemas, type Sheet } from '@/api/client'
import { newId } from '@/api/ids'
import WhyDialog from '@/controls/WhyDialog.vue'
import { useNarrow } from '@/composables/useNarrow'
import { useSettings } from '@/composables/useSettings'
import ToneMark from '@/drawings/ToneMark.vue'
import TreeElevation from '@/drawings/TreeElevation.vue'
import { onSent, put, useOutbox } from '@/field/outbox'
import { keepSheet, keptSheet } from '@/field/store'
import { dayWords, lengthWords } from '@/geometry/measure'
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/vue-query'
import { useLocalStorage } from '@vueuse/core'
import SheetLine from './sheet/SheetLine.vue'
import { computed, onBeforeUnmount, ref, toRef, watch } from 'vue'
import type { Status } from '@/api/client'

const props = defineProps<{ id: string }>()
const { units } = useSettings()
const narrow = useNarrow()
const queries = useQueryClient()
const key = ['sheet', toRef(props, 'id'), units]
const { waitsFor, refused } = useOutbox()
/**
 * The sheet as Billhook has it; without signal as it was last seen here, with what was ticked
 * since.
 */
async function ask(): Promise<Sheet> {
  try {
    const found = await heed(
      api.GET('/api/sheets/{id}', {
        params: { path: { id: props.id }, query: { units: units.value } },
      }),
    )
    if (!waitsFor(found.tree_id)) await keepSheet(found)
    return (waitsFor(found.tree_id) && (await keptSheet(found.id))) || found
  } catch (error) {
    const kept =
      error instanceof Refused && error.status !== 404 ? await keptSheet(props.id) : undefined
    if (!kept) throw error
    return kept
  }
}
const {
  data: sheet,
  error,
  isPending,
} = useQuery({
  queryKey: key,
  queryFn: ask,
  placeholderData: keepPreviousData,
  networkMode: 'always',
})
const again = () => void queries.invalidateQueries({ queryKey: ['sheet'] })
onBeforeUnmount(
  onSent((item) => item.tree === sheet.value?.tree_id && !waitsFor(item.tree) && again()),
)
// somebody else may have been here: show what holds now
watch(() => refused.value.length, again)
const who = useLocalStorage('who', '')
const { act, trouble, busy: finishing } = useAct()
/** Minutes it really took; left empty the reckoned ones are logged. */
const minutes = ref('')
const working = ref(false)
const made = ref<Schemas['FinishedOut'] | null>(null)
const done = computed(() => sheet.value?.lines.filter((l) => l.done).length ?? 0)
const cuts = computed(
  () => sheet.value?.lines.map((l) => ({ limb: l.cost.limb, keep_m: l.cost.keep_m })) ?? [],
)
const free = computed(
  () => sheet.value?.lines.filter((l) => l.advice.free).map((l) => l.cost.limb) ?? [],
)

/** Puts a change down on this device first; it is sent as soon as Billhook answers. */
async function keep(
  line: Sheet['lines'][number],
  says: string,
  change: Partial<Sheet['lines'][number]>,
  mm: number | null,
  why: string,
) {
  const now = sheet.value
  if (!now) return
  const body = {
    id: newId(),
    done: change.done ?? false,
    diameter_mm: mm,
    who: who.value,
    date: now.today,
    why,
    seen: line.said_id,
  }
  const lines = now.lines.map((l) => (l.id === line.id ? { ...l, ...change, said_id: body.id } : l))
  const next = { ...now, lines }
  await keepSheet(next)
  queries.setQueryData(['sheet', props.id, units.value], next)
  await put({
    says: `${says} on ${now.tree}`,
    tree: now.tree_id,
    method: 'PUT',
    path: `/api/sheets/${props.id}/cuts/${line.id}`,
    body,
  })
}
const tick = (line: Sheet['lines'][number], mm: number | null) =>
  keep(
    line,
    line.done ? `cut ${line.nth} taken back` : `cut ${line.nth} done`,
    {
      done: !line.done,
      done_by: line.done ? '' : who.value,
      done_mm: line.done ? null : mm,
      left: '',
    },
    mm,
    '',
  )
const leave = (line: Sheet['lines'][number], why: string) =>
  keep(line, `cut ${line.nth} not done`, { done: false, left: why }, null, why)
const besides = ref('')
const others = computed(
  () =>
    sheet.value?.frame.limbs.filter((l) => !sheet.value!.lines.some((x) => x.cost.limb === l.id)) ??
    [],
)
async function add() {
  await act(async () => {
    const params = { path: { id: props.id }, query: { units: units.value } }
    const answer = await heed(
      api.POST('/api/sheets/{id}/cuts', {
        params,
        body: { id: newId(), limb: besides.value, keep_m: 0 },
      }),
    )
    queries.setQueryData(['sheet', props.id, units.value], answer)
    besides.value = ''
  }, [])
}
async function finish() {
  const version = sheet.value?.version
  if (version === undefined) return
  await act(async () => {
    const body = {
      version,
      who: who.value,
      date: null,
      minutes: minutes.value ? Number(minutes.value) : null,
      note: '',
    }
    made.value = await heed(
      api.POST('/api/sheets/{id}/finish', { params: { path: { id: props.id } }, body }),
    )
  })
}
/** Language and paper of the printed sheet, remembered on this device. */
const { data: spoken } = useQuery({
  queryKey: ['languages'],
  queryFn: () => heed(api.GET('/api/languages')),
  staleTime: Infinity,
})
const papers = computed(() =>
  (spoken.value?.languages ?? [{ code: 'en', name: 'English' }]).flatMap(({ code, name }) => [
    { id: `${code} a4`, name: `${name}, A4` },
    { id: `${code} letter`, name: `${name}, Letter` },
  ]),
)
const paper = useLocalStorage('billhook-paper', 'en a4')
const pdf = computed(() => {
  const [language, size] = paper.value.split(' ')
  return `/api/sheets/${props.id}.pdf?language=${language}&paper=${size}&units=${units.value}`
})
</script>

<template>
  <p v-if="isPending" class="p-6">Fetching the sheet …</p>
  <p v-else-if="error" class="p-6 wrong" role="alert">{{ sentence(error) }}</p>
  <div v-else-if="sheet" class="sheet">
    <header class="head">
      <h1 class="plate text-[1.75rem]">{{ sheet.tree }}</h1>
      <p class="text-[0.95rem] leading-tight">
        <b>Cut sheet, {{ dayWords(sheet.day) }}</b
        >, {{ sheet.work_words }}<br /><span class="text-ink2">{{ sheet.tree_line }}</span>
      </p>
      <div class="ml-auto flex gap-2 no-print max-sm:ml-0">
        <div>
          <label class="sr-only" for="paper">Language and paper</label>
          <select id="paper" v-model="paper" class="field !min-h-11 !py-1">
            <option v-for="p in papers" :key="p.id" :value="p.id">{{ p.name }}</option>
          </select>
        </div>
        <a
          class="btn btn-small !min-h-11"
          :href="pdf"
          target="_blank"
          rel="noopener"
          data-test="pdf"
          >Print (PDF)</a
        >
        <RouterLink class="btn btn-small" :to="`/tree/${sheet.tree_id}`">The tree</RouterLink>
      </div>
    </header>
    <div class="verdict">
      <ToneMark :tone="sheet.status as Status" />
      <p>
        <b class="tag text-xl">{{ sheet.sentence }}</b><br />{{ sheet.total }}
        <button type="button" class="link no-print" @click="working = true">Why</button>
      </p>
    </div>
    <div class="body">
      <div class="drawing">
        <TreeElevation
          :frame="sheet.frame"
          :units="units"
          :from="180"
          :width="narrow ? 420 : 520"
          :height="narrow ? 400 : 470"
          :cap="sheet.cap_m"
          :reach="sheet.reach_m"
          :cuts="cuts"
          :gone="sheet.gone"
          :free="free"
          :after-height="sheet.after.height_m"
          plain
        />
        <dl class="facts">
          <div>
            <dt>height</dt>
            <dd>
              {{ lengthWords(sheet.before.height_m, units) }} →
              {{ lengthWords(sheet.after.height_m, units) }}
            </dd>
          </div>
          <div>
            <dt>fruit lost</dt>
            <dd>{{ sheet.before.fruit - sheet.after.fruit }}</dd>
          </div>
          <div>
            <dt>time</dt>
            <dd>{{ Math.max(1, Math.round(sheet.minutes)) }} min</dd>
          </div>
        </dl>
      </div>
      <div>
        <div
          v-if="sheet.state === 'open'"
          class="no-print mb-2 grid grid-cols-[1fr_auto] gap-3 items-end"
        >
          <div>
            <label class="label" for="who">Who cuts</label>
            <input
              id="who"
              v-model="who"
              class="field"
              maxlength="60"
              autocomplete="off"
              placeholder="first helper"
            />
          </div>
          <p class="tag text-xl pb-2" role="status">{{ done }} of {{ sheet.lines.length }} done</p>
        </div>
        <ol class="lines">
          <SheetLine
            v-for="line in sheet.lines"
            :key="line.id"
            :line="line"
            :free="free.includes(line.cost.limb)"
            :open="sheet.state === 'open'"
            @tick="tick(line, $event)"
            @leave="leave(line, $event)"
          />
        </ol>
        <div
          v-if="sheet.state === 'open' && others.length"
          class="no-print mt-3 grid grid-cols-[1fr_auto] gap-2 items-end"
        >
          <div>
            <label class="label" for="besides">Another limb, taken off at its collar</label>
            <select id="besides" v-model="besides" class="field">
              <option value="" disabled>which</option>
              <option v-for="l in others" :key="l.id" :value="l.id">{{ l.name }}</option>
            </select>
          </div>
          <button type="button" class="btn !min-h-12" :disabled="!besides" @click="add">
            Add to the sheet
          </button>
        </div>
        <p v-if="trouble" class="wrong mt-2" role="alert">{{ trouble }}</p>
        <section v-if="sheet.cautions.length" class="mt-3" aria-label="Take care">
          <h2 class="text-lg">Take care</h2>
          <ul class="text-[0.92rem] list-disc pl-5">
            <li v-for="c in sheet.cautions" :key="c.code">{{ c.text }}</li>
          </ul>
        </section>
        <div v-if="sheet.state === 'open'" class="no-print mt-4 grid gap-2">
          <div>
            <label class="label" for="minutes">Minutes it took</label>
            <input
              id="minutes"
              v-model="minutes"
              class="field !min-h-12"
              type="number"
              inputmode="numeric"
              min="0"
              max="5000"
              :placeholder="`${Math.max(1, Math.round(sheet.minutes))} reckoned`"
            />
          </div>
          <button
            type="button"
            class="btn btn-go w-full !min-h-14 text-xl"
            :disabled="!done || finishing || waitsFor(sheet.tree_id)"
            @click="finish"
          >
            {{
              finishing
                ? 'Finishing …'
                : done && done < sheet.lines.length
                  ? `Finish with ${done} of ${sheet.lines.length} cuts`
                  : 'Finish'
            }}
          </button>
          <p class="text-[0.88rem] text-ink2 mt-1">
            <template v-if="waitsFor(sheet.tree_id)"
              >What was ticked waits to be sent; finish when Billhook answers again. </template
            >Finishing takes what is ticked off the tree's frame, writes the log and sets the days
            to come back.
          </p>
        </div>
        <section v-else class="mt-4 no-print" aria-live="polite" aria-label="What comes after">
          <h2 class="text-xl">Finished</h2>
          <template v-if="made">
            <p v-if="made.tasks.length">Come back:</p>
            <ul>
              <li v-for="t in made.tasks" :key="t.id" class="border-t border-rule py-1.5">
                <b class="num">{{ dayWords(t.due) }}</b> {{ t.does }}
                <RouterLink class="link text-ink2 text-[0.85rem]" :to="`/known?find=${t.rule}`"
                  >rule</RouterLink
                >
              </li>
            </ul>
          </template>
          <RouterLink class="link" :to="`/tree/${sheet.tree_id}`"
            >See the tree and its log</RouterLink
          >
        </section>
      </div>
    </div>
    <WhyDialog v-model="working" title="Why" :sentence="sheet.sentence" :reasons="sheet.reasons" />
  </div>
</template>

<style scoped>
.sheet {
  max-width: 1180px;
  margin: 0 auto;
  padding: 12px 22px 30px;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: center;
  border-bottom: var(--line) solid var(--ink);
  padding-bottom: 10px;
}
.verdict {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 12px;
  padding: 10px 0;
}
.body {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 6fr);
  gap: 24px;
}
.facts {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  border-top: var(--line) solid var(--ink);
  padding-top: 6px;
}
.facts dt {
  font-size: 0.85rem;
  color: var(--ink2);
}
.facts dd {
  font: 600 1.2rem/1.2 var(--font-tag);
}
@media (max-width: 900px) {
  .sheet {
    padding: 8px 14px 40px;
  }
  .body {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .sheet {
    padding: 0;
    max-width: none;
  }
  .body {
    grid-template-columns: 1fr;
    gap: 8px;
  }
  .drawing {
    max-width: 140mm;
    margin: 0 auto;
  }
}
</style>
