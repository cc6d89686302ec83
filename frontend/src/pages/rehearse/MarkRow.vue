<script setup lang="ts">
/** One cut of a rehearsal: where it lies, slid along its limb, and what its rule did. */
import tell from 'words:rehearse'
import type { Cut, Limb, Schemas } from '@/api/client'
import SaidText from '@/controls/SaidText.vue'
import { lengthWords, type Units } from '@/geometry/measure'

defineProps<{
  n: number
  cut: Cut
  limb?: Limb
  events: Schemas['GrowEventOut'][]
  units: Units
  on: boolean
}>()
const emit = defineEmits<{ pick: []; slide: [m: number]; settle: []; off: [] }>()
const metres = (event: Event) => Number((event.target as HTMLInputElement).value)
</script>

<template>
  <li class="row" :class="{ on }" data-test="rehearsed-cut">
    <span class="flag">{{ n }}</span>
    <div class="min-w-0 grid gap-1">
      <p>
        <button
          type="button"
          class="font-semibold text-left min-h-6 first-letter:uppercase"
          @click="emit('pick')"
        >
          {{ limb?.name ?? tell('the-trunk') }}
        </button>
        {{ ' '
        }}<span class="text-ink2"
          >{{ ' '
          }}{{
            cut.keep_m
              ? tell('of-it-stay', { keep: lengthWords(cut.keep_m, units) })
              : tell('off-at-its-collar')
          }}{{ ' ' }}</span
        >
      </p>
      <p v-for="e in events" :key="e.kind" class="text-note"><SaidText :text="e.text" /></p>
      <input
        v-if="limb && !limb.sucker"
        type="range"
        class="w-full min-h-touch"
        min="0"
        :max="limb.length_m * 0.99"
        step="0.02"
        :value="cut.keep_m"
        :aria-label="tell('how-much-of-the-stays', { limb: limb.name })"
        :aria-valuetext="lengthWords(cut.keep_m, units)"
        @input="emit('slide', metres($event))"
        @change="emit('settle')"
      />
    </div>
    <button
      type="button"
      class="btn btn-small"
      :aria-label="tell('take-mark-off', { n })"
      @click="emit('off')"
    >
      {{ tell('off') }}
    </button>
  </li>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 34px 1fr auto;
  gap: 8px;
  align-items: start;
  border-top: 1px solid var(--rule);
  padding: 8px 0;
}
.row.on {
  background: var(--paper);
}
</style>
