<script setup lang="ts">
/** One piece of work: what, where, why, until when, how long; done, or put off with a reason. */
import { decimals } from '@/words/numbers'
import tell from 'words:today'
import SaidText from '@/controls/SaidText.vue'
import { useAct } from '@/composables/useAct'
import { api, heed, type Schemas } from '@/api/client'
import { newId } from '@/api/ids'
import { COUNTED } from '@/controls/words'
import SayButtons from '@/controls/SayButtons.vue'
import ToneMark from '@/drawings/ToneMark.vue'
import { addDays, dayWords } from '@/geometry/day'
import { defineAsyncComponent, computed, reactive, ref, useId, watch } from 'vue'

const DoneForm = defineAsyncComponent(() => import('@/controls/DoneForm.vue'))

const DayField = defineAsyncComponent(() => import('@/controls/DayField.vue'))

const props = defineProps<{ item: Schemas['ItemOut']; day: string; withBlock?: boolean }>()
defineEmits<{ working: [item: Schemas['ItemOut']] }>()
const id = useId()
let request = newId()
const mode = ref<'' | 'later' | 'done'>('')
const { act, fields, trouble } = useAct()
const chosen = ref(new Set<string>())
watch(
  () => props.item.trees.map((t) => t.id).join(),
  () => (chosen.value = new Set(props.item.trees.map((t) => t.id))),
  { immediate: true },
)
const later = reactive({ until: addDays(props.day, 7), why: '' })
const where = computed(() => {
  const { rows, trees } = props.item
  if (trees.length === 1) return trees[0]!.name
  const apart = props.withBlock || props.item.kind === 'too-late' || props.item.later
  const inBlock = apart ? `${props.item.block}, ` : ''
  const named =
    inBlock +
    (rows.length > 1
      ? tell('rows-to', { rows: rows[0], rows2: rows[rows.length - 1] })
      : tell('row-8', { rows: rows[0] }))
  return tell('trees-7', { named, trees: trees.length })
})
const onePass = computed(() => props.item.reasons.find((r) => r.code === 'one-pass'))
const minutes = computed(() => {
  const m = props.item.minutes
  return m >= 90 ? `${decimals(m / 60, 1)} h` : `${Math.max(1, Math.round(m))} min`
})
const until = computed(() => {
  const i = props.item
  if (i.kind === 'too-late')
    return i.last_good ? tell('its-window-closed', { lastGood: dayWords(i.last_good) }) : ''
  if (i.kind === 'come-back')
    return i.last_good ? tell('due', { lastGood: dayWords(i.last_good) }) : ''
  const from =
    i.opens && i.opens > props.day ? tell('from-6', { opens: dayWords(i.opens) }) + ' ' : ''
  return i.last_good
    ? tell('last-good-day-2', { from, lastGood: dayWords(i.last_good) })
    : tell('any-day-2')
})
function pick(tree: string, on: boolean) {
  if (on) chosen.value.add(tree)
  else chosen.value.delete(tree)
  chosen.value = new Set(chosen.value)
}
async function send(does: () => Promise<unknown>) {
  if (!(await act(does))) return
  mode.value = ''
  request = newId()
}
const done = (said: { who: string; minutes: number | null; count: number | null }) =>
  send(() =>
    props.item.task
      ? heed(
          api.PUT('/api/tasks/{id}', {
            params: { path: { id: props.item.task.id } },
            body: { version: props.item.task.version, state: 'done' },
          }),
        )
      : heed(
          api.POST('/api/today/done', {
            body: {
              id: request,
              tree_ids: [...chosen.value],
              work: props.item.work as Schemas['DoneIn']['work'],
              date: props.day,
              found: props.item.found,
              ...said,
            },
          }),
        ),
  )
const putOff = () =>
  send(() =>
    heed(
      api.POST('/api/today/put-off', {
        body: {
          tree_ids: [...chosen.value],
          work: props.item.work,
          until: later.until,
          why: later.why.trim(),
          task_id: props.item.task?.id ?? null,
          version: props.item.task?.version ?? null,
        },
      }),
    ),
  )
function notYet() {
  later.until = props.item.ask_again!
  later.why = tell('not-yet-2', { asks: props.item.asks! })
  void putOff()
}
const letGo = () =>
  send(() =>
    heed(
      api.POST('/api/today/let-go', {
        body: {
          tree_ids: [...chosen.value],
          found: props.item.found!,
          why: later.why.trim(),
        },
      }),
    ),
  )
/** Where its cuts are weighed: of a look they are named. */
const cutsAt = computed(() => {
  const { kind, walk_id, trees } = props.item
  return kind === 'found' && trees.length === 1
    ? `/tree/${trees[0]!.id}/cut${walk_id ? `?walk=${walk_id}` : ''}`
    : null
})
</script>

<template>
  <li
    class="item"
    :class="{ closed: item.closed_by }"
    :data-work="item.work"
    :data-kind="item.kind"
  >
    <ToneMark :tone="item.tone" small class="mt-1" />
    <div class="min-w-0">
      <h3 class="text-lead leading-tight">
        {{ where.charAt(0).toUpperCase() + where.slice(1) }} · {{ item.says }}
        <span class="num font-normal text-base text-ink2">{{
          item.closed_by ? '' : item.kind === 'too-late' ? `· ${until}` : `· ${until} · ${minutes}`
        }}</span>
      </h3>
      <p v-if="item.closed_by" class="text-note font-semibold" data-test="closed">
        {{ tell('stopped', { closedBy: item.closed_by }) }}
      </p>
      <p class="text-note text-ink2">
        <SaidText :text="item.reasons[0]?.text ?? ''" />{{ ' ' }}
        <b v-if="item.cost" class="text-ink" data-test="cost"
          >{{ item.cost.charAt(0).toUpperCase() + item.cost.slice(1) }}.</b
        >
        {{ ' ' }}<SaidText :text="onePass?.text ?? ''" />{{ ' ' }}
        <button
          type="button"
          class="link text-ink no-print"
          :aria-label="tell('why-4', { where, item: item.says })"
          @click="$emit('working', item)"
        >
          {{ tell('why') }}
        </button>
      </p>
      <SayButtons
        class="mt-1"
        :acts="(item.acts ?? []).filter((a) => !a.day)"
        :tree-ids="[...chosen]"
        :of="where"
      />
      <p v-if="item.later" class="text-note">
        {{ tell('put-off-to', { until: dayWords(item.later.until), why: item.later.why }) }}
      </p>
      <p
        v-if="item.asks && item.ask_again"
        class="flex flex-wrap gap-2 items-center"
        data-test="asks"
      >
        <b class="text-note">{{ item.asks }}</b>
        <button type="button" class="btn btn-small" @click="notYet">
          {{ tell('not-yet-ask-again', { askAgain: dayWords(item.ask_again) }) }}
        </button>
      </p>
      <p v-if="item.instead" class="text-note">{{ item.instead }}</p>
      <details v-if="item.trees.length > 1" class="text-note no-print">
        <summary class="min-h-8 py-1">
          {{
            tell('the-trees', {
              size: chosen.size < item.trees.length ? tell('chosen-3', { size: chosen.size }) : '',
            })
          }}
        </summary>
        <ul class="flex flex-wrap gap-x-4 gap-y-1 mt-1">
          <li v-for="t in item.trees" :key="t.id" class="inline-flex items-center gap-1.5 min-h-8">
            <input
              :id="`${id}${t.id}`"
              type="checkbox"
              :checked="chosen.has(t.id)"
              :aria-label="t.name"
              @change="pick(t.id, ($event.target as HTMLInputElement).checked)"
            />
            <RouterLink class="link" :to="`/tree/${t.id}`">{{ t.name }}</RouterLink>
          </li>
        </ul>
      </details>
      <p class="ticks" aria-hidden="true">
        <span v-for="t in item.trees" :key="t.id">☐ {{ t.name }}</span>
      </p>
      <DoneForm
        v-if="mode === 'done'"
        :trees="chosen.size"
        :counts="COUNTED.has(item.work)"
        :log="!item.task"
        @done="done"
      />
      <form
        v-if="mode === 'later'"
        class="grid sm:grid-cols-[auto_1fr_auto] gap-2 items-end mt-2"
        :aria-label="tell('put-off')"
        @submit.prevent="putOff"
      >
        <div>
          <label class="label" :for="`${id}u`">{{ tell('to-which-day') }}</label>
          <DayField :id="`${id}u`" v-model="later.until" :min="addDays(day, 1)" required />
          <p v-if="fields['/until']" class="wrong">{{ fields['/until'] }}</p>
        </div>
        <div>
          <label class="label" :for="`${id}w`">{{ tell('why') }}</label>
          <input
            :id="`${id}w`"
            v-model="later.why"
            class="field"
            maxlength="200"
            required
            :placeholder="tell('soil-too-wet-for-the')"
            :aria-invalid="!!fields['/why']"
          />
          <p v-if="fields['/why']" class="wrong">{{ fields['/why'] }}</p>
        </div>
        <button class="btn btn-small" :disabled="!later.why.trim() || !chosen.size">
          {{ tell('put-off') }}
        </button>
        <button
          v-if="item.kind === 'found'"
          type="button"
          class="btn btn-small sm:col-start-3"
          :disabled="!later.why.trim() || !chosen.size"
          @click="letGo"
        >
          {{ tell('not-to-be-done') }}
        </button>
      </form>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    </div>
    <div v-if="item.kind !== 'too-late'" class="acts no-print">
      <RouterLink v-if="item.plan_id" class="btn btn-small" :to="`/sheet/${item.plan_id}`">{{
        tell('open-the-sheet')
      }}</RouterLink>
      <template v-else>
        <RouterLink v-if="cutsAt" class="btn btn-small" :to="cutsAt">{{
          tell('its-cuts')
        }}</RouterLink>
        <RouterLink
          v-else-if="item.trees.length === 1"
          class="btn btn-small"
          :to="`/tree/${item.trees[0]!.id}`"
          >{{ tell('the-tree-3') }}</RouterLink
        >
        <button
          v-if="!item.closed_by"
          type="button"
          class="btn btn-small"
          :disabled="!chosen.size"
          :aria-expanded="mode === 'done'"
          :aria-label="`${mode === 'done' ? tell('not-yet') : tell('done')}: ${where}, ${item.says}`"
          @click="mode = mode === 'done' ? '' : 'done'"
        >
          {{ mode === 'done' ? tell('not-yet') : tell('done') }}
        </button>
        <button
          v-if="!item.later"
          type="button"
          class="btn btn-small"
          :aria-expanded="mode === 'later'"
          :aria-label="tell('put-off-2', { where, item: item.says })"
          @click="mode = mode === 'later' ? '' : 'later'"
        >
          {{ tell('later') }}
        </button>
      </template>
    </div>
  </li>
</template>

<style scoped>
.item {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 4px 14px;
  padding: 10px 0;
  border-top: 1px solid var(--rule);
}
.item.closed {
  border-left: 6px solid var(--ink);
  padding-left: 10px;
}
.ticks {
  display: none;
  flex-wrap: wrap;
  gap: 2px 14px;
}
@media print {
  .ticks {
    display: flex;
  }
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  justify-content: flex-end;
  align-items: flex-start;
  max-width: 250px;
}
@media (max-width: 720px) {
  .item {
    grid-template-columns: auto 1fr;
  }
  .acts {
    grid-column: 1 / -1;
    max-width: none;
  }
  .acts :deep(.btn) {
    min-height: 48px;
    flex: 1;
  }
}
</style>
