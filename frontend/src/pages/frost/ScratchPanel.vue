<script setup lang="ts">
/**
 * Limb by limb: where to scratch next, green or brown, until the edge is found; later one scratch
 * shows whether it still holds.
 */
import tell from 'words:frost'
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
  {
    keys: ['g'],
    get says() {
      return tell('green-where-it-was-scratched')
    },
    run: () => say(true),
    shown: 'G',
  },
  {
    keys: ['b'],
    get says() {
      return tell('brown-where-it-was-scratched')
    },
    run: () => say(false),
    shown: 'B',
  },
  {
    keys: ['n'],
    get says() {
      return tell('the-next-limb')
    },
    run: () => step(1),
    shown: 'N',
  },
])
const again = computed(() => props.test?.found.next_at_m === null && props.at !== null)
/** Scratches of this limb that wait to be sent. */
const waits = computed(() => props.kept.filter((s) => s.limb === props.test?.limb))
const tested = computed(() => props.frost.limbs.filter((l) => l.readings.length).length)
const colour = (reading: { green: boolean }) => (reading.green ? 'green' : 'brown')
</script>

<template>
  <p v-if="!test">
    {{ tell('not-drawn-yet-give-height') }}
  </p>
  <div v-else class="grid grid-cols-[minmax(0,1fr)] gap-2">
    <div class="flex gap-2 items-end">
      <div class="flex-1">
        <label class="label max-sm:sr-only" for="limb">{{ tell('limb-or-touch-it-in') }}</label>
        <PickOne
          id="limb"
          class="field"
          :model-value="test.limb"
          @update:model-value="emit('pick', $event)"
        >
          <option v-for="l in frost.limbs" :key="l.limb" :value="l.limb">
            {{ l.name
            }}{{ l.readings.length ? tell('scratched', { readings: l.readings.length }) : '' }}
          </option>
        </PickOne>
      </div>
      <button type="button" class="btn" @click="step(1)">{{ tell('next-limb') }}</button>
    </div>
    <p v-if="early" class="keep text-lead" role="status">
      <b>{{ tell('too-early-scratched-bark-misleads') }}</b>
      {{ tell('look-again-on', { scratchFrom: dayWords(frost.scratch_from!) }) }}
    </p>
    <p v-if="at !== null && !waits.length" class="text-lead" role="status">
      <b>{{ tell('scratch-at-from-its-base', { at: lengthWords(at, units) }) }}</b>
      <template v-if="again"
        >{{ ' '
        }}{{ tell('its-green-ended-here-on', { testedOn: dayWords(test.tested_on!) }) }}</template
      >
      <template v-else
        >{{ ' '
        }}{{
          tell('at-most-more-on-this', {
            found: test.found.says,
            scratchesLeft: test.found.scratches_left,
          })
        }}</template
      >
    </p>
    <div v-if="at !== null && !waits.length" class="grid grid-cols-2 gap-3">
      <button type="button" class="btn big" :disabled="busy" @click="say(true)">
        {{ tell('green-2') }}
      </button>
      <button type="button" class="btn big" :disabled="busy" @click="say(false)">
        {{ tell('brown-2') }}
      </button>
      <button
        v-if="!test.readings.some((r) => r.green)"
        type="button"
        class="btn col-span-2"
        :disabled="busy"
        @click="emit('scratch', test.limb, 0, false)"
      >
        {{ tell('brown-from-tip-to-base') }}
      </button>
    </div>
    <p
      v-if="!early && test.found.next_at_m === null"
      class="text-lead"
      :role="at === null ? 'status' : undefined"
      data-test="edge"
    >
      <b>{{ test.found.says }}</b>
      {{
        tell('green-to-dead-from', {
          boundary:
            test.found.boundary[0] == null
              ? tell('nowhere')
              : lengthWords(test.found.boundary[0], units),
          boundary2:
            test.found.boundary[1] == null
              ? tell('nowhere')
              : lengthWords(test.found.boundary[1], units),
        })
      }}
    </p>
    <p v-if="test.moved_m" class="keep">
      {{ tell('dieback-went-further-down-since', { moved: lengthWords(test.moved_m, units) }) }}
    </p>
    <ul
      v-if="test.readings.length"
      class="flex flex-wrap gap-2"
      :aria-label="tell('scratched-on-this-limb')"
    >
      <li v-for="r in test.readings" :key="r.at_m">
        <button
          type="button"
          class="btn btn-small"
          :disabled="busy"
          :aria-label="
            tell('was-turn-it-round', { at: lengthWords(r.at_m, units), colour: colour(r) })
          "
          @click="emit('scratch', test.limb, r.at_m, !r.green)"
        >
          {{ lengthWords(r.at_m, units) }} {{ colour(r) }} ⇄
        </button>
      </li>
    </ul>
    <p v-for="s in waits" :key="`${s.limb} ${s.at_m}`" class="keep" data-test="scratch-kept">
      {{
        tell('at-is-kept-on-this', {
          which: s.green ? tell('green-2') : tell('brown-2'),
          at: lengthWords(s.at_m, units),
        })
      }}
    </p>
    <p class="text-note text-ink2">
      {{
        tell('about-of-the-leaf-hung', {
          count: Math.round(frost.dead_share * 100),
          tested: frost.scratched
            ? tell('by-limbs-scratched', { tested })
            : tell('by-its-class-scratch-to'),
        })
      }}
    </p>
  </div>
</template>

<style scoped>
.big {
  min-height: 72px;
  font-size: var(--text-head);
}
</style>
