<script setup lang="ts">
/** The demo put on another day; only the demo has it. */
import tell from 'words:place'
import { api, heed } from '@/api/client'
import { useAct } from '@/composables/useAct'
import DayField from '@/controls/DayField.vue'
import { expectAnother } from '@/field/home'
import { fullDay } from '@/geometry/day'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref, watch } from 'vue'

const queries = useQueryClient()
const { data } = useQuery({
  queryKey: ['demo'],
  queryFn: () => heed(api.GET('/api/demo')),
  refetchInterval: (q) => (q.state.data?.going && !q.state.data.going.failed ? 700 : false),
})
const day = ref('')
const { act, busy, trouble, fields } = useAct()
const put = async (to: string) =>
  expectAnother(await act(() => heed(api.POST('/api/demo', { body: { day: to } })), ['demo']))
/** Everything is another history now. */
watch(
  () => data.value?.day,
  (now, before) => before && now !== before && void queries.resetQueries(),
)
</script>

<template>
  <section v-if="data?.demo" :aria-label="tell('the-demo-s-day')" data-test="demo-day">
    <h2 class="text-part border-b-2 border-ink pb-1 mb-2">{{ tell('the-demo-s-day') }}</h2>
    <p class="text-ink2">
      {{ tell('it-stands-on-on-another', { day: fullDay(data.day) }) }}
    </p>
    <div v-if="data.going && !data.going.failed" class="mt-2" role="status">
      <p>{{ tell('on-the-way-to', { day: fullDay(data.going.day) }) }}</p>
      <progress class="way" :value="data.going.step" :max="data.going.of" />
    </div>
    <template v-else>
      <p v-if="data.going?.failed" class="wrong" role="alert">
        {{ tell('that-day-could-not-be') }}
      </p>
      <div class="flex flex-wrap gap-2 mt-2">
        <button
          v-for="m in data.mornings"
          :key="m.day"
          type="button"
          class="btn"
          :disabled="busy"
          @click="put(m.day)"
        >
          {{ m.says }}
        </button>
      </div>
      <form class="flex flex-wrap gap-2 mt-2 items-end" @submit.prevent="day && put(day)">
        <div>
          <label class="label" for="demo-day">{{ tell('any-day') }}</label>
          <DayField id="demo-day" v-model="day" :wrong="fields['/day']" />
        </div>
        <button class="btn" :disabled="!day || busy">{{ tell('go-there') }}</button>
      </form>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    </template>
  </section>
</template>

<style scoped>
.way {
  width: 100%;
  height: 14px;
  appearance: none;
  border: 2px solid var(--ink);
  background: var(--sheet);
}
.way::-webkit-progress-bar {
  background: var(--sheet);
}
.way::-webkit-progress-value {
  background: var(--leaf);
}
.way::-moz-progress-bar {
  background: var(--leaf);
}
</style>
