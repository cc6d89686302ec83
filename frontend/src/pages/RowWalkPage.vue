<script setup lang="ts">
/**
 * A row walked in passing: nothing to do with one tap, so many rubbed off, or a whole walk; like
 * work on all that are left together; taken along for where there is no signal.
 */
import { language as speaks } from '@/words'
import tell from 'words:walk'
import { api, heed, Refused, sentence, type Schemas } from '@/api/client'
import { newId } from '@/api/ids'
import { onUndone } from '@/composables/useUndo'
import { useStand } from '@/composables/useStand'
import { useSettings } from '@/composables/useSettings'
import SayButtons from '@/controls/SayButtons.vue'
import SecondWire from '@/controls/SecondWire.vue'
import CountLog from '@/controls/CountLog.vue'
import CountField from '@/controls/CountField.vue'
import { useLocalStorage } from '@vueuse/core'
import ToneMark from '@/drawings/ToneMark.vue'
import { onSent, put, useOutbox } from '@/field/outbox'
import { keepRow, keepWalk, keptRow } from '@/field/store'
import { dayWords } from '@/geometry/day'
import { computed, onBeforeUnmount, reactive, ref, toRef, watch } from 'vue'

const props = defineProps<{ id: string }>()
const { tags } = useStand(reactive({ id: toRef(props, 'id'), of: 'row' as const }))
type Row = Schemas['RowWalkOut']
const row = ref<Row | null>(null)
const trouble = ref('')
const { waitsFor } = useOutbox()
async function load() {
  trouble.value = ''
  try {
    row.value = await heed(api.GET('/api/rows/{id}/walk', { params: { path: { id: props.id } } }))
    await keepRow(row.value)
  } catch (error) {
    row.value =
      (error instanceof Refused && error.status !== 404 && (await keptRow(props.id))) || null
    if (!row.value) trouble.value = sentence(error)
  }
}
watch(() => props.id, load, { immediate: true })
onUndone(load)
onBeforeUnmount(
  onSent(
    (item) =>
      row.value?.trees.some((t) => t.tree_id === item.tree) && !waitsFor(item.tree) && void load(),
  ),
)

const { units } = useSettings()
/** Language and paper as chosen on a sheet. */
const [language, size] = useLocalStorage('billhook-paper', `${speaks.value} a4`).value.split(' ')
const paper = `language=${language}&paper=${size}`
const open = ref<string | null>(null)
const suckers = ref(0)
const sprouts = ref(0)
function tally(tree: string) {
  open.value = open.value === tree ? null : tree
  suckers.value = 0
  sprouts.value = 0
}
/** Trees left out of what is done to the rest together. */
const apart = ref(new Set<string>())
const left = computed(() => (row.value?.trees ?? []).filter((t) => t.state !== 'open' && !today(t)))
const together = computed(() => left.value.filter((t) => !apart.value.has(t.tree_id)))
const young = computed(() => together.value.filter((t) => t.young))
const counting = ref(false)
async function passAll(
  trees: Row['trees'],
  off: { suckers?: number; sprouts?: number; trained?: boolean } = {},
) {
  const where = tell('row-trees', { block: row.value!.block, n: row.value!.n, trees: trees.length })
  for (const tree of trees) {
    tree.state = 'passed'
    tree.walked = row.value!.day
  }
  open.value = null
  counting.value = false
  apart.value = new Set()
  await keepRow(row.value!)
  await put({
    says: tell('in-passing', { trees: trees.length === 1 ? trees[0]!.name : where }),
    tree: trees[0]!.tree_id,
    method: 'POST',
    path: '/api/walks/quick',
    body: { id: newId(), tree_ids: trees.map((t) => t.tree_id), ...off, day: row.value!.day },
  })
}
function leaveOut(tree: string, with_: boolean) {
  const now = new Set(apart.value)
  if (with_) now.delete(tree)
  else now.add(tree)
  apart.value = now
}
const today = (tree: Row['trees'][number]) =>
  tree.walked === row.value?.day && tree.state !== 'open'

const takenAlong = ref(0)
const taking = ref(false)
async function takeAlong() {
  taking.value = true
  // so that the browser does not clear it away
  void navigator.storage?.persist?.()
  takenAlong.value = 0
  trouble.value = ''
  try {
    for (const tree of row.value!.trees) {
      if (!waitsFor(tree.tree_id))
        await keepWalk(
          await heed(
            api.GET('/api/trees/{id}/walk-form', { params: { path: { id: tree.tree_id } } }),
          ),
          true,
        )
      takenAlong.value++
    }
  } catch (error) {
    trouble.value = sentence(error)
  } finally {
    taking.value = false
  }
}
const words = (t: Row['trees'][number]) =>
  t.state === 'never'
    ? tell('never-walked')
    : t.state === 'open'
      ? tell('walk-open-since', { walked: dayWords(t.walked!) })
      : `${t.state === 'passed' ? 'passed' : 'walked'} ${dayWords(t.walked!)}`
</script>

<template>
  <div class="max-w-[620px] mx-auto px-4 py-3 grid gap-3 content-start">
    <SecondWire :tags="tags" :of="tell('this-row')" />
    <h1 class="text-title max-[720px]:sr-only">
      {{ row ? tell('row', { block: row.block, n: row.n }) : tell('the-row') }}
    </h1>
    <p v-if="row?.one_pass" class="keep font-semibold" data-test="one-pass">
      {{ row.one_pass.text }}
    </p>
    <p v-if="trouble" class="wrong" role="alert">
      {{ trouble }}
      <button type="button" class="btn btn-small" @click="load">{{ tell('try-again') }}</button>
    </p>
    <p v-if="!row && !trouble" class="text-ink2">{{ tell('walking-down-the-row') }}</p>
    <template v-if="row">
      <SayButtons
        :acts="[
          { act: 'picked', label: tell('picked-today-the-row') },
          { act: 'no-fruit', label: tell('no-fruit-this-year') },
        ]"
        scope="row"
        :scope-id="id"
      />
      <p class="text-note">
        {{ tell('rake-and-look-before-hands') }}
      </p>
      <button type="button" class="btn" :disabled="taking" @click="takeAlong">
        {{
          taking
            ? tell('taking-along-of', { takenAlong, trees: row.trees.length })
            : takenAlong
              ? tell('the-row-is-on-this')
              : tell('take-the-row-along-for')
        }}
      </button>
      <progress
        v-if="taking"
        class="w-full"
        :value="takenAlong"
        :max="row.trees.length"
        :aria-label="tell('of-trees-taken-along', { takenAlong, trees: row.trees.length })"
      />
      <a
        v-if="row.open_sheets"
        class="btn"
        :href="`/api/rows/${id}/sheets.pdf?${paper}&units=${units}`"
        target="_blank"
        rel="noopener"
        >{{
          tell('print-the-row-s-pdf', {
            openSheets:
              row.open_sheets === 1
                ? tell('open-cut-sheet')
                : tell('open-cut-sheets', { openSheets: row.open_sheets }),
          })
        }}</a
      >
      <section
        v-if="left.length > 1"
        class="grid gap-2 border-t border-rule pt-2"
        :aria-label="tell('together')"
        data-test="together"
      >
        <p class="font-semibold">
          {{
            together.length === left.length
              ? tell('the-same-on-all-not', { left: left.length })
              : tell('the-same-on-of-the', { together: together.length, left: left.length })
          }}
        </p>
        <div class="grid grid-cols-2 sm:grid-cols-3 gap-2">
          <button type="button" class="btn" :disabled="!together.length" @click="passAll(together)">
            {{ tell('nothing-to-do') }}
          </button>
          <button
            type="button"
            class="btn"
            :disabled="!together.length"
            :aria-expanded="counting"
            @click="counting = !counting"
          >
            {{ tell('taken-off-each') }}
          </button>
          <button
            v-if="young.length"
            type="button"
            class="btn"
            @click="passAll(young, { trained: true })"
          >
            {{
              young.length === together.length
                ? tell('trained')
                : tell('trained-young', { young: young.length })
            }}
          </button>
        </div>
        <div v-if="counting" class="grid grid-cols-1 sm:grid-cols-2 gap-3">
          <CountField
            v-model="suckers"
            :label="tell('suckers-rubbed-off-each')"
            :low="0"
            :high="200"
          />
          <CountField
            v-model="sprouts"
            :label="tell('sprouts-rubbed-off-each')"
            :low="0"
            :high="500"
          />
          <button
            type="button"
            class="btn btn-go sm:col-span-2"
            :disabled="!suckers && !sprouts"
            @click="passAll(together, { suckers, sprouts })"
          >
            {{ tell('into-the-log-of-trees', { together: together.length }) }}
          </button>
        </div>
      </section>
      <ul>
        <li
          v-for="t in row.trees"
          :key="t.tree_id"
          class="border-t border-rule py-2 grid gap-2"
          :data-row-tree="t.name"
        >
          <div class="flex items-center gap-3">
            <input
              v-if="left.length > 1 && left.includes(t)"
              type="checkbox"
              class="check"
              :checked="!apart.has(t.tree_id)"
              :aria-label="tell('with-the-others', { name: t.name })"
              @change="leaveOut(t.tree_id, ($event.target as HTMLInputElement).checked)"
            />
            <b class="plate">{{ t.name }}</b>
            <span class="text-note leading-tight"
              >{{ t.kind }}<br /><span :class="{ 'text-ink2': !today(t) }">{{
                waitsFor(t.tree_id) ? tell('kept-here') : words(t)
              }}</span></span
            >
            <RouterLink
              class="link ml-auto text-note text-right"
              :to="`/tree/${t.tree_id}/look/shoot`"
              :aria-label="tell('whose-shoot-is-it-on', { name: t.name })"
              >{{ tell('whose-shoot') }}</RouterLink
            >
          </div>
          <p v-if="t.need" class="flex gap-2 items-start text-note leading-tight" data-test="need">
            <ToneMark :tone="t.tone" small />{{ t.need }}
          </p>
          <div class="grid grid-cols-3 gap-2">
            <button
              type="button"
              class="btn"
              :aria-pressed="today(t) && t.state === 'passed'"
              @click="passAll([t])"
            >
              {{ tell('nothing-to-do') }}
            </button>
            <button
              type="button"
              class="btn"
              :aria-expanded="open === t.tree_id"
              @click="tally(t.tree_id)"
            >
              {{ tell('taken-off') }}
            </button>
            <RouterLink class="btn btn-go justify-center" :to="`/tree/${t.tree_id}/look`">{{
              t.state === 'open' ? tell('go-on') : tell('walk')
            }}</RouterLink>
          </div>
          <div v-if="open === t.tree_id" class="grid grid-cols-1 sm:grid-cols-2 gap-3">
            <CountField
              v-model="suckers"
              :label="tell('suckers-rubbed-off')"
              :low="0"
              :high="200"
            />
            <CountField
              v-model="sprouts"
              :label="tell('sprouts-rubbed-off')"
              :low="0"
              :high="500"
            />
            <details class="sm:col-span-2">
              <summary class="tag py-2.5">{{ tell('cut-off-by-thickness') }}</summary>
              <CountLog :tree-id="t.tree_id" @logged="load" />
            </details>
            <button
              type="button"
              class="btn btn-go"
              :disabled="!suckers && !sprouts"
              @click="passAll([t], { suckers, sprouts })"
            >
              {{ tell('into-the-log-next-tree') }}
            </button>
          </div>
        </li>
      </ul>
    </template>
  </div>
</template>
