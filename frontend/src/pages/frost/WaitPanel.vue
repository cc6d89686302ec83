<script setup lang="ts">
/**
 * What to look for and when, what was seen so far and what it is worth, and the class the tree
 * itself speaks for.
 */
import tell from 'words:frost'
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
  get 'too-early'() {
    return tell('too-early')
  },
  get provisional() {
    return tell('provisional')
  },
  get 'false-start'() {
    return tell('false-start')
  },
  get holds() {
    return tell('holds')
  },
}
</script>

<template>
  <div class="grid gap-3">
    <section v-if="frost.verdict" :aria-label="tell('why')" class="grid gap-1.5" data-test="why">
      <p class="text-note">
        <SaidText :text="frost.verdict.reasons[1]?.text ?? ''" />
        <template v-if="frost.foreseen"
          >{{
            tell('the-night-was-here-and', {
              at: warmthWords(frost.foreseen.at_c, units),
              frostClass: frost.foreseen.frost_class,
              possible: frost.foreseen.possible
                ? tell('possibly-2', { possible: frost.foreseen.possible })
                : '',
            })
          }}{{ ' ' }}</template
        >{{ tell('a-class-is-off-by', { uncertain: spreadWords(frost.uncertain_c, units) }) }}
        <button type="button" class="link min-h-6" @click="emit('working')">
          {{ tell('why') }}
        </button>
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
    <section :aria-label="tell('write-down-what-you-see')" class="grid gap-2">
      <div class="flex flex-wrap items-end justify-between gap-2">
        <h2 class="text-lead">{{ tell('what-do-you-see') }}</h2>
        <div>
          <label class="label" for="seen-on">{{ tell('seen-on') }}</label>
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
    <section
      v-if="frost.looks?.suggests"
      class="keep grid gap-1"
      :aria-label="tell('what-the-tree-shows')"
    >
      <p>
        {{ tell('the-tree-itself-speaks-for') }} <b>{{ frost.looks.suggests }}</b>{{
          tell('written-down-is-what-is', { frostClass: frost.frost_class })
        }}
      </p>
      <button
        type="button"
        class="btn justify-self-start"
        :disabled="busy"
        @click="emit('say', frost.looks.suggests)"
      >
        {{ tell('write-down-2', { suggests: frost.looks.suggests }) }}
      </button>
    </section>
    <ClassSay
      :key="frost.frost_class ?? undefined"
      :frost-class="frost.frost_class ?? null"
      :busy="busy"
      @say="emit('say', $event)"
    />
    <section v-if="frost.looks?.looks.length" :aria-label="tell('seen-so-far')" data-test="looks">
      <h2 class="text-lead">{{ tell('seen-so-far') }}</h2>
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
    <section :aria-label="tell('signs')" class="grid gap-1">
      <h2 class="text-lead">{{ tell('what-to-look-for-and') }}</h2>
      <ul class="text-note">
        <li
          v-for="s in frost.signs"
          :key="s.sign"
          class="border-t border-rule py-1"
          :class="{ now: s.when === 'now' }"
        >
          <b class="num">{{
            tell('to-11', { start: dayWords(s.start), end: dayWords(s.end) })
          }}</b><b v-if="s.when === 'now'" class="tag">{{ ' ' }}{{ tell('now-2') }}</b>
          {{ s.sign }}. {{ s.means[0]?.toUpperCase() }}{{ s.means.slice(1) }}.
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
