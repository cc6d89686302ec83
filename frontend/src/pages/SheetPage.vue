<script setup lang="ts">
/**
 * The cut sheet: read under the tree, ticked off with a thumb, printed on one page with its
 * drawing.
 */
import { language as speaks } from '@/words'
import tell from 'words:sheet'
import WhoField from '@/controls/WhoField.vue'
import MeasureField from '@/controls/MeasureField.vue'
import NewLimb from '@/controls/NewLimb.vue'
import { freshLimb } from '@/controls/limb'
import PickOne from '@/controls/PickOne.vue'
import { api, heed, sentence, type Status } from '@/api/client'
import { newId } from '@/api/ids'
import { useAct } from '@/composables/useAct'
import { useNarrow } from '@/composables/useNarrow'
import { useSettings } from '@/composables/useSettings'
import WhyDialog from '@/controls/WhyDialog.vue'
import ToneMark from '@/drawings/ToneMark.vue'
import TreeElevation from '@/drawings/TreeElevation.vue'
import { dayWords } from '@/geometry/day'
import { lengthWords } from '@/geometry/measure'
import { useQuery } from '@tanstack/vue-query'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, toRef } from 'vue'
import SheetFinish from './sheet/SheetFinish.vue'
import SheetLine from './sheet/SheetLine.vue'
import { useSheet } from './sheet/useSheet'

const props = defineProps<{ id: string }>()
const { units } = useSettings()
const narrow = useNarrow()
const { sheet, error, isPending, who, waitsFor, show, tick, leave } = useSheet(toRef(props, 'id'))
const { act, fields, trouble } = useAct()
const working = ref(false)
const done = computed(() => sheet.value?.lines.filter((l) => l.done).length ?? 0)
const cuts = computed(
  () => sheet.value?.lines.map((l) => ({ limb: l.cost.limb, keep_m: l.cost.keep_m })) ?? [],
)
const free = computed(
  () => sheet.value?.lines.filter((l) => l.advice.free).map((l) => l.cost.limb) ?? [],
)

const besides = ref('')
/** Whether the other limb is shortened, and how much of it stays [m]. */
const shortened = ref(false)
const stays = ref<number | null>(null)
const others = computed(
  () =>
    sheet.value?.frame.limbs.filter((l) => !sheet.value!.lines.some((x) => x.cost.limb === l.id)) ??
    [],
)
/** A limb that is not in the drawing is drawn in with its cut. */
const NEW = 'new'
const fresh = ref(freshLimb(60))
const asDrawn = () => ({
  at_m: fresh.value.at!,
  diameter_mm: fresh.value.mm!,
  length_m: fresh.value.length,
  rise_deg: fresh.value.rise,
  bearing_deg: fresh.value.bearing,
})
const told = computed(
  () =>
    !!besides.value &&
    (!shortened.value || !!stays.value) &&
    (besides.value !== NEW || (fresh.value.at !== null && fresh.value.mm !== null)),
)
async function add() {
  await act(async () => {
    const params = { path: { id: props.id }, query: { units: units.value } }
    const answer = await heed(
      api.POST('/api/sheets/{id}/cuts', {
        params,
        body: {
          id: newId(),
          limb: besides.value === NEW ? null : besides.value,
          keep_m: shortened.value ? (stays.value ?? 0) : 0,
          drawn: besides.value === NEW ? asDrawn() : null,
        },
      }),
    )
    show(answer)
    besides.value = ''
    shortened.value = false
    fresh.value = freshLimb(60)
    stays.value = null
  }, [])
}
/** Language and paper of the printed sheet, remembered on this device; the holding's paper else. */
const { data: spoken } = useQuery({
  queryKey: ['languages'],
  queryFn: () => heed(api.GET('/api/languages')),
  staleTime: Infinity,
})
const papers = computed(() =>
  (spoken.value?.languages ?? [{ code: 'en', name: 'English' }]).flatMap(({ code, name }) => [
    { id: code, name },
    { id: `${code} a4`, name: tell('a4-2', { name }) },
    { id: `${code} letter`, name: tell('letter-2', { name }) },
  ]),
)
const paper = useLocalStorage('billhook-paper', speaks.value)
const pdf = computed(() => {
  const [language, size] = paper.value.split(' ')
  return `/api/sheets/${props.id}.pdf?language=${language}${size ? `&paper=${size}` : ''}`
})
</script>

<template>
  <p v-if="isPending" class="p-6">{{ tell('fetching-the-sheet') }}</p>
  <p v-else-if="error" class="p-6 wrong" role="alert">{{ sentence(error) }}</p>
  <div v-else-if="sheet" class="sheet">
    <header class="head">
      <h1 class="plate text-title">{{ sheet.tree }}</h1>
      <p class="text-note leading-tight">
        <b>{{ tell('cut-sheet', { day: dayWords(sheet.day) }) }}</b>, {{ sheet.work_words
        }}<br /><span class="text-ink2">{{ sheet.tree_line }}</span>
      </p>
      <div class="ml-auto flex gap-2 no-print max-sm:ml-0">
        <div>
          <label class="sr-only" for="paper">{{ tell('language-and-paper') }}</label>
          <PickOne id="paper" v-model="paper" class="field !py-1">
            <option v-for="p in papers" :key="p.id" :value="p.id">{{ p.name }}</option>
          </PickOne>
        </div>
        <a class="btn btn-small" :href="pdf" target="_blank" rel="noopener" data-test="pdf">{{
          tell('print-pdf')
        }}</a>
        <RouterLink class="btn btn-small" :to="`/tree/${sheet.tree_id}`">{{
          tell('the-tree-3')
        }}</RouterLink>
      </div>
    </header>
    <div class="verdict">
      <ToneMark :tone="sheet.status as Status" />
      <p>
        <b class="tag text-part">{{ sheet.sentence }}</b><br />{{ sheet.total }}
        <button type="button" class="link no-print" @click="working = true">
          {{ tell('why') }}
        </button>
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
            <dt>{{ tell('height-2') }}</dt>
            <dd>
              {{ lengthWords(sheet.before.height_m, units) }} →
              {{ lengthWords(sheet.after.height_m, units) }}
            </dd>
          </div>
          <div>
            <dt>{{ tell('fruit-lost') }}</dt>
            <dd>{{ sheet.before.fruit - sheet.after.fruit }}</dd>
          </div>
          <div>
            <dt>{{ tell('time') }}</dt>
            <dd>{{ Math.max(1, Math.round(sheet.minutes)) }} min</dd>
          </div>
        </dl>
      </div>
      <div>
        <div
          v-if="sheet.state === 'open'"
          class="no-print mb-2 grid grid-cols-[1fr_auto] gap-3 items-end"
        >
          <WhoField v-model="who" :label="tell('who-cuts')" />
          <p class="tag text-part pb-2" role="status">
            {{ tell('of-done', { done, lines: sheet.lines.length }) }}
          </p>
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
            <label class="label" for="besides">{{ tell('another-limb-that-was-cut') }}</label>
            <PickOne id="besides" v-model="besides" class="field">
              <option value="" disabled>{{ tell('which') }}</option>
              <option v-for="l in others" :key="l.id" :value="l.id">{{ l.name }}</option>
              <option :value="NEW">{{ tell('one-that-is-not-in') }}</option>
            </PickOne>
          </div>
          <div class="flex" role="group" :aria-label="tell('how-it-was-cut')">
            <button
              v-for="[says, value] in [
                [tell('taken-off-2'), false],
                [tell('shortened-2'), true],
              ] as const"
              :key="says"
              type="button"
              class="choice"
              :class="{ on: shortened === value }"
              :aria-pressed="shortened === value"
              @click="shortened = value"
            >
              {{ says }}
            </button>
          </div>
          <div v-if="besides === NEW" class="grid grid-cols-2 gap-2 col-span-full basis-full">
            <NewLimb v-model="fresh" :wrong="fields" />
          </div>
          <MeasureField
            v-if="shortened"
            v-model="stays"
            :label="tell('so-much-of-it-stays')"
            kind="length"
            :wrong="fields['/keep_m']"
          />
          <button type="button" class="btn" :disabled="!told" @click="add">
            {{ tell('add-to-the-sheet') }}
          </button>
          <p class="text-note text-ink2 col-span-full basis-full">
            {{ tell('small-ones-that-are-not') }}
          </p>
        </div>
        <p v-if="trouble" class="wrong mt-2" role="alert">{{ trouble }}</p>
        <section v-if="sheet.cautions.length" class="mt-3" :aria-label="tell('take-care')">
          <h2 class="text-lead">{{ tell('take-care') }}</h2>
          <ul class="text-note list-disc pl-5">
            <li v-for="c in sheet.cautions" :key="c.code">{{ c.text }}</li>
          </ul>
        </section>
        <SheetFinish :sheet="sheet" :who="who" :waits="waitsFor(sheet.tree_id)" />
      </div>
    </div>
    <WhyDialog
      v-model="working"
      :title="tell('why')"
      :sentence="sheet.sentence"
      :reasons="sheet.reasons"
    />
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
  font-size: var(--text-small);
  color: var(--ink2);
}
.facts dd {
  font: 600 var(--text-lead)/1.2 var(--font-tag);
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
