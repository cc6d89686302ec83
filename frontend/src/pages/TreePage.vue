<script setup lang="ts">
import { sentence, type Work } from '@/api/client'
import { useKeys } from '@/composables/useKeys'
import { useMarking } from '@/composables/useMarking'
import { useNarrow } from '@/composables/useNarrow'
import { useSettings } from '@/composables/useSettings'
import { useTree } from '@/composables/useTree'
import TreeElevation from '@/drawings/TreeElevation.vue'
import { dayWords, diameterWords, lengthWords, windWords } from '@/geometry/measure'
import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/vue'
import { computed, ref, toRef, watch } from 'vue'
import CutsPanel from './tree/CutsPanel.vue'
import FirstSizes from './tree/FirstSizes.vue'
import LimbsPanel from './tree/LimbsPanel.vue'
import RecordPanel from './tree/RecordPanel.vue'
import WhipPanel from './tree/WhipPanel.vue'

const props = defineProps<{ id: string }>()
const { units } = useSettings()
const narrow = useNarrow()
const day = ref<string | undefined>()
const { data: tree, error, isPending } = useTree(toRef(props, 'id'), day)
const work = ref<Work>('thin')
const from = ref(180)
const selected = ref<string | null>(null)
const tab = ref(0)
const frame = computed(() => tree.value?.frame ?? null)
const frameId = computed(() => frame.value?.id)
const marking = useMarking(toRef(props, 'id'), frameId, work, day)

watch(
  () => tree.value?.id,
  () => {
    if (tree.value)
      work.value =
        (sessionStorage.getItem(`billhook-work-${tree.value.id}`) as Work | null) ??
        tree.value.main_work
    selected.value = null
  },
  { immediate: true },
)
watch(
  work,
  (chosen) => tree.value && sessionStorage.setItem(`billhook-work-${tree.value.id}`, chosen),
)
/** Whether the last word on frost is that it was hurt. */
const frosted = computed(
  () => tree.value?.seen.some((s) => s.kind === 'freeze_class' && s.value !== 'F0') ?? false,
)
const verdict = computed(() => tree.value?.verdicts.find((v) => v.work === work.value))
const free = computed(
  () => marking.answer.value?.advice.filter((a) => a.free).map((a) => a.limb) ?? [],
)
const shownGone = computed(() =>
  marking.cuts.value.length ? (marking.answer.value?.gone ?? []) : [],
)
const afterHeight = computed(() =>
  marking.cuts.value.length ? (marking.answer.value?.after.height_m ?? null) : null,
)

/** Limbs in the order one walks up the tree. */
const order = computed(() =>
  [...(frame.value?.limbs ?? [])].sort(
    (a, b) => a.start[2]! - b.start[2]! || a.id.localeCompare(b.id),
  ),
)
const limb = computed(() => frame.value?.limbs.find((l) => l.id === selected.value) ?? null)
function step(by: number) {
  const at = order.value.findIndex((l) => l.id === selected.value)
  selected.value = order.value[(at + by + order.value.length) % order.value.length]?.id ?? null
}
function nudge(by: number) {
  const l = limb.value
  if (!l || l.sucker || tab.value !== 0 || !frame.value?.drawn) return
  const cut = marking.cuts.value.find((c) => c.limb === l.id)
  marking.mark(l.id, Math.max(0, Math.min((cut?.keep_m ?? 0) + by, l.length_m * 0.995)))
}
function pick(id: string, keep: number) {
  const known = marking.cuts.value.some((c) => c.limb === id)
  if (tab.value === 0 && !frame.value?.drawn) return
  selected.value = id
  if (tab.value === 0 && !known) marking.mark(id, keep)
}
const turn = (by: number) => (from.value = (from.value + by + 360) % 360)
useKeys([
  { keys: ['['], says: 'walk round the tree, left', run: () => turn(-15) },
  { keys: [']'], says: 'walk round the tree, right', run: () => turn(15) },
  { keys: ['ArrowUp'], says: 'next limb up', run: () => step(1), shown: '↑' },
  { keys: ['ArrowDown'], says: 'next limb down', run: () => step(-1), shown: '↓' },
  {
    keys: ['Enter'],
    says: 'mark a cut at the collar of the limb',
    run: () =>
      frame.value?.drawn && limb.value && tab.value === 0 && marking.mark(limb.value.id, 0),
  },
  {
    keys: ['ArrowRight'],
    says: 'slide the cut out 5 cm',
    run: (e) => nudge(e.shiftKey ? 0.01 : 0.05),
    shown: '→',
  },
  {
    keys: ['ArrowLeft'],
    says: 'slide the cut in 5 cm (shift: 1 cm)',
    run: (e) => nudge(e.shiftKey ? -0.01 : -0.05),
    shown: '←',
  },
  {
    keys: ['Delete', 'Backspace'],
    says: 'take the mark off',
    run: () => selected.value && marking.remove(selected.value),
    shown: 'Del',
  },
  { keys: ['z', 'Ctrl+z'], says: 'undo', run: () => marking.undo(), shown: 'z' },
  { keys: ['y', 'Ctrl+y'], says: 'redo', run: () => marking.redo(), shown: 'y' },
])
</script>

<template>
  <p v-if="isPending" class="p-6">Fetching the tree …</p>
  <p v-else-if="error" class="p-6 wrong" role="alert">{{ sentence(error) }}</p>
  <div v-else-if="tree" class="page">
    <section class="draw" aria-label="The tree from the side">
      <template v-if="frame">
        <div class="compass" role="group" aria-label="Where you stand">
          <button type="button" class="turn" aria-label="Walk round to the left" @click="turn(-15)">
            ‹
          </button>
          <span class="from tag" aria-live="polite">from {{ windWords(from) }}</span>
          <button type="button" class="turn" aria-label="Walk round to the right" @click="turn(15)">
            ›
          </button>
        </div>
        <TreeElevation
          :frame="frame"
          :units="units"
          :from="from"
          :width="narrow ? 420 : 752"
          :height="narrow ? 430 : 700"
          :cap="tree.cap_m"
          :reach="tree.reach_m"
          :union-mark="tree.union_mark"
          :cuts="marking.cuts.value"
          :gone="shownGone"
          :free="free"
          :after-height="afterHeight"
          :selected="selected"
          @pick="pick"
          @slide="marking.slide"
          @settle="marking.settle"
        />
        <p class="sr-only" aria-live="polite">
          <template v-if="limb"
            >{{ limb.name }}, {{ diameterWords(limb.base_mm, units) }},
            {{ lengthWords(limb.length_m, units) }} long</template
          >
        </p>
        <p class="keys no-print" aria-hidden="true">
          <kbd>[</kbd> <kbd>]</kbd> walk round <kbd class="ml-3">↑</kbd> <kbd>↓</kbd> limb
          <kbd class="ml-3">Enter</kbd> mark <kbd class="ml-3">←</kbd> <kbd>→</kbd> slide
          <kbd class="ml-3">?</kbd> all keys
        </p>
      </template>
      <WhipPanel v-else-if="tree.form === 'whip'" :tree="tree" />
      <div v-else class="p-8 max-w-lg">
        <h2 class="text-2xl">Not measured yet</h2>
        <p class="mt-2 text-ink2">
          The verdict beside stands without a measurement. To cost a cut, give height, spread and
          trunk: cuts are then counted by their thickness.
        </p>
        <FirstSizes :tree="tree" />
      </div>
    </section>
    <aside class="side">
      <div class="flex flex-wrap items-center gap-x-3 gap-y-2">
        <h1 class="plate text-[1.75rem]">{{ tree.name }}</h1>
        <p class="text-[0.92rem] text-ink2 leading-tight">
          {{ tree.kind_name
          }}<template v-if="tree.rootstock_name"> on {{ tree.rootstock_name }}</template
          >, planted {{ tree.planted_year }}<br />
          <template v-if="frame"
            >{{
              !frame.drawn
                ? 'outline from sizes'
                : frame.origin === 'after-plan'
                  ? 'cut'
                  : 'measured'
            }}
            {{ dayWords(frame.date) }}</template
          >
          <template v-if="frame && frame.fruit">, {{ frame.fruit }} fruit on</template>
        </p>
        <RouterLink class="btn btn-small ml-auto no-print" :to="`/tree/${tree.id}/heights`"
          >Height</RouterLink
        >
        <RouterLink v-if="frosted" class="btn btn-small no-print" :to="`/tree/${tree.id}/frost`"
          >After frost</RouterLink
        >
        <RouterLink class="btn btn-small no-print" :to="`/tree/${tree.id}/walk`">Walk</RouterLink>
        <RouterLink class="btn btn-small no-print" :to="`/tree/${tree.id}/count`">Count</RouterLink>
        <RouterLink class="btn btn-small no-print" :to="`/row/${tree.row_id}/walk`">Row</RouterLink>
      </div>
      <TabGroup :selected-index="tab" @change="tab = $event">
        <TabList class="tabs" aria-label="About this tree">
          <Tab v-for="name in ['Cuts', 'Limbs', 'Record and log']" :key="name" class="tab">{{
            name
          }}</Tab>
        </TabList>
        <TabPanels class="flex-1 min-h-0">
          <TabPanel class="panel"
            ><CutsPanel
              v-model:work="work"
              v-model:day="day"
              :tree="tree"
              :verdict="verdict"
              :marking="marking"
              :selected="selected"
              @select="selected = $event"
          /></TabPanel>
          <TabPanel class="panel"
            ><LimbsPanel :tree="tree" :from="from" :selected="selected" @select="selected = $event"
          /></TabPanel>
          <TabPanel class="panel"><RecordPanel :tree="tree" /></TabPanel>
        </TabPanels>
      </TabGroup>
    </aside>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 752fr) minmax(0, 528fr);
  min-height: calc(100dvh - 54px);
}
.draw {
  position: sticky;
  top: 0;
  height: calc(100dvh - 54px);
  display: flex;
  flex-direction: column;
}
.draw :deep(svg.touch-none) {
  flex: 1;
  min-height: 0;
}
.compass {
  position: absolute;
  right: 14px;
  top: 8px;
  display: flex;
  align-items: center;
  gap: 4px;
}
.from {
  border: var(--line) solid var(--ink);
  border-radius: 999px;
  background: var(--sheet);
  padding: 7px 12px;
  font-size: 16px;
  min-width: 84px;
  text-align: center;
}
.turn {
  width: 44px;
  height: 44px;
  font: 600 26px/1 var(--font-tag);
  border-radius: 8px;
}
.keys {
  padding: 0 0 10px 100px;
  font-size: 13.5px;
  color: var(--ink2);
}
.side {
  background: var(--sheet);
  border-left: var(--line) solid var(--ink);
  padding: 14px 22px;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.tabs {
  display: flex;
  gap: 4px;
  border-bottom: var(--line) solid var(--ink);
}
.tab {
  font: 600 17px/1 var(--font-tag);
  padding: 9px 12px;
  min-height: 40px;
  color: var(--ink2);
}
.tab[aria-selected='true'] {
  color: var(--ink);
  box-shadow: inset 0 -5px 0 var(--ink);
}
.panel {
  height: 100%;
  outline-offset: -2px;
}
@media (max-width: 900px) {
  .page {
    grid-template-columns: minmax(0, 1fr);
  }
  .draw {
    position: relative;
    height: auto;
  }
  .keys {
    display: none;
  }
  .side {
    border-left: 0;
    border-top: var(--line) solid var(--ink);
    padding: 12px 14px;
  }
}
</style>
