<script setup lang="ts">
/** What a plan is for, by whom, on which day, within what, and by which schools. */
import tell from 'words:plan'
import DayField from '@/controls/DayField.vue'
import PickOne from '@/controls/PickOne.vue'
import type { Schemas } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import MeasureField from '@/controls/MeasureField.vue'
import { lengthWords, shareWords } from '@/geometry/measure'
import type { Wish } from './wish'

defineProps<{ plan: Schemas['PlanOut'] }>()
const wish = defineModel<Wish>({ required: true })
const { units } = useSettings()
const WAYS: { id: Wish['by']; name: string; says: string }[] = [
  {
    id: 'hand',
    get name() {
      return tell('limb-by-limb')
    },
    get says() {
      return tell('by-hand-each-cut-chosen')
    },
  },
  {
    id: 'ragged',
    get name() {
      return tell('ragged-hedge')
    },
    get says() {
      return tell('by-hand-back-inside-a')
    },
  },
  {
    id: 'shape',
    get name() {
      return tell('into-a-shape')
    },
    get says() {
      return tell('by-hand-each-limb-out')
    },
  },
  {
    id: 'machine',
    get name() {
      return tell('machine')
    },
    get says() {
      return tell('one-pass-along-a-wall')
    },
  },
]
const TOPICS: Record<string, string> = {
  get form() {
    return tell('form')
  },
  get middle() {
    return tell('middle')
  },
  get height() {
    return tell('height')
  },
  get renewal() {
    return tell('renewal')
  },
  get vigour() {
    return tell('vigour')
  },
  get wounds() {
    return tell('wounds')
  },
  get timing() {
    return tell('timing')
  },
}
function school(topic: string, chosen: string) {
  wish.value.stance = { ...wish.value.stance, [topic]: chosen }
}
</script>

<template>
  <fieldset>
    <legend class="label">{{ tell('what-it-is-for') }}</legend>
    <div class="flex flex-wrap gap-2">
      <button
        v-for="g in plan.goals"
        :key="g.id"
        type="button"
        class="choice"
        :class="{ on: wish.goal === g.id }"
        :aria-pressed="wish.goal === g.id"
        :data-goal="g.id"
        @click="wish.goal = g.id"
      >
        {{ g.name }}
      </button>
    </div>
  </fieldset>
  <fieldset>
    <legend class="label">{{ tell('how-it-is-cut') }}</legend>
    <div class="flex flex-wrap gap-2">
      <button
        v-for="w in WAYS"
        :key="w.id"
        type="button"
        class="choice"
        :class="{ on: wish.by === w.id }"
        :aria-pressed="wish.by === w.id"
        :data-way="w.id"
        :title="w.says"
        @click="wish.by = w.id"
      >
        {{ w.name }}
      </button>
    </div>
    <div v-if="plan.wall" class="grid grid-cols-2 gap-3 mt-2 items-end">
      <MeasureField
        :label="tell('wall-from-the-trunk-at')"
        kind="length"
        :model-value="wish.half"
        :placeholder="lengthWords(plan.wall.half_m, units)"
        @update:model-value="wish.half = $event"
      />
      <MeasureField
        :label="tell('top')"
        kind="length"
        :model-value="wish.top"
        :placeholder="lengthWords(plan.wall.top_m, units)"
        @update:model-value="wish.top = $event"
      />
    </div>
  </fieldset>
  <div class="grid grid-cols-2 gap-3 items-end">
    <div>
      <label class="label" for="plan-day">{{ tell('day') }}</label>
      <DayField
        id="plan-day"
        :model-value="wish.day ?? plan.day"
        @update:model-value="wish.day = $event || null"
      />
    </div>
    <div>
      <label class="label" for="plan-limit">{{
        tell('limit', {
          limit: shareWords(plan.limit),
          which: wish.limit === null ? tell('of-the-day') : tell('yours'),
        })
      }}</label>
      <input
        id="plan-limit"
        type="range"
        min="0"
        max="50"
        step="1"
        class="w-full min-h-touch"
        :value="Math.round(plan.limit * 100)"
        :aria-valuetext="shareWords(plan.limit)"
        @change="wish.limit = Number(($event.target as HTMLInputElement).value) / 100"
      />
      <button
        v-if="wish.limit !== null"
        type="button"
        class="underline min-h-6"
        @click="wish.limit = null"
      >
        {{ tell('the-day-s-limit-again') }}
      </button>
    </div>
  </div>
  <div class="grid gap-x-5 sm:grid-cols-2">
    <details>
      <summary class="tag py-2">
        {{
          tell('what-weighs-how-much', {
            which: Object.keys(wish.weights).length ? tell('yours') : '',
          })
        }}
      </summary>
      <div v-for="w in plan.weights" :key="w.look">
        <label class="label" :for="`weigh-${w.look}`">{{
          tell('points-2', { says: w.says, weights: wish.weights[w.look] ?? w.points })
        }}</label>
        <input
          :id="`weigh-${w.look}`"
          type="range"
          min="0"
          max="10"
          class="w-full min-h-touch"
          :value="wish.weights[w.look] ?? w.points"
          @change="
            wish.weights = {
              ...wish.weights,
              [w.look]: Number(($event.target as HTMLInputElement).value),
            }
          "
        />
      </div>
      <button
        v-if="Object.keys(wish.weights).length"
        type="button"
        class="underline min-h-touch"
        @click="wish.weights = {}"
      >
        {{ tell('as-the-aim-has-it') }}
      </button>
    </details>
    <details data-test="schools">
      <summary class="tag py-2">
        {{
          tell('ways-of-working-2', {
            which: Object.keys(wish.stance).length ? tell('yours-for-this-plan') : '',
          })
        }}
      </summary>
      <div v-for="t in plan.stance" :key="t.topic" class="mb-2">
        <label class="label" :for="`school-${t.topic}`">{{ TOPICS[t.topic] ?? t.topic }}</label>
        <PickOne
          :id="`school-${t.topic}`"
          class="field"
          :model-value="t.school"
          @update:model-value="school(t.topic, $event)"
        >
          <option v-for="s in t.schools" :key="s.id" :value="s.id">{{ s.name }}</option>
        </PickOne>
      </div>
      <button
        v-if="Object.keys(wish.stance).length"
        type="button"
        class="underline min-h-touch"
        @click="wish.stance = {}"
      >
        {{ tell('as-the-tree-has-it') }}
      </button>
    </details>
  </div>
</template>
