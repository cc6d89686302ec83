<script setup lang="ts">
/**
 * What is on this device: what opens without signal, what waits to be sent, and what was not taken.
 * Works without Billhook.
 */
import tell from 'words:phone'
import { useNarrow } from '@/composables/useNarrow'
import { drop, resend, useOutbox } from '@/field/outbox'
import { useReach } from '@/field/reach'
import { onDevice, type Item } from '@/field/store'
import { dayWords } from '@/geometry/day'
import { useClipboard, useIntervalFn } from '@vueuse/core'
import MendEntry from './phone/MendEntry.vue'
import OnAPhone from './phone/OnAPhone.vue'
import { computed, ref } from 'vue'

const { reached } = useReach()
const narrow = useNarrow()
const { waiting, refused, failed } = useOutbox()
interface Kept {
  to: string
  name: string
  says: string
}
const rows = ref<Kept[]>([])
const trees = ref<Kept[]>([])
const sheets = ref<Kept[]>([])
const hurt = ref<Kept[]>([])
const ready = ref(false)
async function look() {
  const [keptRows, walks, keptSheets, keptHurt] = await onDevice((db) =>
    Promise.all([db.getAll('rows'), db.getAll('walks'), db.getAll('sheets'), db.getAll('hurt')]),
  )
  rows.value = keptRows.map((r) => ({
    to: `/row/${r.row_id}/walk`,
    name: tell('row', { block: r.block, n: r.n }),
    says: tell('trees-as-of', { trees: r.trees.length, day: dayWords(r.day) }),
  }))
  const byName = new Intl.Collator(undefined, { numeric: true })
  walks.sort((a, b) => byName.compare(a.walk.name, b.walk.name))
  trees.value = walks.map((w) => ({
    to: `/tree/${w.tree}/look`,
    name: w.walk.name,
    says: tell('its-look-as-of', { day: dayWords(w.walk.day) }),
  }))
  sheets.value = keptSheets.map((s) => ({
    to: `/sheet/${s.id}`,
    name: tell('cut-sheet-of', { day: dayWords(s.day) }),
    says: s.state === 'open' ? 'open' : 'finished',
  }))
  const names = new Map(walks.map((w) => [w.tree, w.walk.name]))
  hurt.value = keptHurt.map((h) => ({
    to: `/tree/${h.tree}/frost`,
    name: names.get(h.tree) ?? tell('a-hurt-tree'),
    says: tell('after-the-frost-as-of', { today: dayWords(h.frost.today) }),
  }))
  ready.value = true
}
void look()
const lists = computed(() =>
  [
    { name: tell('rows'), kept: rows.value },
    { name: tell('trees-to-look-at'), kept: trees.value },
    { name: tell('cut-sheets'), kept: sheets.value },
    { name: tell('hurt-by-frost'), kept: hurt.value },
  ].filter((l) => l.kept.length),
)
const pages = ref<'kept' | 'not-yet' | 'insecure'>('not-yet')
if (!window.isSecureContext) pages.value = 'insecure'
const { pause } = useIntervalFn(
  async () => {
    if (pages.value === 'not-yet' && (await globalThis.caches?.match('/'))) pages.value = 'kept'
    if (pages.value !== 'not-yet') pause()
  },
  1500,
  { immediateCallback: true },
)
const { copy: toClipboard } = useClipboard({ legacy: true })
const copied = ref<number | null>(null)
async function copy(item: Item) {
  await toClipboard(`${item.says}\n${JSON.stringify(item.body, null, 1)}`)
  copied.value = item.seq ?? null
}
const aside = computed(() => [...refused.value, ...failed.value])
</script>

<template>
  <div class="max-w-[620px] mx-auto px-4 py-3 grid gap-5 content-start">
    <h1 class="text-title">{{ tell('on-this-phone-2') }}</h1>
    <p class="keep box-content min-h-[3lh] sm:min-h-[2lh]" data-test="pages">
      <template v-if="pages === 'insecure'"
        >{{ ' ' }}{{ tell('this-page-is-not-secure') }}{{ ' ' }}</template
      >
      <template v-else-if="pages === 'kept'"
        >{{ ' '
        }}{{
          tell('billhook-s-pages-are-kept', {
            which: reached ? tell('it-answers-now') : tell('it-does-not-answer-now'),
          })
        }}{{ ' ' }}</template
      >
      <template v-else>{{ tell('the-pages-are-not-kept') }}</template>
    </p>
    <OnAPhone v-if="!narrow && reached" />
    <section v-if="aside.length" :aria-label="tell('not-taken')">
      <h2 class="text-part border-b-2 border-ink">{{ tell('not-taken') }}</h2>
      <article v-for="item in aside" :key="item.seq" class="border-b border-rule py-2">
        <p>
          <b>{{ item.says }}</b>
        </p>
        <p>{{ item.refused ?? item.failed }}</p>
        <MendEntry v-if="item.wrong" :item="item" />
        <div class="flex flex-wrap gap-2 mt-1">
          <button type="button" class="btn" @click="resend(item)">{{ tell('send-again') }}</button>
          <RouterLink v-if="item.tree" class="btn" :to="`/tree/${item.tree}`">{{
            tell('enter-it-anew')
          }}</RouterLink>
          <button type="button" class="btn" @click="copy(item)">
            {{ copied === item.seq ? tell('copied') : tell('copy-it') }}
          </button>
          <button type="button" class="btn" @click="drop(item)">{{ tell('drop-it') }}</button>
        </div>
      </article>
    </section>
    <section :aria-label="tell('waits-to-be-sent')">
      <h2 class="text-part border-b-2 border-ink">{{ tell('waits-to-be-sent') }}</h2>
      <p v-if="!waiting.length">{{ tell('nothing-all-that-was-entered') }}</p>
      <ul>
        <li
          v-for="item in waiting"
          :key="item.seq"
          class="border-b border-rule py-2 flex gap-3 items-center justify-between"
        >
          <span>{{ item.says }}</span>
          <button type="button" class="btn" @click="drop(item)">{{ tell('undo') }}</button>
        </li>
      </ul>
    </section>
    <section v-for="list in lists" :key="list.name" :aria-label="list.name">
      <h2 class="text-part border-b-2 border-ink">{{ list.name }}</h2>
      <ul>
        <li v-for="k in list.kept" :key="k.to" class="border-b border-rule">
          <RouterLink :to="k.to" class="min-h-touch flex flex-wrap gap-x-3 items-center py-2">
            <b class="tag text-lead underline underline-offset-4">{{ k.name }}</b>
            <span class="text-ink2">{{ k.says }}</span>
          </RouterLink>
        </li>
      </ul>
    </section>
    <p v-if="ready && !lists.length">
      {{ tell('nothing-is-taken-along-yet') }} <i>{{ tell('walk-the-row') }}</i>{{
        tell('and-take-it-along')
      }}
    </p>
  </div>
</template>
