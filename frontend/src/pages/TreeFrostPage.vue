<script setup lang="ts">
/** One tree after a frost: verdict and dates, signs of these days, scratches limb by limb, feed, and the crop to come. */
import { api, heed, sentence, type Schemas } from '@/api/client'
import { newId } from '@/api/ids'
import { useNarrow } from '@/composables/useNarrow'
import { useSettings } from '@/composables/useSettings'
import WorkingDialog from '@/controls/WorkingDialog.vue'
import ToneMark from '@/drawings/ToneMark.vue'
import TreeElevation from '@/drawings/TreeElevation.vue'
import { dayWords, lengthWords, shareWords, weightWords, windWords } from '@/geometry/measure'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, toRef } from 'vue'

const props = defineProps<{ id: string }>()
const { units } = useSettings()
const narrow = useNarrow()
const queries = useQueryClient()
const key = ['after-frost', toRef(props, 'id')]
const {
  data: frost,
  error,
  isPending,
} = useQuery({ queryKey: key, queryFn: () => heed(api.GET('/api/trees/{id}/after-frost', { params: { path: { id: props.id } } })) })
const from = ref(180)
const limb = ref('')
const test = computed(() => frost.value?.limbs.find((l) => l.limb === limb.value) ?? frost.value?.limbs[0] ?? null)
const trouble = ref('')
async function act(what: () => Promise<unknown>) {
  trouble.value = ''
  try {
    await what()
    void queries.invalidateQueries()
  } catch (problem) {
    trouble.value = sentence(problem)
  }
}
const scratch = (green: boolean) =>
  act(async () => {
    const t = test.value!
    limb.value = t.limb
    const body = { id: newId(), limb: t.limb, at_m: t.found.next_at_m!, green, day: null }
    const answer = await heed(api.POST('/api/trees/{id}/scratches', { params: { path: { id: props.id } }, body }))
    queries.setQueryData(['after-frost', props.id], answer)
  })
const saw = (kind: 'frost_above' | 'frost_below', value: 'yes' | 'no') =>
  act(() => heed(api.POST('/api/trees/{id}/observations', { params: { path: { id: props.id } }, body: { kind, value, date: frost.value!.today! } })))
/** The mark on the drawing: where to scratch next, or where to cut. */
const marks = computed(() => {
  const t = test.value
  if (!t) return []
  const at = t.found.next_at_m ?? t.found.cut_at_m
  return at === null ? [] : [{ limb: t.limb, keep_m: Math.max(0.02, at) }]
})
const TONES: Record<Schemas['FrostVerdictOut']['verdict'], 'go' | 'wait' | 'stop' | 'light'> = {
  alive: 'go',
  wait: 'wait',
  'rootstock-only': 'light',
  dead: 'stop',
}
const years = computed(() => frost.value?.recovery?.shares.slice(0, 6) ?? [])
const working = ref(false)
</script>

<template>
  <p v-if="isPending" class="p-6">Fetching the tree …</p>
  <p v-else-if="error" class="p-6 wrong" role="alert">{{ sentence(error) }}</p>
  <div v-else-if="frost && !frost.hurt" class="p-6 max-w-xl grid gap-3">
    <h1 class="text-[1.7rem]">Not hurt</h1>
    <p>
      No class of frost damage is written down for this tree. <RouterLink class="link" to="/frost">Say what the night was</RouterLink>, or set it
      under the tree’s record.
    </p>
  </div>
  <div v-else-if="frost" class="beside">
    <section class="beside-draw" aria-label="The tree from the side">
      <div class="flex justify-between items-center px-4 pt-2">
        <span class="tag text-ink2">from {{ windWords(from) }}</span>
        <span class="flex gap-2">
          <button type="button" class="turn" aria-label="Walk round to the left" @click="from = (from + 345) % 360">‹</button>
          <button type="button" class="turn" aria-label="Walk round to the right" @click="from = (from + 15) % 360">›</button>
        </span>
      </div>
      <TreeElevation
        v-if="frost.frame"
        :frame="frost.frame"
        :units="units"
        :from="from"
        :width="narrow ? 420 : 700"
        :height="narrow ? 360 : 640"
        :cap="null"
        :reach="2.05"
        :cuts="marks"
        :selected="test?.limb ?? null"
        plain
        touch
        @pick="limb = $event"
      />
      <p v-else class="p-6">Not drawn yet: give height, spread and trunk on the tree’s own page, then scratch limb by limb here.</p>
    </section>
    <div class="beside-words">
      <div class="flex items-center gap-3">
        <h1 class="text-[1.7rem]">After frost</h1>
        <RouterLink class="plate" :to="`/tree/${id}`">{{ frost.name }}</RouterLink>
        <span class="tag text-lg">{{ frost.frost_class }}, {{ dayWords(frost.night!) }}</span>
      </div>
      <section v-if="frost.verdict" aria-label="Verdict" class="grid gap-1" data-test="verdict">
        <div class="flex gap-3 items-start">
          <ToneMark :tone="TONES[frost.verdict.verdict]" />
          <p class="text-[1.1rem]">
            <b>{{ frost.verdict.reasons[0]?.text }}</b>
          </p>
        </div>
        <p class="num whitespace-normal">
          Judge on {{ dayWords(frost.verdict.judge_on) }} · cut from {{ dayWords(frost.verdict.cut_on)
          }}{{ frost.verdict.look_again ? ` · look again ${dayWords(frost.verdict.look_again)}` : '' }}
        </p>
        <p v-for="r in frost.verdict.reasons.slice(1)" :key="r.code" :class="{ keep: r.code !== 'cautions' }" class="text-[0.97rem]">{{ r.text }}</p>
        <button type="button" class="link justify-self-start min-h-6" @click="working = true">Working</button>
      </section>
      <section aria-label="Is it alive" class="grid gap-2">
        <h2 class="text-[1.25rem]">Is it alive?</h2>
        <p class="text-[0.95rem]">Find the union; dig it out gently if it is buried. Compare what sprouts with the leaves above it.</p>
        <div class="grid sm:grid-cols-2 gap-2">
          <div role="group" aria-label="Alive above the union" class="flex gap-2 items-center">
            <span class="flex-1">Alive above the union?</span>
            <button type="button" class="btn !min-h-12" @click="saw('frost_above', 'yes')">Yes</button
            ><button type="button" class="btn !min-h-12" @click="saw('frost_above', 'no')">No</button>
          </div>
          <div role="group" aria-label="Alive below the union" class="flex gap-2 items-center">
            <span class="flex-1">Alive below it?</span>
            <button type="button" class="btn !min-h-12" @click="saw('frost_below', 'yes')">Yes</button
            ><button type="button" class="btn !min-h-12" @click="saw('frost_below', 'no')">No</button>
          </div>
        </div>
        <RouterLink class="link" :to="`/tree/${id}/shoot`">Whose shoot is it?</RouterLink>
      </section>
      <section v-if="test" aria-label="Scratch test" class="grid grid-cols-[minmax(0,1fr)] gap-2" data-test="scratch">
        <h2 class="text-[1.25rem]">Scratch test</h2>
        <div>
          <label class="label" for="limb">Limb</label>
          <select id="limb" class="field" :value="test.limb" @change="limb = ($event.target as HTMLSelectElement).value">
            <option v-for="l in frost.limbs" :key="l.limb" :value="l.limb">
              {{ l.name }}{{ l.readings.length ? `, ${l.readings.length} scratched` : '' }}
            </option>
          </select>
        </div>
        <p v-if="test.found.next_at_m !== null" class="text-[1.1rem]">
          <b>Scratch at {{ lengthWords(test.found.next_at_m, units) }} from its base.</b> {{ test.found.says }} At most
          {{ test.found.scratches_left }} more on this limb; if brown, try round the stem too.
        </p>
        <p v-else class="text-[1.1rem]" role="status">
          <b>{{ test.found.says }}</b>
          <template v-if="test.found.boundary[0] !== null || test.found.boundary[1] !== null">
            Green to {{ test.found.boundary[0] === null ? 'nowhere' : lengthWords(test.found.boundary[0]!, units) }}, dead from
            {{ test.found.boundary[1] === null ? 'nowhere' : lengthWords(test.found.boundary[1]!, units) }}.
          </template>
        </p>
        <div v-if="test.found.next_at_m !== null" class="grid grid-cols-2 gap-3">
          <button type="button" class="btn big" @click="scratch(true)">Green</button>
          <button type="button" class="btn big" @click="scratch(false)">Brown</button>
        </div>
        <p v-if="test.moved_m !== null && test.moved_m > 0.01" class="keep">
          Dieback went {{ lengthWords(test.moved_m, units) }} further down since the test before.
        </p>
        <p class="text-[0.95rem] text-ink2">
          {{ shareWords(frost.dead_share) }} of the leaf hung on wood that is dead{{
            frost.limbs.some((l) => l.readings.length) ? '' : ', by its class'
          }}.
        </p>
      </section>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <section v-if="frost.leaders" aria-label="What to grow on" class="grid gap-1" data-test="leaders">
        <h2 class="text-[1.25rem]">What to grow on</h2>
        <p class="text-[0.97rem]">{{ frost.leaders.reasons[0]?.text }}</p>
        <ol class="text-[0.95rem]">
          <li v-for="s in frost.leaders.shoots" :key="s.id" class="border-t border-rule py-1 flex gap-3">
            <b class="flex-1">{{ frost.names[s.id] ?? s.id }}</b>
            <span class="flex-[2]">{{ s.reason.text }}</span>
            <span class="num">{{ s.points === null ? 'no' : s.points.toFixed(1) }}</span>
          </li>
        </ol>
      </section>
      <section v-if="frost.feed" aria-label="Bark and feed" class="text-[0.97rem] grid gap-1">
        <h2 class="text-[1.25rem]">Bark and feed</h2>
        <p>Whitewash bark that lost its shade now, before any cut: trunk all round, limbs on their upper side.</p>
        <p>{{ frost.feed.reason.text }}</p>
      </section>
      <section v-if="frost.recovery" aria-label="Crop to come" class="grid gap-1">
        <h2 class="text-[1.25rem]">Crop to come</h2>
        <ul class="years">
          <li v-for="(s, i) in years" :key="i">
            <i :style="{ height: `${s * 60}px` }" aria-hidden="true" /><span class="num">{{ shareWords(s) }}</span
            ><span class="text-ink2">year {{ i + 1 }}</span>
          </li>
        </ul>
        <p v-if="frost.usual_kg" class="text-[0.97rem]">
          {{ frost.recovery.reasons[0]?.text }} Usual crop {{ weightWords(frost.usual_kg, units) }} a tree.
        </p>
        <p v-else class="text-[0.97rem]">Write down what is picked, and the kilograms lost are reckoned too.</p>
      </section>
      <section aria-label="Signs" class="grid gap-1">
        <h2 class="text-[1.25rem]">What to look for, and when</h2>
        <ul class="text-[0.95rem]">
          <li v-for="s in frost.signs" :key="s.sign" class="border-t border-rule py-1">
            <b class="num">{{ dayWords(s.start) }} to {{ dayWords(s.end) }}</b> {{ s.sign }}: {{ s.means }}.
          </li>
        </ul>
      </section>
      <WorkingDialog
        v-if="frost.verdict"
        v-model="working"
        title="After frost"
        :sentence="frost.verdict.reasons[0]?.text ?? ''"
        :reasons="[...frost.verdict.reasons, ...(frost.recovery?.reasons ?? [])]"
      />
    </div>
  </div>
</template>

<style scoped>
.big {
  min-height: 72px;
  font-size: 1.4rem;
}
.years {
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: 8px;
  align-items: end;
  text-align: center;
  font-size: 0.88rem;
}
.years li {
  display: grid;
  justify-items: center;
}
.years i {
  width: 26px;
  min-height: 1px;
  background: var(--fruit);
  border: 1.4px solid var(--ink);
}
</style>
