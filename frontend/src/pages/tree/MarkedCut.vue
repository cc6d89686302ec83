<script setup lang="ts">
/** One marked cut: what it costs, how it is made, and where along the limb it lies. */
import tell from 'words:tree'
import type { Limb, Marked, Preview } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import MeasureField from '@/controls/MeasureField.vue'
import SaidText from '@/controls/SaidText.vue'
import { diameterWords, shareWords, weightWords } from '@/geometry/measure'
import { computed } from 'vue'

const props = defineProps<{
  n: number
  cut: Marked
  cost?: Preview['cuts'][number]
  advice?: Preview['advice'][number]
  limb?: Limb
  on: boolean
}>()
const emit = defineEmits<{
  pick: []
  off: []
  slide: [keep: number]
  settle: []
  keep: [m: number]
  sick: [is: boolean]
}>()
const { units } = useSettings()
const free = computed(() => props.advice?.free ?? false)
</script>

<template>
  <li class="cut" :class="{ on }" data-test="cut">
    <span class="flag" :class="{ 'flag-free': free }">{{ n }}</span>
    <div class="min-w-0">
      <button
        type="button"
        class="text-left font-semibold leading-tight first"
        @click="emit('pick')"
      >
        {{ advice?.position ?? limb?.name ?? tell('trunk') }}
      </button>
      <p v-if="cost?.void" class="text-small text-ink2">{{ tell('goes-with-a-cut-further') }}</p>
      <p v-else-if="advice" class="text-small text-ink2">
        {{ advice.technique }}
        {{ advice.tool === 'finger' ? '' : tell('with-the-2', { tool: advice.tool }) }}
      </p>
    </div>
    <div class="text-right num text-note">
      <b>{{
        cost?.void || (free && !cost?.share)
          ? tell('free')
          : cost?.share == null
            ? '–'
            : shareWords(cost.share)
      }}</b><br />
      <span v-if="cost">{{ diameterWords(cost.wound_mm, units) }}</span><br /><span
        v-if="cost && !cost.void"
        class="text-ink2"
        >{{ weightWords(cost.hand_kg, units) }}</span
      >
    </div>
    <button
      type="button"
      class="off"
      :aria-label="tell('take-mark-off', { n })"
      @click="emit('off')"
    >
      ×
    </button>
    <div
      v-if="on && limb && !limb.sucker"
      class="col-span-4 grid grid-cols-[1fr_120px] gap-3 items-center"
    >
      <label class="sr-only" :for="`slide-${n}`">{{ tell('slide-the-cut-along-the') }}</label>
      <input
        :id="`slide-${n}`"
        type="range"
        min="0"
        :max="limb.length_m * 0.995"
        step="0.01"
        :value="cut.keep_m"
        @input="emit('slide', Number(($event.target as HTMLInputElement).value))"
        @change="emit('settle')"
      />
      <MeasureField
        :label="tell('keep')"
        kind="length"
        hide-label
        :model-value="cut.keep_m"
        @update:model-value="(v) => v !== null && limb && v < limb.length_m && emit('keep', v)"
      />
    </div>
    <label
      v-if="on && limb && limb.state === 'live' && !limb.sucker"
      class="col-span-4 flex gap-2 items-center min-h-touch"
      ><input
        type="checkbox"
        :checked="cut.sick"
        @change="emit('sick', ($event.target as HTMLInputElement).checked)"
      />
      {{ tell('it-is-dead-broken-or') }}</label
    >
    <ul v-if="on && advice?.cautions.length" class="col-span-4 text-small space-y-1">
      <li v-for="c in advice.cautions" :key="c.code" class="keep">
        <SaidText :text="c.text" />
      </li>
    </ul>
  </li>
</template>

<style scoped>
.cut {
  display: grid;
  grid-template-columns: auto 1fr auto auto;
  gap: 6px 10px;
  align-items: start;
  padding: 8px 0;
  border-bottom: 1.5px solid var(--rule);
}
.cut.on {
  box-shadow: inset 4px 0 0 var(--frost);
  padding-left: 8px;
}
.off {
  width: 36px;
  height: 36px;
  font-size: 24px;
  line-height: 1;
  border-radius: 6px;
}
input[type='range'] {
  accent-color: var(--tape);
  height: 44px;
  width: 100%;
}
.first::first-letter {
  text-transform: uppercase;
}
</style>
