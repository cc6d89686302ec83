<script setup lang="ts">
/**
 * Limb by limb: where to scratch next, green or brown, until the edge is found; later one scratch
 * shows whether it still holds.
 */
import PickOne from '@/controls/PickOne.vue'
import type { Schemas } from '@/api/client'
import type { Hurt } from '@/composables/useFrost'
import { dayWords } from '@/geometry/day'
import { lengthWords } from '@/geometry/measure'
import { useKeys } from '@/composables/useKeys'
import { useSettings } from '@/composables/useSettings'
import { computed } from 'vue'

const props = defineProps<{
  frost: Hurt
  test: Schemas['LimbTestOut'] | null
  at: number | null
  early: boolean
  busy: boolean
  kept: { limb: string; at_m: number; green: boolean }[]
}>()
const emit = defineEmits<{
  pick: [limb: string]
  scratch: [limb: string, at: number, green: boolean]
}>()
const { units } = useSettings()
const say = (green: boolean) =>
  props.test &&
  props.at !== null &&
  !props.busy &&
  !waits.value.length &&
  emit('scratch', props.test.limb, props.at, green)
function step(by: number) {
  const all = props.frost.limbs
  const i = all.findIndex((l) => l.limb === props.test?.limb)
  if (all.length) emit('pick', all[(i + by + all.length) % all.length]!.limb)
}
useKeys([
  { keys: ['g'], says: 'green where it was scratched', run: () => say(true), shown: 'G' },
  { keys: ['b'], says: 'brown where it was scratched', run: () => say(false), shown: 'B' },
  { keys: ['n'], says: 'the next limb', run: () => step(1), shown: 'N' },
])
const again = computed(() => props.test?.found.next_at_m === null && props.at !== null)
/** Scratches of this limb that wait to be sent. */
const waits = computed(() => props.kept.filter((s) => s.limb === props.test?.limb))
const tested = computed(() => props.frost.limbs.filter((l) => l.readings.length).length)
const colour = (reading: { green: boolean }) => (reading.green ? 'green' : 'brown')
</script>

<template>
  <p v-if="!test">
    Not drawn yet: give height, spread and trunk on the tree’s own page, then scratch limb by limb
    here.
  </p>
  <div v-else class="grid grid-cols-[minmax(0,1fr)] gap-2">
    <div class="flex gap-2 items-end">
      <div class="flex-1">
        <label class="label max-sm:sr-only" for="limb">Limb, or touch it in the drawing</label>
        <PickOne
          id="limb"
          class="field"
          :model-value="test.limb"
          @update:model-value="emit('pick', $event)"
        >
          <option v-for="l in frost.limbs" :key="l.limb" :value="l.limb">
            {{ l.name }}{{ l.readings.length ? `, ${l.readings.length} scratched` : '' }}
          </option>
        </PickOne>
      </div>
      <button type="button" class="btn" @click="step(1)">Next limb</button>
    </div>
    <p v-if="early" class="keep text-lead" role="status">
      <b>Too early: scratched bark misleads.</b> Look again on {{ dayWords(frost.scratch_from!) }}.
    </p>
    <p v-if="at !== null && !waits.length" class="text-lead" role="status">
      <b>Scratch at {{ lengthWords(at, units) }} from its base.</b>
      <template v-if="again">
        Its green ended here on {{ dayWords(test.tested_on!) }}: one scratch shows whether it still
        does.</template
      >
      <template v-else>
        {{ test.found.says }} At most {{ test.found.scratches_left }} more on this limb.</template
      >
    </p>
    <div v-if="at !== null && !waits.length" class="grid grid-cols-2 gap-3">
      <button type="button" class="btn big" :disabled="busy" @click="say(true)">Green</button>
      <button type="button" class="btn big" :disabled="busy" @click="say(false)">Brown</button>
      <button
        v-if="!test.readings.some((r) => r.green)"
        type="button"
        class="btn col-span-2"
        :disabled="busy"
        @click="emit('scratch', test.limb, 0, false)"
      >
        Brown from tip to base
      </button>
    </div>
    <p
      v-if="!early && test.found.next_at_m === null"
      class="text-lead"
      :role="at === null ? 'status' : undefined"
      data-test="edge"
    >
      <b>{{ test.found.says }}</b>
      Green to
      {{ test.found.boundary[0] == null ? 'nowhere' : lengthWords(test.found.boundary[0], units) }},
      dead from
      {{ test.found.boundary[1] == null ? 'nowhere' : lengthWords(test.found.boundary[1], units) }}.
    </p>
    <p v-if="test.moved_m" class="keep">
      Dieback went {{ lengthWords(test.moved_m, units) }} further down since the test before.
    </p>
    <ul
      v-if="test.readings.length"
      class="flex flex-wrap gap-2"
      aria-label="Scratched on this limb"
    >
      <li v-for="r in test.readings" :key="r.at_m">
        <button
          type="button"
          class="btn btn-small"
          :disabled="busy"
          :aria-label="`${lengthWords(r.at_m, units)} was ${colour(r)}: turn it round`"
          @click="emit('scratch', test.limb, r.at_m, !r.green)"
        >
          {{ lengthWords(r.at_m, units) }} {{ colour(r) }} ⇄
        </button>
      </li>
    </ul>
    <p v-for="s in waits" :key="`${s.limb} ${s.at_m}`" class="keep" data-test="scratch-kept">
      {{ s.green ? 'Green' : 'Brown' }} at {{ lengthWords(s.at_m, units) }} is kept on this device.
      Where to scratch next on this limb is known once Billhook answers; go on with another limb.
    </p>
    <p class="text-note text-ink2">
      About {{ Math.round(frost.dead_share * 100) }} % of the leaf hung on wood that is dead,
      {{
        frost.scratched
          ? `by ${tested} ${tested === 1 ? 'limb' : 'limbs'} scratched`
          : 'by its class; scratch to know'
      }}. Brown all along? Try round the stem too.
    </p>
  </div>
</template>

<style scoped>
.big {
  min-height: 72px;
  font-size: var(--text-head);
}
</style>
