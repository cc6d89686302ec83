<script setup lang="ts">
/** Find the union, and say what lives above and below it; round the stem for one-sided death. */
import tell from 'words:frost'
import SaidText from '@/controls/SaidText.vue'
import type { Hurt } from '@/composables/useFrost'
import StemRound from '@/drawings/StemRound.vue'
import { dayWords } from '@/geometry/day'
import { diameterWords, lengthWords, windWords } from '@/geometry/measure'
import { useSettings } from '@/composables/useSettings'
import { computed } from 'vue'

const props = defineProps<{ id: string; frost: Hurt; early: boolean; busy: boolean }>()
const emit = defineEmits<{
  saw: [kind: 'frost_above' | 'frost_below', value: 'yes' | 'no']
  round: [bearing: number, green: boolean]
}>()
const { units } = useSettings()
const next = computed(() =>
  props.early ? null : (props.frost.stem?.found.next_bearing_deg ?? null),
)
const SIDES = [
  {
    kind: 'frost_above',
    get asks() {
      return tell('alive-above-the-union')
    },
  },
  {
    kind: 'frost_below',
    get asks() {
      return tell('alive-below-it')
    },
  },
] as const
const said = (kind: string) => props.frost.alive.find((s) => s.kind === kind)
</script>

<template>
  <div class="grid gap-3">
    <p>
      {{ tell('find-the-union')
      }}<template v-if="frost.frame?.union_m"
        >{{ ' ' }}{{ tell('at', { union: lengthWords(frost.frame.union_m, units) }) }}</template
      >{{ tell('dig-it-out-gently-if') }}
    </p>
    <div
      v-for="s in SIDES"
      :key="s.kind"
      role="group"
      :aria-label="s.asks"
      class="flex gap-2 items-center"
    >
      <span class="flex-1 text-base"
        >{{ s.asks }}
        <span v-if="said(s.kind)" class="block text-note text-ink2">{{
          tell('said', {
            which: said(s.kind)!.alive ? tell('yes') : tell('no'),
            day: dayWords(said(s.kind)!.day),
          })
        }}</span></span
      >
      <button
        type="button"
        class="btn btn-tall min-w-20"
        :disabled="busy"
        :aria-pressed="said(s.kind)?.alive === true"
        @click="emit('saw', s.kind, 'yes')"
      >
        {{ tell('yes') }}
      </button>
      <button
        type="button"
        class="btn btn-tall min-w-20"
        :disabled="busy"
        :aria-pressed="said(s.kind)?.alive === false"
        @click="emit('saw', s.kind, 'no')"
      >
        {{ tell('no') }}
      </button>
    </div>
    <RouterLink class="btn justify-self-start" :to="`/tree/${id}/look/shoot`">{{
      tell('whose-shoot-is-it')
    }}</RouterLink>
    <section
      v-if="frost.stem && frost.frame"
      :aria-label="tell('round-the-stem')"
      class="grid gap-2 border-t-2 border-ink pt-2"
      data-test="round"
    >
      <h2 class="text-lead">
        {{ tell('round-the-stem-up', { at: lengthWords(frost.stem.at_m, units) }) }}
      </h2>
      <div class="flex flex-wrap gap-4 items-center">
        <StemRound :test="frost.stem" :trunk="diameterWords(frost.frame.trunk_mm, units)" />
        <div class="grid gap-2 flex-1 min-w-[190px]">
          <p class="text-base" role="status">
            <b>{{
              early
                ? tell('too-early-bark-misleads-before', {
                    scratchFrom: dayWords(frost.scratch_from!),
                  })
                : frost.stem.found.says
            }}</b>
          </p>
          <div v-if="next !== null" class="grid grid-cols-2 gap-2">
            <button
              type="button"
              class="btn btn-tall"
              :disabled="busy"
              @click="emit('round', next, true)"
            >
              {{ tell('green', { next: windWords(next) }) }}
            </button>
            <button
              type="button"
              class="btn btn-tall"
              :disabled="busy"
              @click="emit('round', next, false)"
            >
              {{ tell('brown', { next: windWords(next) }) }}
            </button>
          </div>
        </div>
      </div>
      <p class="text-note text-ink2"><SaidText :text="frost.stem.decides.text" /></p>
    </section>
  </div>
</template>
