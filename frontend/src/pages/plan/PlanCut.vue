<script setup lang="ts">
/**
 * One cut of a plan: where, why, how, and what it costs; opened, the cut drawn to scale and all
 * that a helper must know.
 */
import tell from 'words:plan'
import SaidText from '@/controls/SaidText.vue'
import type { Preview, Schemas } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import HowToCut from '@/controls/HowToCut.vue'
import { diameterWords, shareWords, weightWords } from '@/geometry/measure'

defineProps<{
  cut: Schemas['ProposedOut']
  n: number
  cost?: Preview['cuts'][number]
  advice?: Preview['advice'][number]
  pinned: boolean
}>()
defineEmits<{ pin: [how: 'out' | null] }>()
const { units } = useSettings()
</script>

<template>
  <li class="cut" data-test="plan-cut">
    <b class="tag text-lead">{{ n }}</b>
    <div>
      <p class="font-semibold first">{{ advice?.position ?? cut.name }}</p>
      <p v-for="w in cut.why" :key="w.code" class="text-note"><SaidText :text="w.text" /></p>
      <p v-if="advice" class="text-small text-ink2">
        {{ tell('with-the', { technique: advice.technique, tool: advice.tool }) }}
      </p>
      <HowToCut v-if="advice" :advice="advice" />
    </div>
    <div class="num text-right text-note">
      <b>{{ cut.share ? shareWords(cut.share) : tell('free') }}</b><br />
      <template v-if="cost"
        >{{ diameterWords(cost.wound_mm, units) }}<br />{{
          weightWords(cost.hand_kg, units)
        }}</template
      >
      <template v-if="cut.fruit"><br />{{ tell('fruit-2', { fruit: cut.fruit }) }}</template>
    </div>
    <button
      type="button"
      class="btn btn-small"
      :aria-label="tell('take-out-of-the-plan', { cut: cut.name })"
      @click="$emit('pin', pinned ? null : 'out')"
    >
      {{ pinned ? tell('let-go') : tell('take-out') }}
    </button>
  </li>
</template>

<style scoped src="./line.css"></style>
