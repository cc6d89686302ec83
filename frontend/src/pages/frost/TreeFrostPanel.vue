<script setup lang="ts">
/**
 * One tree after a frost: the verdict on top, the drawing beside, and one question of the work at a
 * time.
 */
import tell from 'words:frost'
import SaidText from '@/controls/SaidText.vue'
import DayField from '@/controls/DayField.vue'
import { api, heed, sentence } from '@/api/client'
import { useFrost } from '@/composables/useFrost'
import { useSettings } from '@/composables/useSettings'
import { useStage } from '@/composables/useStage'
import WhyDialog from '@/controls/WhyDialog.vue'
import FrostMarks from '@/drawings/FrostMarks.vue'
import ToneMark from '@/drawings/ToneMark.vue'
import { dayWords } from '@/geometry/day'
import { spreadWords } from '@/geometry/warmth'
import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/vue'
import { useQuery } from '@tanstack/vue-query'
import { computed, h, ref, toRef } from 'vue'
import AlivePanel from './AlivePanel.vue'
import ClassSay from './ClassSay.vue'
import CropPanel from './CropPanel.vue'
import CutsPanel from './CutsPanel.vue'
import GrowOnPanel from './GrowOnPanel.vue'
import ScratchPanel from './ScratchPanel.vue'
import WaitPanel from './WaitPanel.vue'

defineOptions({ inheritAttrs: false })
const props = defineProps<{ id: string }>()
const { units } = useSettings()
const {
  data: frost,
  error,
  isPending,
  trouble,
  busy,
  kept,
  act,
  scratch,
  look,
  say,
  saw,
} = useFrost(toRef(props, 'id'))
const { data: cuts } = useQuery({
  queryKey: ['frost-cuts', toRef(props, 'id'), units],
  queryFn: () =>
    heed(
      api.GET('/api/trees/{id}/frost-cuts', {
        params: { path: { id: props.id }, query: { units: units.value } },
      }),
    ),
})
const tab = ref(0)
const TABS = [
  { id: 'wait', name: () => tell('wait') },
  { id: 'alive', name: () => tell('alive') },
  { id: 'scratch', name: () => tell('scratch') },
  { id: 'cuts', name: () => tell('cuts-2') },
  { id: 'grow', name: () => tell('grow-on') },
  { id: 'crop', name: () => tell('crop-2') },
] as const
const onTab = (id: (typeof TABS)[number]['id']) => TABS[tab.value]?.id === id
const limb = ref('')
const test = computed(
  () => frost.value?.limbs.find((l) => l.limb === limb.value) ?? frost.value?.limbs[0] ?? null,
)
const early = computed(() => !!frost.value?.scratch_from)
const at = computed(() =>
  early.value ? null : (test.value?.found.next_at_m ?? test.value?.again_at_m ?? null),
)
const stages = computed(() => cuts.value?.stages ?? [])
const opened = ref('')
const stage = computed(
  () =>
    stages.value.find((s) => s.name === opened.value) ??
    stages.value.find((s) => s.cuts.length) ??
    null,
)
/** On the drawing: the cuts of the stage that is open, or the one cut of the limb in hand. */
const marks = computed(() => {
  if (onTab('cuts'))
    return (stage.value?.cuts ?? []).map((c) => ({ limb: c.advice.limb, keep_m: c.advice.keep_m }))
  const cut = test.value?.found.cut_at_m
  return onTab('scratch') && test.value && cut !== null && cut !== undefined
    ? [{ limb: test.value.limb, keep_m: cut }]
    : []
})
const scratching = computed(() => onTab('scratch'))
async function scratched(on: string, where: number, green: boolean) {
  limb.value = on
  await scratch(on, where, green)
}
const cautions = computed(
  () => frost.value?.verdict?.reasons.find((r) => r.code === 'cautions')?.text ?? '',
)
useStage(() => {
  const f = frost.value
  if (!f?.frame) return { plain: true }
  return {
    frame: f.frame,
    plain: true,
    touch: true,
    cuts: marks.value,
    gone: onTab('cuts') ? (stage.value?.gone ?? []) : [],
    selected: scratching.value ? (test.value?.limb ?? null) : null,
    pick: (id) => ((limb.value = id), (tab.value = 2)),
    marks: onTab('cuts')
      ? undefined
      : (view) =>
          h(FrostMarks, {
            frame: f.frame!,
            view,
            tests: f.limbs,
            selected: scratching.value ? (test.value?.limb ?? null) : null,
            at: at.value,
          }),
  }
})
const night = ref('')
const working = ref(false)
</script>

<template>
  <p v-if="isPending">{{ tell('fetching-the-tree') }}</p>
  <p v-else-if="error" class="wrong" role="alert">{{ sentence(error) }}</p>
  <div v-else-if="frost && !frost.hurt" class="max-w-xl grid gap-3">
    <h2 class="text-head">{{ tell('not-hurt') }}</h2>
    <p>
      {{ tell('no-class-of-frost-damage') }}
      <RouterLink class="link" to="/frost">{{ tell('say-what-the-night-was') }}</RouterLink>{{
        tell('or-what-you-see-on')
      }}
    </p>
    <div>
      <label class="label" for="own-night">{{ tell('the-night-of-else-the') }}</label>
      <DayField id="own-night" v-model="night" :max="frost.today" />
    </div>
    <ClassSay :frost-class="null" :busy="busy" @say="say($event, night || null)" />
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
  </div>
  <div v-else-if="frost" class="grid gap-3 content-start">
    <p class="tag text-lead">
      {{ frost.frost_class }}
      <span class="font-normal">(±{{ spreadWords(frost.uncertain_c, units) }})</span>,
      {{ dayWords(frost.night!) }}
    </p>
    <section
      v-if="frost.verdict"
      :aria-label="tell('verdict')"
      class="grid gap-1"
      data-test="verdict"
    >
      <div class="flex gap-3 items-start">
        <ToneMark :tone="frost.verdict.tone" />
        <p class="text-lead">
          <b><SaidText :text="frost.verdict.reasons[0]?.text ?? ''" /></b>
        </p>
      </div>
      <p class="num !whitespace-normal">
        {{ frost.verdict.when }}
      </p>
    </section>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <TabGroup :selected-index="tab" @change="tab = $event">
      <TabList class="steps" :aria-label="tell('the-work-after-a-frost')">
        <Tab v-for="t in TABS" :key="t.id" class="step">{{ t.name() }}</Tab>
      </TabList>
      <TabPanels>
        <TabPanel
          ><WaitPanel :frost="frost" :busy="busy" @look="look" @say="say" @working="working = true"
        /></TabPanel>
        <TabPanel>
          <AlivePanel
            :id="id"
            :frost="frost"
            :early="early"
            :busy="busy"
            @saw="saw"
            @round="(b, g) => scratch('trunk', frost!.stem!.at_m, g, b)"
          />
        </TabPanel>
        <TabPanel data-test="scratch"
          ><ScratchPanel
            :frost="frost"
            :test="test"
            :at="at"
            :kept="kept"
            :early="early"
            :busy="busy"
            @pick="limb = $event"
            @scratch="scratched"
        /></TabPanel>
        <TabPanel
          ><CutsPanel
            :id="id"
            :stages="stages"
            :open="stage?.name ?? ''"
            :today="frost.today"
            :cautions="cautions"
            :act="act"
            @open="opened = $event"
        /></TabPanel>
        <TabPanel><GrowOnPanel :id="id" :act="act" :busy="busy" /></TabPanel>
        <TabPanel><CropPanel :frost="frost" :busy="busy" @back="say('F0')" /></TabPanel>
      </TabPanels>
    </TabGroup>
    <WhyDialog
      v-if="frost.verdict"
      v-model="working"
      :title="tell('after-frost')"
      :sentence="frost.verdict.reasons[0]?.text ?? ''"
      :reasons="[
        ...frost.verdict.reasons,
        ...(frost.feed ? [frost.feed.reason] : []),
        ...(frost.recovery?.reasons ?? []),
      ]"
    />
  </div>
</template>

<style scoped>
.steps {
  display: flex;
  flex-wrap: wrap;
  gap: 2px;
  border-bottom: var(--line) solid var(--ink);
  margin-bottom: 2px;
}
.step {
  font: 600 17px/1 var(--font-tag);
  padding: 9px 11px;
  min-height: 44px;
  color: var(--ink2);
  white-space: nowrap;
}
.step[aria-selected='true'] {
  color: var(--ink);
  box-shadow: inset 0 -5px 0 var(--ink);
}
@media (max-width: 640px) {
  .step {
    padding: 9px 6px;
  }
}
</style>
