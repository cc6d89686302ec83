<script setup lang="ts">
/**
 * What to look for and when, what was seen so far and what it is worth, and the class the tree
 * itself speaks for.
 */
import SaidText from '@/controls/SaidText.vue'
import DayField from '@/controls/DayField.vue'
import type { Schemas } from '@/api/client'
import type { Hurt } from '@/composables/useFrost'
import { dayWords } from '@/geometry/day'
import { spreadWords, warmthWords } from '@/geometry/warmth'
import { useSettings } from '@/composables/useSettings'
import { ref } from 'vue'
import ClassSay from './ClassSay.vue'

defineProps<{ frost: Hurt; busy: boolean }>()
const { units } = useSettings()
const emit = defineEmits<{
  working: []
  look: [sign: string, day: string | null]
  say: [frost: Schemas['SayClassIn']['class']]
}>()
const day = ref('')
const WORTH: Record<Schemas['WeighedOut']['worth'], string> = {
  'too-early': 'too early',
  provisional: 'provisional',
  'false-start': 'false start',
  holds: 'holds',
}
</script>

<template>
  <div class="grid gap-3">
    <section v-if="frost.verdict" aria-label="Why" class="grid gap-1.5" data-test="why">
      <p class="text-note">
        <SaidText :text="frost.verdict.reasons[1]?.text ?? ''" />
        <template v-if="frost.foreseen"
          >The night was {{ warmthWords(frost.foreseen.at_c, units) }} here and foretold
          {{ frost.foreseen.frost_class
          }}{{ frost.foreseen.possible ? `, possibly ${frost.foreseen.possible}` : '' }}; </template
        >a class is off by about {{ spreadWords(frost.uncertain_c, units) }} either way.
        <button type="button" class="link min-h-6" @click="emit('working')">Why</button>
      </p>
      <p
        v-for="r in frost.verdict.reasons.slice(2)"
        :key="r.code"
        :class="{ keep: r.code !== 'cut-on' }"
        class="text-note"
      >
        <SaidText :text="r.text" />
      </p>
    </section>
    <section aria-label="Write down what you see" class="grid gap-2">
      <div class="flex flex-wrap items-end justify-between gap-2">
        <h2 class="text-lead">What do you see?</h2>
        <div>
          <label class="label" for="seen-on">Seen on</label>
          <DayField id="seen-on" v-model="day" :max="frost.today" :min="frost.night ?? undefined" />
        </div>
      </div>
      <div class="grid sm:grid-cols-2 gap-2">
        <button
          v-for="k in frost.sign_kinds"
          :key="k.sign"
          type="button"
          class="btn btn-tall !whitespace-normal !text-base"
          :disabled="busy"
          @click="emit('look', k.sign, day || null)"
        >
          {{ k.asks }}
        </button>
      </div>
    </section>
    <section v-if="frost.looks?.suggests" class="keep grid gap-1" aria-label="What the tree shows">
      <p>
        The tree itself speaks for <b>{{ frost.looks.suggests }}</b>, written down is
        {{ frost.frost_class }}. What is seen counts for more than what the cold foretold.
      </p>
      <button
        type="button"
        class="btn justify-self-start"
        :disabled="busy"
        @click="emit('say', frost.looks.suggests)"
      >
        Write {{ frost.looks.suggests }} down
      </button>
    </section>
    <ClassSay
      :key="frost.frost_class ?? undefined"
      :frost-class="frost.frost_class ?? null"
      :busy="busy"
      @say="emit('say', $event)"
    />
    <section v-if="frost.looks?.looks.length" aria-label="Seen so far" data-test="looks">
      <h2 class="text-lead">Seen so far</h2>
      <ul class="text-note">
        <li
          v-for="l in frost.looks.looks"
          :key="l.day + l.sign"
          class="border-t border-rule py-1.5"
        >
          <b class="num">{{ dayWords(l.day) }}</b> {{ l.seen }}:
          <b class="tag">{{ WORTH[l.worth] }}.</b> {{ l.says }}
        </li>
      </ul>
    </section>
    <section aria-label="Signs" class="grid gap-1">
      <h2 class="text-lead">What to look for, and when</h2>
      <ul class="text-note">
        <li
          v-for="s in frost.signs"
          :key="s.sign"
          class="border-t border-rule py-1"
          :class="{ now: s.when === 'now' }"
        >
          <b class="num">{{ dayWords(s.start) }} to {{ dayWords(s.end) }}</b
          ><b v-if="s.when === 'now'" class="tag"> now</b> {{ s.sign }}.
          {{ s.means[0]?.toUpperCase() }}{{ s.means.slice(1) }}.
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.now {
  border-left: 5px solid var(--ink);
  padding-left: 9px;
}
</style>
