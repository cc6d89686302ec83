<script setup lang="ts">
/** The tree's record, what is due, its sheets, and its log; work already done is logged here. */
import tell from 'words:tree'
import PickOne from '@/controls/PickOne.vue'
import { useAct } from '@/composables/useAct'
import { api, heed, type Schemas, type Tree } from '@/api/client'
import LogEntries from '@/controls/LogEntries.vue'
import PastWork from '@/controls/PastWork.vue'
import BlockForm from './BlockForm.vue'
import CalledForm from './CalledForm.vue'
import GraftsForm from './GraftsForm.vue'
import LookBack from './LookBack.vue'
import PutRight from './PutRight.vue'
import SeenDates from './SeenDates.vue'
import SideCarries from './SideCarries.vue'
import { useSettings } from '@/composables/useSettings'
import { dayWords } from '@/geometry/day'
import { lengthWords, shareWords, volumeWords } from '@/geometry/measure'
import { useQueryClient } from '@tanstack/vue-query'
import PhotoTake from '@/controls/PhotoTake.vue'
import BeforeAfter from '@/drawings/BeforeAfter.vue'
import { computed, ref } from 'vue'

const props = defineProps<{ tree: Tree }>()
const { units } = useSettings()
const queries = useQueryClient()
const logging = ref(false)
const { act, busy, trouble } = useAct()
const params = computed(() => ({ path: { id: props.tree.id } }))
const settle = (t: Tree['tasks'][number]) =>
  act(() =>
    heed(
      api.PUT('/api/tasks/{id}', {
        params: { path: { id: t.id } },
        body: { version: t.version, state: 'done' },
      }),
    ),
  )
const mean = ref<Schemas['MeanOut'] | null>(null)
const takeMean = () =>
  act(async () => {
    const params = { path: { id: props.tree.row_id } }
    mean.value = await heed(api.POST('/api/rows/{id}/mean', { params }))
  })
const see = (given: { kind: string; value: string }) =>
  act(() => {
    const body = { ...given, date: props.tree.day }
    return heed(api.POST('/api/trees/{id}/observations', { params: params.value, body }))
  })
const leaving = ref(false)
const gone = () =>
  act(async () => {
    const body = { version: props.tree.version, date: null }
    await heed(api.POST('/api/trees/{id}/gone', { params: params.value, body }))
    leaving.value = false
  })
const stands = () =>
  act(() => {
    const body = { version: props.tree.version }
    return heed(api.POST('/api/trees/{id}/stands', { params: params.value, body }))
  })
/** The newest photo after work, and the one before it. */
const after = computed(() => props.tree.photos.filter((p) => p.moment === 'after').at(-1))
const before = computed(() =>
  props.tree.photos
    .filter((p) => p.moment === 'before' && (!after.value || p.day <= after.value.day))
    .at(-1),
)
const value = (kind: string) => props.tree.seen.find((s) => s.kind === kind)?.value ?? ''
</script>

<template>
  <div class="flex flex-col gap-4">
    <div v-if="tree.removed_on" class="keep flex flex-wrap gap-3 items-center" role="status">
      <p>{{ tell('it-is-gone-since-its-log', { removedOn: dayWords(tree.removed_on) }) }}</p>
      <button type="button" class="btn btn-small" :disabled="busy" @click="stands">
        {{ tell('it-stands-again') }}
      </button>
    </div>
    <dl class="record">
      <dt>{{ tell('stands-in') }}</dt>
      <dd>
        {{ tree.site }}, {{ tree.block }} ·
        <RouterLink class="link" :to="`/year?tree=${tree.id}`">{{ tell('its-year') }}</RouterLink> ·
        <RouterLink class="link" :to="`/tree/${tree.id}/limbs`">{{
          tell('its-limbs-2')
        }}</RouterLink>
      </dd>
      <template v-if="tree.sizes.height_m">
        <dt>{{ tell('height') }}</dt>
        <dd>
          {{ lengthWords(tree.sizes.height_m, units)
          }}<template v-if="tree.frame"
            >, {{ tree.frame.drawn ? tell('measured-2') : tell('said-2') }}
            {{ dayWords(tree.frame.date) }}</template
          ><template v-if="tree.cap_m"
            >{{ ' ' }}{{ tell('wanted-3', { cap: lengthWords(tree.cap_m, units) }) }}</template
          >
        </dd>
      </template>
      <dt>{{ tell('union-2') }}</dt>
      <dd>
        <template v-if="tree.union_m !== null">{{
          tell('up', {
            union: lengthWords(tree.union_m, units),
            unionMark: tree.union_mark ?? tell('not-marked'),
          })
        }}</template><template v-else>{{ tree.union_mark ?? tell('not-known') }}</template>
      </dd>
      <template v-if="tree.pot_l"
        ><dt>{{ tell('pot') }}</dt>
        <dd>
          {{ volumeWords(tree.pot_l, units)
          }}{{ tree.under_cover ? tell('under-cover-in-winter-2') : '' }}
        </dd></template
      >
      <dt>{{ tell('cut-this-growing-year') }}</dt>
      <dd>
        {{
          tell('of-7', {
            usedShare: shareWords(tree.used_share),
            yearShare: shareWords(tree.year_share),
          })
        }}
      </dd>
    </dl>
    <div class="grid grid-cols-3 gap-2">
      <div>
        <label class="label" for="seen-fruit">{{ tell('fruit-on-it') }}</label>
        <PickOne
          id="seen-fruit"
          class="field"
          :model-value="value('fruit_on')"
          @update:model-value="see({ kind: 'fruit_on', value: $event })"
        >
          <option value="" disabled>{{ tell('by-the-calendar') }}</option>
          <option value="none">{{ tell('none') }}</option>
          <option value="light">{{ tell('a-light-crop') }}</option>
          <option value="full">{{ tell('a-full-crop') }}</option>
        </PickOne>
      </div>
      <div>
        <label class="label" for="seen-condition">{{ tell('condition') }}</label>
        <PickOne
          id="seen-condition"
          class="field"
          :model-value="value('condition') || 'healthy'"
          @update:model-value="see({ kind: 'condition', value: $event })"
        >
          <option
            v-for="c in [
              'healthy',
              'weak',
              'neglected',
              'transplanted',
              'diseased',
              'wilting',
              'leafless',
            ]"
            :key="c"
            :value="c"
          >
            {{ tell('tree-condition', { condition: c }) }}
          </option>
        </PickOne>
        <RouterLink class="link text-note" :to="`/tree/${tree.id}/frost`">{{
          tell('hurt-by-frost-2')
        }}</RouterLink>
      </div>
      <div v-if="!tree.pot_l">
        <label class="label" for="seen-prized">{{ tell('one-you-would-not-lose') }}</label>
        <PickOne
          id="seen-prized"
          class="field"
          :model-value="value('prized') || 'no'"
          @update:model-value="see({ kind: 'prized', value: $event })"
        >
          <option value="no">{{ tell('like-any-other') }}</option>
          <option value="yes">{{ tell('its-union-is-covered-at') }}</option>
        </PickOne>
      </div>
      <div v-if="tree.pot_l">
        <label class="label" for="seen-tall">{{ tell('for-its-winter-room') }}</label>
        <PickOne
          id="seen-tall"
          class="field"
          :model-value="value('too_tall') || 'no'"
          @update:model-value="see({ kind: 'too_tall', value: $event })"
        >
          <option value="no">{{ tell('it-fits') }}</option>
          <option value="yes">{{ tell('too-tall') }}</option>
        </PickOne>
      </div>
      <div v-else-if="tree.species === 'mango'">
        <label class="label" for="seen-low">{{ tell('the-bloom-sat') }}</label>
        <PickOne
          id="seen-low"
          class="field"
          :model-value="value('low_bloom') || 'no'"
          @update:model-value="see({ kind: 'low_bloom', value: $event })"
        >
          <option value="no">{{ tell('all-over') }}</option>
          <option value="yes">{{ tell('late-and-low') }}</option>
        </PickOne>
      </div>
    </div>
    <SeenDates :tree="tree" />
    <SideCarries v-if="tree.standing === 'drawn'" :tree="tree" />
    <RouterLink class="link" :to="`/place?tree=${tree.id}`">{{
      tell('the-ways-of-working-for')
    }}</RouterLink>
    <PutRight :tree="tree" />
    <GraftsForm :tree="tree" />
    <CalledForm :tree="tree" />
    <BlockForm :tree="tree" />
    <section v-if="tree.tasks.length" :aria-label="tell('come-back-2')">
      <h2 class="text-part">{{ tell('come-back-2') }}</h2>
      <ul>
        <li
          v-for="t in tree.tasks"
          :key="t.id"
          class="flex gap-3 items-center border-t border-rule py-2"
        >
          <b class="num w-28">{{ dayWords(t.due) }}</b>
          <span class="flex-1 text-note"
            >{{ t.does }}
            <RouterLink class="link text-ink2 text-small" :to="`/known?find=${t.rule}`">{{
              tell('rule')
            }}</RouterLink></span
          >
          <button type="button" class="btn btn-small" @click="settle(t)">{{ tell('done') }}</button>
        </li>
      </ul>
    </section>
    <section v-if="tree.sheets.length" :aria-label="tell('cut-sheets')">
      <h2 class="text-part">{{ tell('cut-sheets') }}</h2>
      <ul>
        <li v-for="s in tree.sheets" :key="s.id" class="border-t border-rule py-1.5">
          <RouterLink class="link mr-2" :to="`/sheet/${s.id}`"
            >{{ dayWords(s.day) }}, {{ s.work_words }}</RouterLink
          >
          <span class="text-ink2">{{ tell('sheet-state', { state: s.state }) }}</span>
        </li>
      </ul>
    </section>
    <section :aria-label="tell('photos')" class="grid gap-2">
      <h2 class="text-part">{{ tell('before-and-after') }}</h2>
      <BeforeAfter v-if="before && after" :before="before" :after="after" :name="tree.name" />
      <div class="grid grid-cols-2 gap-2 items-start">
        <PhotoTake
          :tree="tree.id"
          :name="tree.name"
          moment="before"
          :photos="tree.photos"
          @taken="queries.invalidateQueries()"
        />
        <PhotoTake
          :tree="tree.id"
          :name="tree.name"
          moment="after"
          :photos="tree.photos"
          @taken="queries.invalidateQueries()"
        />
      </div>
    </section>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <LookBack :tree-id="tree.id" />
    <section :aria-label="tell('log')">
      <div class="flex flex-wrap gap-2 items-center mb-1">
        <h2 class="text-part mr-auto">{{ tell('log') }}</h2>
        <button type="button" class="btn btn-small" @click="logging = !logging">
          {{ logging ? tell('leave-it-2') : tell('log-a-cut-already-made') }}
        </button>
        <RouterLink class="btn btn-small" :to="`/tree/${tree.id}/cut/count`">{{
          tell('count-cuts')
        }}</RouterLink>
      </div>
      <PastWork
        v-if="logging"
        :tree-id="tree.id"
        :day="tree.day"
        :frame-height="tree.frame?.height_m ?? null"
        @done="logging = false"
      />
      <LogEntries :entries="tree.log" correctable />
    </section>
    <div class="pb-3 flex flex-wrap gap-2">
      <button
        v-if="!leaving && !tree.removed_on"
        type="button"
        class="btn btn-small"
        @click="leaving = true"
      >
        {{ tell('the-tree-is-gone') }}
      </button>
      <button
        v-else-if="leaving"
        type="button"
        class="btn btn-small !border-tape !text-tape"
        @click="gone()"
      >
        {{ tell('yes-it-is-gone-keep') }}
      </button>
      <button
        type="button"
        class="btn btn-small !whitespace-normal"
        :disabled="busy"
        @click="takeMean()"
      >
        {{ tell('take-this-row-s-measured') }}
      </button>
      <p v-if="mean" class="mt-1 text-note" role="status">
        {{
          tell('mean-of-tall-across-others', {
            fromTrees: mean.from_trees,
            height: lengthWords(mean.height_m, units),
            spread: lengthWords(mean.spread_m, units),
            appliedTo: mean.applied_to,
          })
        }}
      </p>
    </div>
  </div>
</template>

<style scoped>
.record {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 14px;
}
.record dt {
  color: var(--ink2);
}
</style>
