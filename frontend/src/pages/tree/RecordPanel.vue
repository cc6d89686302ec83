<script setup lang="ts">
/** The tree's record, what is due, its sheets, and its log; work already done is logged here. */
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
      <p>It is gone since {{ dayWords(tree.removed_on) }}; its log stays.</p>
      <button type="button" class="btn btn-small" :disabled="busy" @click="stands">
        It stands again
      </button>
    </div>
    <dl class="record">
      <dt>Stands in</dt>
      <dd>
        {{ tree.site }}, {{ tree.block }} ·
        <RouterLink class="link" :to="`/year?tree=${tree.id}`">its year</RouterLink> ·
        <RouterLink class="link" :to="`/tree/${tree.id}/limbs`">its limbs</RouterLink>
      </dd>
      <template v-if="tree.sizes.height_m">
        <dt>Height</dt>
        <dd>
          {{ lengthWords(tree.sizes.height_m, units)
          }}<template v-if="tree.frame"
            >, {{ tree.frame.drawn ? 'measured' : 'said' }}
            {{ dayWords(tree.frame.date) }}</template
          ><template v-if="tree.cap_m"> · wanted {{ lengthWords(tree.cap_m, units) }}</template>
        </dd>
      </template>
      <dt>Union</dt>
      <dd>
        <template v-if="tree.union_m !== null"
          >{{ lengthWords(tree.union_m, units) }} up,
          {{ tree.union_mark ?? 'not marked' }}</template
        ><template v-else>{{ tree.union_mark ?? 'not known' }}</template>
      </dd>
      <template v-if="tree.pot_l"
        ><dt>Pot</dt>
        <dd>
          {{ volumeWords(tree.pot_l, units)
          }}{{ tree.under_cover ? ', under cover in winter' : '' }}
        </dd></template
      >
      <dt>Cut this growing year</dt>
      <dd>{{ shareWords(tree.used_share) }} of {{ shareWords(tree.year_share) }}</dd>
    </dl>
    <div class="grid grid-cols-3 gap-2">
      <div>
        <label class="label" for="seen-fruit">Fruit on it</label>
        <PickOne
          id="seen-fruit"
          class="field"
          :model-value="value('fruit_on')"
          @update:model-value="see({ kind: 'fruit_on', value: $event })"
        >
          <option value="" disabled>by the calendar</option>
          <option value="none">none</option>
          <option value="light">a light crop</option>
          <option value="full">a full crop</option>
        </PickOne>
      </div>
      <div>
        <label class="label" for="seen-condition">Condition</label>
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
          >
            {{ c }}
          </option>
        </PickOne>
        <RouterLink class="link text-note" :to="`/tree/${tree.id}/frost`"
          >Hurt by frost?</RouterLink
        >
      </div>
      <div v-if="!tree.pot_l">
        <label class="label" for="seen-prized">One you would not lose?</label>
        <PickOne
          id="seen-prized"
          class="field"
          :model-value="value('prized') || 'no'"
          @update:model-value="see({ kind: 'prized', value: $event })"
        >
          <option value="no">like any other</option>
          <option value="yes">its union is covered at any age</option>
        </PickOne>
      </div>
      <div v-if="tree.pot_l">
        <label class="label" for="seen-tall">For its winter room</label>
        <PickOne
          id="seen-tall"
          class="field"
          :model-value="value('too_tall') || 'no'"
          @update:model-value="see({ kind: 'too_tall', value: $event })"
        >
          <option value="no">it fits</option>
          <option value="yes">too tall</option>
        </PickOne>
      </div>
      <div v-else-if="tree.species === 'mango'">
        <label class="label" for="seen-low">The bloom sat</label>
        <PickOne
          id="seen-low"
          class="field"
          :model-value="value('low_bloom') || 'no'"
          @update:model-value="see({ kind: 'low_bloom', value: $event })"
        >
          <option value="no">all over</option>
          <option value="yes">late and low</option>
        </PickOne>
      </div>
    </div>
    <SeenDates :tree="tree" />
    <SideCarries v-if="tree.standing === 'drawn'" :tree="tree" />
    <RouterLink class="link" :to="`/place?tree=${tree.id}`"
      >The ways of working for this tree</RouterLink
    >
    <PutRight :tree="tree" />
    <GraftsForm :tree="tree" />
    <CalledForm :tree="tree" />
    <BlockForm :tree="tree" />
    <section v-if="tree.tasks.length" aria-label="Come back">
      <h2 class="text-part">Come back</h2>
      <ul>
        <li
          v-for="t in tree.tasks"
          :key="t.id"
          class="flex gap-3 items-center border-t border-rule py-2"
        >
          <b class="num w-28">{{ dayWords(t.due) }}</b>
          <span class="flex-1 text-note"
            >{{ t.does }}
            <RouterLink class="link text-ink2 text-small" :to="`/known?find=${t.rule}`"
              >rule</RouterLink
            ></span
          >
          <button type="button" class="btn btn-small" @click="settle(t)">Done</button>
        </li>
      </ul>
    </section>
    <section v-if="tree.sheets.length" aria-label="Cut sheets">
      <h2 class="text-part">Cut sheets</h2>
      <ul>
        <li v-for="s in tree.sheets" :key="s.id" class="border-t border-rule py-1.5">
          <RouterLink class="link mr-2" :to="`/sheet/${s.id}`"
            >{{ dayWords(s.day) }}, {{ s.work_words }}</RouterLink
          >
          <span class="text-ink2">{{ s.state }}</span>
        </li>
      </ul>
    </section>
    <section aria-label="Photos" class="grid gap-2">
      <h2 class="text-part">Before and after</h2>
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
    <section aria-label="Log">
      <div class="flex flex-wrap gap-2 items-center mb-1">
        <h2 class="text-part mr-auto">Log</h2>
        <button type="button" class="btn btn-small" @click="logging = !logging">
          {{ logging ? 'Leave it' : 'Log a cut already made' }}
        </button>
        <RouterLink class="btn btn-small" :to="`/tree/${tree.id}/cut/count`">Count cuts</RouterLink>
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
        The tree is gone
      </button>
      <button
        v-else-if="leaving"
        type="button"
        class="btn btn-small !border-tape !text-tape"
        @click="gone()"
      >
        Yes, it is gone; keep its log
      </button>
      <button
        type="button"
        class="btn btn-small !whitespace-normal"
        :disabled="busy"
        @click="takeMean()"
      >
        Take this row's measured trees for the rest of it
      </button>
      <p v-if="mean" class="mt-1 text-note" role="status">
        Mean of {{ mean.from_trees }}: {{ lengthWords(mean.height_m, units) }} tall,
        {{ lengthWords(mean.spread_m, units) }} across; {{ mean.applied_to }} others sketched from
        it.
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
