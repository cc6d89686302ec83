<script setup lang="ts">
/** Planned against done, year by year: an outline for the plan, ink for what went. */
import tell from 'words:tree'
import SaidText from '@/controls/SaidText.vue'
import { useAct } from '@/composables/useAct'
import { api, heed } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { newId } from '@/api/ids'
import MeasureField from '@/controls/MeasureField.vue'
import { lengthWords, shareWords, weightWords, parseWeight } from '@/geometry/measure'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'

const props = defineProps<{ treeId: string }>()
const { units } = useSettings()
const { data } = useQuery({
  queryKey: ['look-back', () => props.treeId],
  queryFn: () =>
    heed(api.GET('/api/trees/{id}/look-back', { params: { path: { id: props.treeId } } })),
})
const grown = ref<number | null>(null)
const kg = ref('')
const heard = ref('')
const { act, trouble } = useAct()
let pickId = newId()
async function keep(does: () => Promise<string>) {
  heard.value = ''
  await act(async () => {
    heard.value = await does()
  })
}
const measure = () =>
  keep(async () => {
    const body = { length_m: grown.value!, day: null, units: units.value }
    const found = await heed(
      api.POST('/api/trees/{id}/regrowth', { params: { path: { id: props.treeId } }, body }),
    )
    grown.value = null
    return found.reasons[0]!.text
  })
const pick = () =>
  keep(async () => {
    // a comma is as good as a point
    const body = {
      id: pickId,
      scope: 'tree' as const,
      scope_id: props.treeId,
      day: null,
      kg: parseWeight(kg.value, units.value) ?? 0,
      who: '',
    }
    const made = await heed(api.POST('/api/harvests', { body }))
    pickId = newId()
    kg.value = ''
    return tell('written-down-2', { kg: weightWords(made.kg, units.value) })
  })
const most = computed(() =>
  Math.max(0.3, ...(data.value?.years ?? []).flatMap((y) => [y.done_share, y.planned_share ?? 0])),
)
const width = (share: number) => `${(share / most.value) * 100}%`
</script>

<template>
  <section v-if="data" :aria-label="tell('look-back')">
    <h2 class="text-part">{{ tell('look-back') }}</h2>
    <p v-if="data.grown" class="keep my-1" data-test="grown">
      <SaidText :text="data.grown.reason.text" />
    </p>
    <p v-if="!data.years.length" class="text-note">{{ tell('nothing-was-cut-or-picked-here') }}</p>
    <ul>
      <li
        v-for="y in data.years"
        :key="y.year"
        class="border-t border-rule py-2 grid grid-cols-[3.2rem_1fr] gap-x-3"
      >
        <b class="num">{{ y.year }}</b>
        <div>
          <div class="bar" aria-hidden="true">
            <i :style="{ width: width(y.done_share) }" /><u
              v-if="y.planned_share !== null"
              :style="{ width: width(y.planned_share) }"
            />
          </div>
          <p class="text-note">
            {{ tell('of-the-canopy-went', { doneShare: shareWords(y.done_share) })
            }}<template v-if="y.planned_share !== null">{{
              tell('was-planned', { plannedShare: shareWords(y.planned_share) })
            }}</template
            >; {{ y.done_cuts }} {{ tell('cuts-4', { doneCuts: y.done_cuts })
            }}<template v-if="y.planned_cuts"
              >{{ ' ' }}{{ tell('of-5', { plannedCuts: y.planned_cuts }) }}</template
            ><template v-if="y.taken_minutes !== null"
              >; {{ Math.round(y.taken_minutes) }} min<template
                v-if="y.reckoned_minutes !== null"
                >{{ tell('about-unwatched', { count: Math.round(y.reckoned_minutes) }) }}</template
              ></template
            ><template v-if="y.height_m !== null">{{
              tell('tall-after', { height: lengthWords(y.height_m, units) })
            }}</template
            ><template v-if="y.crop_kg !== null">{{
              tell('picked-2', { crop: weightWords(y.crop_kg, units) })
            }}</template
            >.
          </p>
        </div>
      </li>
    </ul>
    <p v-for="r in data.reasons" :key="r.code" class="keep text-note mt-1">
      <SaidText :text="r.text" />
    </p>
    <div class="grid sm:grid-cols-2 gap-x-5 gap-y-3 mt-3 no-print">
      <form
        class="grid grid-cols-[1fr_auto] gap-2 items-end"
        :aria-label="tell('regrowth')"
        @submit.prevent="measure"
      >
        <MeasureField
          :label="tell('longest-shoots-at-the-last')"
          kind="length"
          :model-value="grown"
          @update:model-value="grown = $event"
        />
        <button class="btn" :disabled="grown === null">{{ tell('set-vigour') }}</button>
      </form>
      <form
        class="grid grid-cols-[1fr_auto] gap-2 items-end"
        :aria-label="tell('fruit-picked')"
        @submit.prevent="pick"
      >
        <div>
          <label class="label" :for="`kg-${treeId}`">{{
            tell('fruit-picked-today', { which: units === 'us' ? 'lb' : 'kg' })
          }}</label>
          <input
            :id="`kg-${treeId}`"
            v-model="kg"
            class="field"
            inputmode="decimal"
            autocomplete="off"
          />
        </div>
        <button class="btn" :disabled="!(Number(kg.replace(',', '.')) > 0)">
          {{ tell('write-down') }}
        </button>
      </form>
    </div>
    <p v-if="heard" role="status" class="text-note mt-1">{{ heard }}</p>
    <p v-if="trouble" role="alert" class="wrong mt-1">{{ trouble }}</p>
  </section>
</template>

<style scoped>
.bar {
  position: relative;
  height: 14px;
  margin-bottom: 3px;
}
.bar i,
.bar u {
  position: absolute;
  inset: 0 auto 0 0;
}
.bar i {
  background: var(--leaf);
}
.bar u {
  border: 2px solid var(--ink);
}
</style>
