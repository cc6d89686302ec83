<script setup lang="ts">
/** What is said of a decision: what to do otherwise, with reasons and prices, and what plans do. */
import { decimals } from '@/words/numbers'
import tell from 'words:practice'
import { type Schemas } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import SaidText from '@/controls/SaidText.vue'
import { dayWords } from '@/geometry/day'
import { lengthWords, shareWords } from '@/geometry/measure'
import { computed } from 'vue'

type Plan = Schemas['PlanOfWayOut']
const props = defineProps<{
  found: Schemas['DebriefOut']
  /** Dangers that were not looked for. */
  missed: string[]
}>()
const { units } = useSettings()
const MOST = 3
const dangers = computed(() => props.missed)
const first = computed(() => props.found.remarks.slice(0, Math.max(0, MOST - dangers.value.length)))
const rest = computed(() => props.found.remarks.slice(first.value.length))
type Remark = Schemas['RemarkOut']
const price = (r: Remark) =>
  [
    r.crop > 0.005 ? tell('crops-2', { crop: decimals(r.crop, 2) }) : '',
    r.minutes > 0.5 ? tell('minutes-2', { count: Math.round(r.minutes) }) : '',
    r.years ? tell('years-to-make-good', { years: r.years }) : '',
  ]
    .filter(Boolean)
    .join(', ')
const plans = computed((): [string, Plan][] => [
  [tell('what-you-did'), props.found.yours],
  [
    props.found.better
      ? tell('right-from', { better: dayWords(props.found.better) })
      : tell('right-today'),
    props.found.right,
  ],
  ...props.found.ways.map((w, i): [string, Plan] => [
    w.name
      ? i
        ? tell('others', { name: w.name })
        : tell('the-plan-your-way', { name: w.name })
      : tell('leaving-it-alone'),
    w,
  ]),
])
/** What a plan cuts and when; of another way that does the same, that it does. */
const does = (p: Plan) => {
  if (props.found.alike && p === props.found.ways[1]) return tell('the-same-cuts-the-same')
  const cuts = p.cuts.map((c) => c.name).join('; ')
  return cuts ? `${dayWords(p.day)}: ${cuts}` : tell('no-cut')
}
</script>

<template>
  <section
    :aria-label="tell('talked-over')"
    aria-live="polite"
    class="grid gap-3"
    data-test="debrief"
  >
    <h2 class="text-part">
      {{
        dangers.length || found.remarks.length
          ? tell('to-do-otherwise')
          : tell('as-a-good-practitioner-would')
      }}
    </h2>
    <ol class="grid gap-2">
      <li v-for="d in dangers" :key="d" class="keep font-semibold" data-test="remark">
        <SaidText :text="tell('not-looked-for', { d })" />
      </li>
      <li v-for="(r, i) in first" :key="i" data-test="remark">
        <SaidText :text="r.text" />
        {{ ' ' }}<span v-if="price(r)" class="text-small text-ink2">{{ price(r) }}.</span>
      </li>
    </ol>
    <details v-if="rest.length">
      <summary class="min-h-touch">{{ tell('more-3', { rest: rest.length }) }}</summary>
      <ol class="grid gap-2 text-note">
        <li v-for="(r, i) in rest" :key="i"><SaidText :text="r.text" /> {{ price(r) }}</li>
      </ol>
    </details>
    <div class="overflow-x-auto">
      <table class="w-full text-note plans">
        <caption class="text-left text-small text-ink2">
          {{
            tell('over-seasons-on-this-very', { seasons: found.seasons })
          }}
        </caption>
        <thead>
          <tr>
            <th scope="col" class="text-left">{{ tell('plan') }}</th>
            <th scope="col" class="text-right">{{ tell('taken') }}</th>
            <th scope="col" class="text-right">{{ tell('crops') }}</th>
            <th scope="col" class="text-right">{{ tell('height-2') }}</th>
            <th scope="col" class="text-right">{{ tell('sprout-work') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="[name, p] in plans" :key="name" class="border-t border-rule align-top">
            <th scope="row" class="text-left font-normal py-1">
              <b>{{ name }}</b><br /><span class="text-small text-ink2">{{ does(p) }}</span>
            </th>
            <td class="num text-right" data-of="taken">{{ shareWords(p.share) }}</td>
            <td class="num text-right" data-of="crops">{{ decimals(p.crops, 1) }}</td>
            <td class="num text-right" data-of="height">{{ lengthWords(p.height_m, units) }}</td>
            <td class="num text-right" data-of="sprout work">{{ Math.round(p.minutes) }} min</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.plans :is(td, thead th) {
  padding-left: 14px;
  white-space: nowrap;
}
.plans thead th:first-child {
  padding-left: 0;
}
.plans td {
  padding-top: 4px;
}
/* under the tree a plan stands over its figures, each with its name */
@media (max-width: 720px) {
  .plans thead {
    display: none;
  }
  .plans tbody tr {
    display: grid;
    grid-template-columns: repeat(4, auto);
    justify-content: space-between;
  }
  .plans th[scope='row'] {
    grid-column: 1 / -1;
  }
  .plans :is(td, thead th) {
    padding: 0 0 6px;
    text-align: left;
  }
  .plans td::before {
    content: attr(data-of);
    display: block;
    font: 400 var(--text-small) / 1.2 var(--font-sans, sans-serif);
    color: var(--ink2);
  }
}
</style>
