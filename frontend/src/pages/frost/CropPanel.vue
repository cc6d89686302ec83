<script setup lang="ts">
/** Bark and feed now, and the crop to come: brought back beside replanted, year by year. */
import SaidText from '@/controls/SaidText.vue'
import type { Hurt } from '@/composables/useFrost'
import CropYears from '@/drawings/CropYears.vue'
import { weightWords } from '@/geometry/measure'
import { useSettings } from '@/composables/useSettings'

defineProps<{ frost: Hurt; busy: boolean }>()
const emit = defineEmits<{ back: [] }>()
const { units } = useSettings()
</script>

<template>
  <div class="grid gap-3">
    <section v-if="frost.bark && frost.feed" aria-label="Bark and feed" class="grid gap-1">
      <h2 class="text-lead">Bark and feed</h2>
      <p><SaidText :text="frost.bark.where.text" /></p>
      <p v-if="frost.bark.paint">
        <b><SaidText :text="frost.bark.paint.reasons[0]?.text ?? ''" /></b>
      </p>
      <p><SaidText :text="frost.feed.reason.text" /></p>
    </section>
    <section
      v-if="frost.recovery"
      aria-label="Crop to come"
      class="grid gap-2 border-t-2 border-ink pt-2"
    >
      <h2 class="text-lead">Crop to come</h2>
      <CropYears :heal="frost.recovery.shares" :replant="frost.recovery.replant" />
      <p><SaidText :text="frost.recovery.reasons[0]?.text ?? ''" /></p>
      <p v-if="frost.usual_kg">Usual crop {{ weightWords(frost.usual_kg, units) }} a tree.</p>
      <p v-else>Write down what is picked, and the kilograms lost are worked out too.</p>
      <button type="button" class="btn justify-self-start" :disabled="busy" @click="emit('back')">
        It came back: close the record
      </button>
    </section>
  </div>
</template>
