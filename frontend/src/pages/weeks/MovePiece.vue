<script setup lang="ts">
/** Work in hand, to be put into another week or to another helper: its price first, then fixed. */
import tell from 'words:weeks'
import { api, heed, sentence, type Schemas } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { longWork } from '@/composables/useLong'
import { useSettings } from '@/composables/useSettings'
import SaidText from '@/controls/SaidText.vue'
import { dayWords } from '@/geometry/day'
import { rowsWords } from '@/geometry/rows'
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import MovedList from './MovedList.vue'

type Weeks = Schemas['CrewWeeksOut']
const props = defineProps<{
  weeks: Weeks
  /** Like work in one or more rows; one row is moved at a time. */
  jobs: Weeks['jobs']
  /** Where it was dropped, if it was. */
  helper?: string
  week?: number
}>()
const emit = defineEmits<{ done: [] }>()
const { units } = useSettings()
const { act, busy, trouble } = useAct()
const nth = ref(0)
const job = computed(() => props.jobs[nth.value] ?? props.jobs[0]!)
/** Where it lies now; a long piece may be shared between helpers or weeks. */
const lies = computed(() => props.weeks.work.filter((p) => p.job === job.value.id))
const helper = ref(props.helper ?? lies.value[0]?.helper ?? props.weeks.helpers[0]?.id ?? '')
const week = ref(props.week ?? lies.value[0]?.week ?? 0)
const shared = computed(() =>
  lies.value.map((p) => {
    const who = props.weeks.helpers.find((h) => h.id === p.helper)!.name
    return tell('min-from', {
      who,
      minutes: p.minutes,
      from: dayWords(props.weeks.weeks[p.week]!.from),
    })
  }),
)
const fixed = computed(() => props.weeks.fixed.includes(job.value.id))
const day = computed(() => props.weeks.weeks[week.value]!.from)
const elsewhere = computed(
  () =>
    !lies.value.length ||
    lies.value.some((p) => p.helper !== helper.value || p.week !== week.value),
)
const {
  data: tried,
  error,
  isFetching,
} = useQuery({
  queryKey: ['crew-try', computed(() => job.value.id), helper, day, units],
  queryFn: () =>
    longWork(() =>
      heed(
        api.POST('/api/crew/try', {
          body: {
            job: job.value.id,
            person_id: helper.value,
            day: day.value,
            weeks: props.weeks.weeks.length,
            units: units.value,
          },
        }),
      ),
    ),
  enabled: elsewhere,
  retry: false,
})
const path = () => ({ params: { path: { id: job.value.id } } })
async function fix() {
  const body = { person_id: helper.value, day: day.value }
  if (await act(() => heed(api.PUT('/api/crew/fixes/{id}', { ...path(), body })))) emit('done')
}
async function unfix() {
  if (await act(() => heed(api.DELETE('/api/crew/fixes/{id}', path())))) emit('done')
}
</script>

<template>
  <Dialog open class="relative z-50" @close="emit('done')">
    <div class="fixed inset-0 bg-ink/30" aria-hidden="true" />
    <div class="fixed inset-0 overflow-y-auto grid place-items-center p-3">
      <DialogPanel class="sheet-card w-full max-w-xl grid gap-3">
        <DialogTitle class="text-part">
          {{ job.block }} {{ rowsWords(job.rows) }}: <SaidText :text="job.says" />
        </DialogTitle>
        <div
          v-if="jobs.length > 1"
          role="group"
          :aria-label="tell('which-row')"
          class="flex flex-wrap gap-2"
        >
          <button
            v-for="(one, i) in jobs"
            :key="one.id"
            type="button"
            class="btn btn-small"
            :aria-pressed="nth === i"
            @click="nth = i"
          >
            {{ rowsWords(one.rows) }}
          </button>
        </div>
        <p v-if="shared.length > 1" class="text-note" data-test="shared">
          {{ tell('shared-now-chosen-here-is', { shared: shared.join(', ') }) }}
        </p>
        <div role="group" :aria-label="tell('who')" class="flex flex-wrap gap-2">
          <button
            v-for="h in weeks.helpers"
            :key="h.id"
            type="button"
            class="btn btn-small"
            :aria-pressed="helper === h.id"
            @click="helper = h.id"
          >
            {{ h.name }}
          </button>
        </div>
        <div role="group" :aria-label="tell('in-the-week-from')" class="flex flex-wrap gap-2">
          <button
            v-for="(w, i) in weeks.weeks"
            :key="w.from"
            type="button"
            class="btn btn-small"
            :aria-pressed="week === i"
            :disabled="job.crops[i] === null"
            @click="week = i"
          >
            {{ dayWords(w.from)
            }}<template v-if="job.crops[i] === null">{{ tell('closed') }}</template>
          </button>
        </div>
        <div class="min-h-24" aria-live="polite" data-test="tried">
          <p v-if="!elsewhere" class="text-ink2">
            {{ fixed ? tell('it-is-fixed-here-by') : tell('it-lies-here-as-planned') }}
          </p>
          <p v-else-if="isFetching">{{ tell('trying-it') }}</p>
          <p v-else-if="error" class="wrong">{{ sentence(error) }}</p>
          <template v-else-if="tried">
            <p>{{ tried.says.join(' ') }}</p>
            <MovedList
              v-if="tried.moved.length"
              :moved="tried.moved"
              :helpers="weeks.helpers"
              :but="job.id"
            />
          </template>
        </div>
        <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
        <div class="flex flex-wrap gap-2">
          <button
            type="button"
            class="btn btn-go"
            :disabled="busy || !elsewhere || isFetching || !!error"
            @click="fix"
          >
            {{ tell('fix-it-there') }}
          </button>
          <button v-if="fixed" type="button" class="btn" :disabled="busy" @click="unfix">
            {{ tell('let-the-plan-say') }}
          </button>
          <button type="button" class="btn" @click="emit('done')">{{ tell('leave-it-2') }}</button>
        </div>
      </DialogPanel>
    </div>
  </Dialog>
</template>
