<script setup lang="ts">
/**
 * A row walked in passing: nothing to do with one tap, so many rubbed off, or a whole walk; like
 * work on all that are left together; taken along for where there is no signal.
 */
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
const [language, size] = useLocalStorage('billhook-paper', 'en a4').value.split(' ')
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
  const where = `${row.value!.block}, row ${row.value!.n}: ${trees.length} trees`
  for (const tree of trees) {
    tree.state = 'passed'
    tree.walked = row.value!.day
  }
  open.value = null
  counting.value = false
  apart.value = new Set()
  await keepRow(row.value!)
  await put({
    says: `${trees.length === 1 ? trees[0]!.name : where} in passing`,
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
    ? 'never walked'
    : t.state === 'open'
      ? `walk open since ${dayWords(t.walked!)}`
      : `${t.state === 'passed' ? 'passed' : 'walked'} ${dayWords(t.walked!)}`
</script>

<template>
  <div class="max-w-[620px] mx-auto px-4 py-3 grid gap-3 content-start">
    <SecondWire :tags="tags" of="This row" />
    <h1 class="text-title max-[720px]:sr-only">
      {{ row ? `${row.block}, row ${row.n}` : 'The row' }}
    </h1>
    <p v-if="row?.one_pass" class="keep font-semibold" data-test="one-pass">
      {{ row.one_pass.text }}
    </p>
    <p v-if="trouble" class="wrong" role="alert">
      {{ trouble }}
      <button type="button" class="btn btn-small" @click="load">Try again</button>
    </p>
    <p v-if="!row && !trouble" class="text-ink2">Walking down the row …</p>
    <template v-if="row">
      <SayButtons
        :acts="[
          { act: 'picked', label: 'Picked today: the row' },
          { act: 'no-fruit', label: 'No fruit this year' },
        ]"
        scope="row"
        :scope-id="id"
      />
      <p class="text-note">
        Rake and look before hands go to a base or under a skirt. Pass a tree with one tap, or walk
        it step by step.
      </p>
      <button type="button" class="btn" :disabled="taking" @click="takeAlong">
        {{
          taking
            ? `Taking along ${takenAlong} of ${row.trees.length} …`
            : takenAlong
              ? 'The row is on this phone; take it anew'
              : 'Take the row along, for where there is no signal'
        }}
      </button>
      <progress
        v-if="taking"
        class="w-full"
        :value="takenAlong"
        :max="row.trees.length"
        :aria-label="`${takenAlong} of ${row.trees.length} trees taken along`"
      />
      <a
        v-if="row.open_sheets"
        class="btn"
        :href="`/api/rows/${id}/sheets.pdf?${paper}&units=${units}`"
        target="_blank"
        rel="noopener"
        >Print the row’s
        {{ row.open_sheets === 1 ? 'open cut sheet' : `${row.open_sheets} open cut sheets` }}
        (PDF)</a
      >
      <section
        v-if="left.length > 1"
        class="grid gap-2 border-t border-rule pt-2"
        aria-label="Together"
        data-test="together"
      >
        <p class="font-semibold">
          {{
            together.length === left.length
              ? `The same on all ${left.length} not looked at today`
              : `The same on ${together.length} of the ${left.length} not looked at today`
          }}
        </p>
        <div class="grid grid-cols-2 sm:grid-cols-3 gap-2">
          <button type="button" class="btn" :disabled="!together.length" @click="passAll(together)">
            Nothing to do
          </button>
          <button
            type="button"
            class="btn"
            :disabled="!together.length"
            :aria-expanded="counting"
            @click="counting = !counting"
          >
            Taken off each …
          </button>
          <button
            v-if="young.length"
            type="button"
            class="btn"
            @click="passAll(young, { trained: true })"
          >
            {{ young.length === together.length ? 'Trained' : `Trained: ${young.length} young` }}
          </button>
        </div>
        <div v-if="counting" class="grid grid-cols-1 sm:grid-cols-2 gap-3">
          <CountField v-model="suckers" label="Suckers rubbed off each" :low="0" :high="200" />
          <CountField v-model="sprouts" label="Sprouts rubbed off each" :low="0" :high="500" />
          <button
            type="button"
            class="btn btn-go sm:col-span-2"
            :disabled="!suckers && !sprouts"
            @click="passAll(together, { suckers, sprouts })"
          >
            Into the log of {{ together.length }} trees
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
              :aria-label="`${t.name} with the others`"
              @change="leaveOut(t.tree_id, ($event.target as HTMLInputElement).checked)"
            />
            <b class="plate">{{ t.name }}</b>
            <span class="text-note leading-tight"
              >{{ t.kind }}<br /><span :class="{ 'text-ink2': !today(t) }">{{
                waitsFor(t.tree_id) ? 'kept here' : words(t)
              }}</span></span
            >
            <RouterLink
              class="link ml-auto text-note text-right"
              :to="`/tree/${t.tree_id}/look/shoot`"
              :aria-label="`Whose shoot is it, on ${t.name}?`"
              >Whose shoot?</RouterLink
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
              Nothing to do
            </button>
            <button
              type="button"
              class="btn"
              :aria-expanded="open === t.tree_id"
              @click="tally(t.tree_id)"
            >
              Taken off …
            </button>
            <RouterLink class="btn btn-go justify-center" :to="`/tree/${t.tree_id}/look`">{{
              t.state === 'open' ? 'Go on' : 'Walk'
            }}</RouterLink>
          </div>
          <div v-if="open === t.tree_id" class="grid grid-cols-1 sm:grid-cols-2 gap-3">
            <CountField v-model="suckers" label="Suckers rubbed off" :low="0" :high="200" />
            <CountField v-model="sprouts" label="Sprouts rubbed off" :low="0" :high="500" />
            <details class="sm:col-span-2">
              <summary class="tag py-2.5">Cut off, by thickness</summary>
              <CountLog :tree-id="t.tree_id" @logged="load" />
            </details>
            <button
              type="button"
              class="btn btn-go"
              :disabled="!suckers && !sprouts"
              @click="passAll([t], { suckers, sprouts })"
            >
              Into the log, next tree
            </button>
          </div>
        </li>
      </ul>
    </template>
  </div>
</template>
