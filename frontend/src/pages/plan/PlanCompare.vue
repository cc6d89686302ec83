<script setup lang="ts">
/** What a plan comes to; with another aim beside it. */
import tell from 'words:plan'
import PickOne from '@/controls/PickOne.vue'
import type { Schemas } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { diameterWords, lengthWords, shareWords } from '@/geometry/measure'
import { computed } from 'vue'

type Plan = Schemas['PlanOut']
const props = defineProps<{ plan: Plan; other?: Plan }>()
const beside = defineModel<string | null>({ required: true })
const { units } = useSettings()
const lost = (share: number) => (share < 0.0005 ? '0 %' : `−${shareWords(share)}`)
const percent = (part: number) => `${Math.round(part * 100)} %`
/** How many wounds, and the largest. */
function cutsWords(cuts: NonNullable<Plan['preview']>['cuts']): string {
  const largest = Math.max(0, ...cuts.map((c) => c.wound_mm))
  return tell('to-12', {
    cuts: cuts.filter((c) => !c.void).length,
    largest: diameterWords(largest, units.value),
  })
}
const figures = (p: Plan): Record<string, string> => ({
  [tell('height-after')]: p.preview ? lengthWords(p.preview.after.height_m, units.value) : '–',
  [tell('spread-after')]: p.preview ? lengthWords(p.preview.after.radius_m * 2, units.value) : '–',
  [tell('canopy-taken')]: shareWords(p.share),
  [tell('fruit-on-it-2')]: String(p.preview?.cuts.reduce((sum, c) => sum + c.fruit_lost, 0) ?? 0),
  [tell('wounds')]: p.preview ? cutsWords(p.preview.cuts) : tell('none'),
  [tell('time-on-the-tree')]: `${Math.ceil(p.minutes)} min`,
  [tell('light-on-the-lower-limbs')]: `${percent(p.light.before)} → ${percent(p.light.after)}`,
  [tell('crop-this-next-third')]: [p.crop.this_year, p.crop.next_year, p.crop.third_year]
    .map(lost)
    .join(', '),
})
const rows = computed(() => {
  const [a, b] = [figures(props.plan), props.other && beside.value ? figures(props.other) : null]
  return Object.entries(a).map(([name, value]) => ({
    name,
    a: value,
    b: b?.[name] ?? '',
  }))
})
const goal = (id: string) => props.plan.goals.find((g) => g.id === id)?.name ?? id
</script>

<template>
  <section :aria-label="tell('what-it-comes-to')">
    <div class="flex justify-between items-end gap-3">
      <h2 class="text-part">{{ tell('what-it-comes-to') }}</h2>
      <div>
        <label class="label" for="beside">{{ tell('beside-it') }}</label>
        <PickOne id="beside" v-model="beside" class="field">
          <option :value="null">{{ tell('no-other-plan') }}</option>
          <option
            v-for="g in plan.goals.filter((g) => g.id !== plan.goal)"
            :key="g.id"
            :value="g.id"
          >
            {{ g.name }}
          </option>
        </PickOne>
      </div>
    </div>
    <table class="w-full mt-1" data-test="compare">
      <thead class="text-left">
        <tr>
          <th scope="col">
            <span class="sr-only">{{ tell('measure') }}</span>
          </th>
          <th scope="col">{{ goal(plan.goal) }}</th>
          <th v-if="beside" scope="col">{{ goal(beside) }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.name" class="border-t border-rule">
          <th scope="row" class="text-left font-normal text-ink2 py-1">{{ r.name }}</th>
          <td class="num">{{ r.a }}</td>
          <td v-if="beside" class="num">{{ r.b }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
