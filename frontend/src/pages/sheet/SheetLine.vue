<script setup lang="ts">
/**
 * One line of a cut sheet: where, with what and how, what it costs; ticked off with its measured
 * diameter, or left with a reason.
 */
import tell from 'words:sheet'
import type { Sheet } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import HowToCut from '@/controls/HowToCut.vue'
import MeasureField from '@/controls/MeasureField.vue'
import { dayWords } from '@/geometry/day'
import { diameterWords, shareWords, weightWords } from '@/geometry/measure'
import { ref } from 'vue'

defineProps<{ line: Sheet['lines'][number]; free: boolean; open: boolean }>()
const emit = defineEmits<{ tick: [mm: number | null]; leave: [why: string] }>()
const { units } = useSettings()
/** Typed but not ticked yet. */
const measured = ref<number | null>(null)
/** Why it was not made, while that is being said. */
const why = ref<string | null>(null)
function leave() {
  emit('leave', why.value ?? '')
  why.value = null
}
</script>

<template>
  <li class="line" :class="{ done: line.done }" data-test="line">
    <span class="flag" :class="{ 'flag-free': free }">{{ line.nth }}</span>
    <div class="min-w-0">
      <p class="font-semibold leading-tight first">{{ line.advice.position }}</p>
      <p class="text-note">
        <span class="inline-block first">{{ line.advice.tool }}</span>. {{ line.advice.technique }}
      </p>
      <p class="text-small text-ink2">
        {{
          tell('wound-in-the-hand-lift', {
            wound: diameterWords(line.cost.wound_mm, units),
            share:
              free && !line.cost.share
                ? tell('free')
                : line.cost.share === null
                  ? tell('no-leaf')
                  : tell('of-canopy', { share: shareWords(line.cost.share) }),
            hand: weightWords(line.cost.hand_kg, units),
            lift: weightWords(line.cost.lift_kg, units),
          })
        }}<template v-if="line.advice.closing_years >= 1.5">{{
          tell('closes-in-about-years', { count: Math.round(line.advice.closing_years) })
        }}</template>
      </p>
      <p
        v-for="c in line.advice.cautions.filter((x) =>
          [
            'between-branches',
            'weak-side-branch',
            'fruit-on-it',
            'large-wound',
            'heavy',
            'licensed',
          ].includes(x.code),
        )"
        :key="c.code"
        class="keep text-small mt-1"
      >
        {{ c.text }}
      </p>
      <HowToCut :advice="line.advice" />
      <p v-if="line.extra" class="text-small mt-1">{{ tell('not-planned-added-under-the') }}</p>
      <p v-if="line.left" class="text-small mt-1 font-semibold">
        {{ tell('not-done', { left: line.left }) }}
      </p>
      <p v-if="line.done" class="text-small mt-1">
        {{
          tell('done-3', {
            doneOn: line.done_on ? ` ${dayWords(line.done_on)}` : '',
            doneBy: line.done_by ? ' ' + tell('by-3', { doneBy: line.done_by }) : '',
            done: line.done_mm
              ? tell('measured-3', { done: diameterWords(line.done_mm, units) })
              : '',
          })
        }}
      </p>
    </div>
    <div v-if="open" class="no-print tick">
      <MeasureField
        v-if="!line.done"
        :label="tell('measured-diameter-of-cut', { nth: line.nth })"
        kind="diameter"
        hide-label
        :model-value="measured"
        :placeholder="tell('measured-2')"
        @update:model-value="measured = $event"
      />
      <button
        type="button"
        class="btn"
        :class="{ 'btn-go': !line.done }"
        :aria-pressed="line.done"
        @click="$emit('tick', measured)"
      >
        {{ line.done ? tell('take-back') : tell('cut-done', { nth: line.nth }) }}
      </button>
      <button v-if="!line.done && why === null" type="button" class="btn" @click="why = line.left">
        {{ tell('not-done-2') }}
      </button>
      <form v-if="!line.done && why !== null" class="grid gap-2" @submit.prevent="leave">
        <label class="label" :for="`why-${line.id}`">{{
          tell('why-cut-was-not-made', { nth: line.nth })
        }}</label>
        <input
          :id="`why-${line.id}`"
          v-model="why"
          class="field"
          maxlength="200"
          :placeholder="tell('a-nest-in-it')"
        />
        <button type="submit" class="btn" :disabled="!why.trim()">
          {{ tell('keep-the-reason') }}
        </button>
      </form>
    </div>
    <span class="box" aria-hidden="true">{{ line.done ? '✓' : '' }}</span>
  </li>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 6px 12px;
  padding: 10px 0;
  border-top: 1.5px solid var(--rule);
}
.line:first-child {
  border-top: var(--line) solid var(--ink);
}
.line.done > div:first-of-type {
  color: var(--ink2);
}
.tick {
  display: grid;
  gap: 6px;
  width: 136px;
  align-content: start;
}
.first::first-letter {
  text-transform: uppercase;
}
.box {
  display: none;
  width: 20px;
  height: 20px;
  border: 2px solid var(--ink);
  text-align: center;
  line-height: 16px;
}
@media (max-width: 900px) {
  .line {
    grid-template-columns: auto 1fr;
  }
  .tick {
    grid-column: 1 / -1;
    width: auto;
    grid-template-columns: 1fr 1.4fr;
  }
  .tick .btn {
    min-height: 56px;
  }
  .tick > .btn:only-child {
    grid-column: 1 / -1;
  }
}
@media print {
  .line {
    grid-template-columns: auto 1fr auto;
    padding: 5px 0;
    break-inside: avoid;
  }
  .box {
    display: block;
  }
  .flag {
    print-color-adjust: exact;
  }
}
</style>
