<script setup lang="ts">
/** A season’s report: what was done in each block, what comes next, and the record line by line. */
import tell from 'words:book'
import { api, heed, sentence, type Schemas } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import DayField from '@/controls/DayField.vue'
import { dayWords, fullDay } from '@/geometry/day'
import { lengthWords, weightWords } from '@/geometry/measure'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, reactive } from 'vue'

const { units } = useSettings()
const wish = reactive({ first: '', last: '' })
const query = computed(() => ({ first: wish.first || null, last: wish.last || null }))
const { data, error } = useQuery({
  queryKey: ['season-report', query],
  queryFn: () => heed(api.GET('/api/season-report', { params: { query: query.value } })),
  placeholderData: keepPreviousData,
})
const pdf = computed(() => {
  const asked = Object.entries(query.value).filter((e): e is [string, string] => !!e[1])
  const last = new URLSearchParams(asked).toString()
  return `/api/season-report.pdf${last ? `?${last}` : ''}`
})
const NONE = '–'
const share = (s: number | null) => (s === null ? NONE : `${Math.round(s * 100)} %`)
const kg = (n: number) => (n ? weightWords(n, units.value) : NONE)
const sums = (s: Schemas['SumsOut']) => [
  s.trees || NONE,
  s.cuts || NONE,
  s.hours || NONE,
  share(s.share),
  kg(s.kg),
]
const HEAD = computed(() => [
  tell('trees'),
  tell('worked-on'),
  tell('cuts-2'),
  tell('hours'),
  tell('share'),
  tell('picked'),
  tell('regrown'),
  tell('hurt-by-frost'),
])
</script>

<template>
  <div class="max-w-4xl mx-auto px-4 py-4 grid gap-4">
    <header class="flex flex-wrap gap-3 items-end justify-between border-b-2 border-ink pb-3">
      <h1 class="text-title">{{ tell('season-report') }}</h1>
      <a class="btn btn-small no-print" :href="pdf" target="_blank">{{ tell('as-pdf') }}</a>
    </header>
    <form class="flex flex-wrap gap-3 no-print" :aria-label="tell('which-days')" @submit.prevent>
      <div>
        <label class="label" for="report-first">{{ tell('from-2') }}</label>
        <DayField id="report-first" v-model="wish.first" />
      </div>
      <div>
        <label class="label" for="report-last">{{ tell('to-3') }}</label>
        <DayField id="report-last" v-model="wish.last" />
      </div>
    </form>
    <p v-if="error" class="wrong" role="alert">{{ sentence(error) }}</p>
    <template v-if="data">
      <p class="text-ink2">
        {{
          tell('to-a-dash-stands-where', {
            holding: data.holding,
            first: fullDay(data.first),
            last: fullDay(data.last),
          })
        }}
      </p>
      <section :aria-label="tell('by-block')" class="overflow-x-auto" tabindex="0">
        <h2 class="text-part">{{ tell('by-block') }}</h2>
        <table class="num w-full text-left">
          <thead>
            <tr class="border-b-2 border-ink">
              <th scope="col" class="pr-3">{{ tell('block-2') }}</th>
              <th v-for="h in HEAD" :key="h" scope="col" class="pr-3">{{ h }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="b in data.blocks" :key="b.block" class="border-b border-rule">
              <th scope="row" class="tag pr-3">{{ b.block }}</th>
              <td class="pr-3">{{ b.standing }}</td>
              <td v-for="(s, n) in sums(b.sums)" :key="n" class="pr-3">{{ s }}</td>
              <td class="pr-3">
                {{ b.regrown_m === null ? NONE : lengthWords(b.regrown_m, units) }}
              </td>
              <td>{{ b.hurt || NONE }}</td>
            </tr>
            <tr>
              <th scope="row" class="tag pr-3">{{ tell('all-of-it') }}</th>
              <td></td>
              <td v-for="(s, n) in sums(data.total)" :key="n" class="pr-3">{{ s }}</td>
              <td></td>
              <td></td>
            </tr>
          </tbody>
        </table>
      </section>
      <section :aria-label="tell('what-comes-next')">
        <h2 class="text-part">{{ tell('what-comes-next') }}</h2>
        <template v-for="b in data.blocks" :key="b.block">
          <p v-for="(c, n) in b.coming" :key="n" class="border-b border-rule py-1">
            <b class="tag">{{ b.block }}</b>
            {{ tell('by-2', { due: dayWords(c.due), what: c.what })
            }}<span v-if="c.n > 1" class="text-ink2"
              >{{ ' ' }}{{ tell('trees-or-rows', { n: c.n }) }}</span
            >
          </p>
        </template>
      </section>
      <section :aria-label="tell('when-it-is-right-next')">
        <h2 class="text-part">{{ tell('when-it-is-right-next') }}</h2>
        <template v-for="b in data.blocks" :key="b.block">
          <p v-for="(r, n) in b.right" :key="n" class="border-b border-rule py-1">
            <b class="tag">{{ b.block }}</b> {{ r.kind_name }} ·
            <span class="num">{{
              tell('to-4', { first: dayWords(r.first), last: dayWords(r.last) })
            }}</span>
            <span class="block text-ink2">{{ r.works.join('; ') }}</span>
          </p>
        </template>
      </section>
      <section :aria-label="tell('the-record')">
        <h2 class="text-part">{{ tell('the-record') }}</h2>
        <p v-if="!data.record.length">{{ tell('nothing-was-written-down-in') }}</p>
        <p v-for="(r, n) in data.record" :key="n" class="border-b border-rule py-1">
          <span class="num">{{ fullDay(r.day) }}</span> · <b class="tag">{{ r.where }}</b> ·
          {{ r.work
          }}<template v-if="r.cuts">
            · {{ r.cuts === 1 ? tell('one-cut') : tell('cuts-3', { cuts: r.cuts }) }}</template
          ><template v-if="r.share"> · {{ share(r.share) }}</template
          ><template v-if="r.hours !== null"> · {{ r.hours }} h</template
          ><template v-if="r.who"> · {{ r.who }}</template
          ><span v-if="r.note" class="block text-ink2">{{ r.note }}</span>
        </p>
      </section>
    </template>
  </div>
</template>
