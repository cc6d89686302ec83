<script setup lang="ts">
/**
 * A school adopted for a block, row or tree: it becomes dated work; what was adopted before, with
 * what came of it.
 */
import tell from 'words:heights'
import { useWays } from '@/composables/useWays'
import { useAct } from '@/composables/useAct'
import { api, heed, type Schemas } from '@/api/client'
import { newId } from '@/api/ids'
import { useSettings } from '@/composables/useSettings'
import MeasureField from '@/controls/MeasureField.vue'
import { dayWords } from '@/geometry/day'
import { lengthWords } from '@/geometry/measure'
import { ref, watch } from 'vue'

const props = defineProps<{
  scope: Schemas['RotationIn']['scope']
  scopeId: string
  school: string
  schoolName: string
  years: number
  low: number
  tip: number
  rotations: Schemas['RotationOut'][]
}>()
const { units } = useSettings()
const { wayOf } = useWays()
const low = ref<number | null>(props.low)
const tip = ref<number | null>(props.tip)
watch([() => props.low, () => props.tip], ([l, t]) => ([low.value, tip.value] = [l, t]))
const { act, trouble } = useAct()
const done = ref('')
let id = newId()
async function run(does: () => Promise<string>) {
  done.value = ''
  await act(async () => {
    done.value = await does()
  })
}
const adopt = () =>
  run(async () => {
    const body = {
      id,
      scope: props.scope,
      scope_id: props.scopeId,
      school: props.school,
      low_m: low.value!,
      tip_m: tip.value!,
      years: props.years,
      first_year: null,
    }
    const made = await heed(api.POST('/api/rotations', { body }))
    id = newId()
    const count = made.tasks.filter((t) => t.state === 'open').length
    const stand = tell('dated-pieces-of-work-stand', { count })
    return tell('is-adopted', { made: made.name, stand })
  })
const end = (r: Schemas['RotationOut']) =>
  run(async () => {
    await heed(
      api.POST('/api/rotations/{id}/end', {
        params: { path: { id: r.id } },
        body: { version: r.version },
      }),
    )
    return tell('is-given-up-what-was', { name: r.name })
  })
</script>

<template>
  <div class="grid gap-3">
    <form
      v-if="wayOf(school)?.adopted"
      class="adopt"
      :aria-label="tell('adopt-a-way')"
      @submit.prevent="adopt"
    >
      <MeasureField
        :label="tell('lower-to')"
        kind="length"
        :model-value="low"
        @update:model-value="low = $event"
      />
      <MeasureField
        :label="tell('tip-the-rest-at')"
        kind="length"
        :model-value="tip"
        @update:model-value="tip = $event"
      />
      <button class="btn btn-go" :disabled="low === null || tip === null">
        {{ tell('adopt-years', { schoolName: schoolName.toLowerCase(), years }) }}
      </button>
    </form>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p v-if="done" role="status" data-test="adopted">{{ done }}</p>
    <section v-if="rotations.length" :aria-label="tell('adopted')">
      <h2 class="text-lead">{{ tell('adopted') }}</h2>
      <article v-for="r in rotations" :key="r.id" class="border-t border-rule py-2">
        <div class="flex flex-wrap items-center gap-3">
          <b>{{ r.scope_name }}: {{ r.name.toLowerCase() }}</b>
          <span class="text-ink2 text-note"
            >{{ ' '
            }}{{
              tell('from-for-years-to-and', {
                firstYear: r.first_year,
                years: r.years,
                low: lengthWords(r.low_m, units),
                tip: lengthWords(r.tip_m, units),
                endedOn: r.ended_on ? tell('given-up', { endedOn: dayWords(r.ended_on) }) : '',
              })
            }}{{ ' ' }}</span
          >
          <button
            v-if="!r.ended_on"
            type="button"
            class="btn btn-small ml-auto"
            :aria-label="tell('give-up-for', { name: r.name, scopeName: r.scope_name })"
            @click="end(r)"
          >
            {{ tell('give-up') }}
          </button>
        </div>
        <details>
          <summary class="py-1">
            {{
              tell('done-ahead', {
                tasks: r.tasks.filter((t) => t.state === 'done').length,
                tasks2: r.tasks.filter((t) => t.state === 'open').length,
              })
            }}
          </summary>
          <ul class="text-note">
            <li
              v-for="t in r.tasks.filter((t) => t.state !== 'dropped')"
              :key="t.id"
              class="py-0.5"
            >
              <b class="num">{{ dayWords(t.due) }}</b> {{ t.does
              }}{{ t.state === 'done' ? tell('done-2') : '' }}
            </li>
          </ul>
        </details>
      </article>
    </section>
  </div>
</template>

<style scoped>
.adopt {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(170px, 1fr));
  gap: 10px;
  align-items: end;
}
</style>
