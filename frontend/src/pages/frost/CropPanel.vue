<script setup lang="ts">
/** Bark and feed now, and the crop to come: brought back beside replanted, year by year. */
import tell from 'words:frost'
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
    <section v-if="frost.bark && frost.feed" :aria-label="tell('bark-and-feed')" class="grid gap-1">
      <h2 class="text-lead">{{ tell('bark-and-feed') }}</h2>
      <p><SaidText :text="frost.bark.where.text" /></p>
      <p v-if="frost.bark.paint">
        <b><SaidText :text="frost.bark.paint.reasons[0]?.text ?? ''" /></b>
      </p>
      <p><SaidText :text="frost.feed.reason.text" /></p>
    </section>
    <section
      v-if="frost.recovery"
      :aria-label="tell('crop-to-come')"
      class="grid gap-2 border-t-2 border-ink pt-2"
    >
      <h2 class="text-lead">{{ tell('crop-to-come') }}</h2>
      <CropYears :heal="frost.recovery.shares" :replant="frost.recovery.replant" />
      <p><SaidText :text="frost.recovery.reasons[0]?.text ?? ''" /></p>
      <p v-if="frost.usual_kg">
        {{ tell('usual-crop-a-tree', { usual: weightWords(frost.usual_kg, units) }) }}
      </p>
      <p v-else>{{ tell('write-down-what-is-picked-and') }}</p>
      <button type="button" class="btn justify-self-start" :disabled="busy" @click="emit('back')">
        {{ tell('it-came-back-close-the') }}
      </button>
    </section>
  </div>
</template>
