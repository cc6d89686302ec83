<script setup lang="ts">
/**
 * A school adopted for a block, row or tree: it becomes dated work; what was adopted before, with
 * what came of it.
 */
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
    const stand = `${count} dated pieces of work stand in Today and the calendar`
    return `${made.name} is adopted: ${stand}.`
  })
const end = (r: Schemas['RotationOut']) =>
  run(async () => {
    await heed(
      api.POST('/api/rotations/{id}/end', {
        params: { path: { id: r.id } },
        body: { version: r.version },
      }),
    )
    return `${r.name} is given up; what was done stays in the record.`
  })
</script>

<template>
  <div class="grid gap-3">
    <form
      v-if="wayOf(school)?.adopted"
      class="adopt"
      aria-label="Adopt a way"
      @submit.prevent="adopt"
    >
      <MeasureField
        label="Lower to"
        kind="length"
        :model-value="low"
        @update:model-value="low = $event"
      />
      <MeasureField
        label="Tip the rest at"
        kind="length"
        :model-value="tip"
        @update:model-value="tip = $event"
      />
      <button class="btn btn-go" :disabled="low === null || tip === null">
        Adopt: {{ schoolName.toLowerCase() }}, {{ years }} years
      </button>
    </form>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p v-if="done" role="status" data-test="adopted">{{ done }}</p>
    <section v-if="rotations.length" aria-label="Adopted">
      <h2 class="text-lead">Adopted</h2>
      <article v-for="r in rotations" :key="r.id" class="border-t border-rule py-2">
        <div class="flex flex-wrap items-center gap-3">
          <b>{{ r.scope_name }}: {{ r.name.toLowerCase() }}</b>
          <span class="text-ink2 text-note">
            from {{ r.first_year }} for {{ r.years }} years, to
            {{ lengthWords(r.low_m, units) }} and {{ lengthWords(r.tip_m, units)
            }}{{ r.ended_on ? `; given up ${dayWords(r.ended_on)}` : '' }}
          </span>
          <button
            v-if="!r.ended_on"
            type="button"
            class="btn btn-small ml-auto"
            :aria-label="`Give up ${r.name} for ${r.scope_name}`"
            @click="end(r)"
          >
            Give up
          </button>
        </div>
        <details>
          <summary class="py-1">
            {{ r.tasks.filter((t) => t.state === 'done').length }} done,
            {{ r.tasks.filter((t) => t.state === 'open').length }} ahead
          </summary>
          <ul class="text-note">
            <li
              v-for="t in r.tasks.filter((t) => t.state !== 'dropped')"
              :key="t.id"
              class="py-0.5"
            >
              <b class="num">{{ dayWords(t.due) }}</b> {{ t.does
              }}{{ t.state === 'done' ? ', done' : '' }}
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
