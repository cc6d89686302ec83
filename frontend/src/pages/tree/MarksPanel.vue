<script setup lang="ts">
/**
 * Marking cuts: the verdict of the day, the measure, each cut and how to make it, and the sheet
 * that comes of it.
 */
import tell from 'words:tree'
import SaidText from '@/controls/SaidText.vue'
import DayField from '@/controls/DayField.vue'
import { useAct } from '@/composables/useAct'
import { api, heed, type Tree } from '@/api/client'
import MarkedCut from './MarkedCut.vue'
import MarksSum from './MarksSum.vue'
import { useMarkKeys } from './useMarkKeys'
import { useMarking } from '@/composables/useMarking'
import { useDay, useStage, useWork } from '@/composables/useStage'
import { newId } from '@/api/ids'
import VerdictBox from '@/controls/VerdictBox.vue'
import WhyDialog from '@/controls/WhyDialog.vue'
import WorkPicker from '@/controls/WorkPicker.vue'
import ShareMeasure from '@/drawings/ShareMeasure.vue'
import { shareWords } from '@/geometry/measure'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'

const props = defineProps<{ tree: Tree }>()
const day = useDay()
const work = useWork(() => props.tree)
const router = useRouter()
const { act, trouble, busy: saving } = useAct()
const working = ref(false)

const frame = computed(() => props.tree.frame)
const m = useMarking(
  computed(() => props.tree.id),
  computed(() => frame.value?.id),
  work,
  day,
)
const free = computed(() => m.answer.value?.advice.filter((a) => a.free).map((a) => a.limb) ?? [])
const marked = computed(() => m.cuts.value.length > 0)
const { selected } = useStage(() => ({
  cuts: m.cuts.value,
  gone: marked.value ? (m.answer.value?.gone ?? []) : [],
  free: free.value,
  afterHeight: marked.value ? (m.answer.value?.after.height_m ?? null) : null,
  pick,
  slide: m.slide,
  settle: () => void m.settle(),
}))
function pick(id: string, keep: number) {
  if (!frame.value?.drawn) return
  selected.value = id
  if (!m.cuts.value.some((c) => c.limb === id)) m.mark(id, keep)
}
useMarkKeys(frame, selected, m)
const answer = computed(() => m.answer.value)
/** Of what is marked: live wood is judged by its own work, whatever was picked. */
const verdict = computed(() =>
  marked.value && answer.value && answer.value.work !== work.value
    ? answer.value.verdict
    : props.tree.verdicts.find((v) => v.work === work.value),
)
const lines = computed(() =>
  m.cuts.value.map((cut, i) => ({
    n: i + 1,
    cut,
    cost: answer.value?.cuts.find((c) => c.limb === cut.limb),
    advice: answer.value?.advice.find((a) => a.limb === cut.limb),
    limb: props.tree.frame?.limbs.find((l) => l.id === cut.limb),
  })),
)
const pieces = computed(() =>
  lines.value.map((l) => ({ n: l.n, share: l.cost?.void ? 0 : (l.cost?.share ?? 0) })),
)
const openSheet = computed(() => props.tree.sheets.find((s) => s.state === 'open'))
let sheetId = newId()
/** A sheet over what the day allows is asked about once more. */
const asking = ref(false)
watch(
  () => [m.cuts.value, work.value, day.value],
  () => (asking.value = false),
  { deep: true },
)
async function save() {
  const frame_id = props.tree.frame?.id
  if (!frame_id) return
  if (answer.value && !answer.value.against.fits && !asking.value) {
    asking.value = true
    return
  }
  await act(async () => {
    const body = {
      id: sheetId,
      frame_id,
      cuts: m.cuts.value,
      work: work.value,
      later: [],
      ...(day.value ? { day: day.value } : {}),
    }
    const made = await heed(
      api.POST('/api/trees/{id}/sheets', { params: { path: { id: props.tree.id } }, body }),
    )
    m.clear()
    sheetId = newId()
    await router.push(`/sheet/${made.id}`)
  })
}
</script>

<template>
  <div class="flex flex-col gap-3 h-full">
    <div class="grid grid-cols-[1fr_auto] gap-2 items-end">
      <WorkPicker v-model="work" :verdicts="tree.verdicts" />
      <div>
        <label class="sr-only" for="cut-day">{{ tell('day') }}</label>
        <DayField
          id="cut-day"
          :model-value="day ?? tree.day"
          @update:model-value="day = $event || undefined"
        />
      </div>
    </div>
    <VerdictBox
      v-if="verdict"
      :verdict="verdict"
      :tree-id="tree.id"
      :block-id="tree.block_id"
      @day="day = $event"
    />
    <div v-if="tree.standing !== 'drawn'" class="grid gap-2">
      <p v-if="tree.frame" class="text-ink2">
        {{ tell('this-is-an-outline-from')
        }}<RouterLink class="link" :to="`/tree/${tree.id}/limbs`">{{
          tell('its-limbs-2')
        }}</RouterLink
        >{{ tell('to-plan-limb-by-limb') }}
      </p>
      <RouterLink class="btn btn-go" :to="`/tree/${tree.id}/cut/count`">{{
        tell('what-to-look-for-and-count')
      }}</RouterLink>
    </div>
    <template v-else-if="tree.frame">
      <ShareMeasure
        :pieces="pieces"
        :limit="verdict?.max_share ?? null"
        :limit-says="
          verdict?.max_share === null
            ? tell('costs-no-canopy')
            : tell('today-6', { maxShare: shareWords(verdict?.max_share ?? 0) })
        "
        :year="tree.year_share"
        :used="tree.used_share"
      />
      <p v-if="lines.length === 0" class="text-ink2">
        <template v-if="openSheet"
          ><RouterLink :to="`/sheet/${openSheet.id}`" class="link text-ink">{{
            tell('a-cut-sheet-is-open')
          }}</RouterLink>
          {{ tell('on-this-tree') }}{{ ' ' }}</template
        >
        <RouterLink :to="`/tree/${tree.id}/cut`" class="link text-ink">{{
          tell('propose-a-plan')
        }}</RouterLink>{{ tell('or-touch-a-limb-in') }} <kbd>↑</kbd> <kbd>↓</kbd>
        {{ tell('and-press') }} <kbd>Enter</kbd>.
      </p>
      <ol v-else class="border-t-[1.5px] border-rule">
        <MarkedCut
          v-for="line in lines"
          :key="line.cut.limb"
          v-bind="line"
          :on="line.cut.limb === selected"
          @pick="selected = line.cut.limb"
          @off="m.remove(line.cut.limb)"
          @slide="m.slide(line.cut.limb, $event)"
          @settle="m.settle()"
          @keep="m.mark(line.cut.limb, $event)"
          @sick="m.setSick(line.cut.limb, $event)"
        />
      </ol>
      <p v-if="m.problem.value" class="wrong" role="alert">{{ m.problem.value }}</p>
      <div v-if="answer && lines.length" aria-live="polite" data-test="against">
        <p :class="{ keep: !answer.against.fits }">
          {{ answer.against.sentence }}
          <button type="button" class="link" @click="working = true">
            {{ tell('how-it-is-counted') }}
          </button>
        </p>
        <WhyDialog
          v-model="working"
          counted
          :title="tell('how-the-share-is-counted')"
          :sentence="answer.against.sentence"
          :reasons="answer.reasons"
        />
        <p v-for="r in answer.against.reasons" :key="r.code" class="keep mt-1">
          <SaidText :text="r.text" />
        </p>
      </div>
      <div class="mt-auto">
        <MarksSum v-if="answer && lines.length" :answer="answer" />
        <p v-if="asking && answer" class="keep mt-2 font-semibold" role="alert" data-test="asked">
          {{ tell('make-a-sheet-of-it', { sentence: answer.against.sentence }) }}
        </p>
        <p v-if="trouble" class="wrong mt-2" role="alert">{{ trouble }}</p>
        <div class="flex gap-2 mt-3 pb-2">
          <button type="button" class="btn" :disabled="!m.canUndo.value" @click="m.undo()">
            {{ tell('undo') }}
          </button>
          <button type="button" class="btn" :disabled="!m.canRedo.value" @click="m.redo()">
            {{ tell('redo') }}
          </button>
          <RouterLink v-if="lines.length" class="btn" :to="`/tree/${tree.id}/rehearse`">{{
            tell('rehearse')
          }}</RouterLink>
          <button
            type="button"
            class="btn btn-go flex-1"
            :class="{ 'btn-ask': asking }"
            :disabled="!lines.length || saving || (!answer && !m.problem.value)"
            @click="save"
          >
            {{
              saving
                ? tell('saving')
                : asking
                  ? tell('make-it-all-the-same')
                  : tell('make-the-cut-sheet')
            }}
          </button>
        </div>
      </div>
    </template>
  </div>
</template>
