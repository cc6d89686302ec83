<script setup lang="ts">
/** Where a limb or shoot that is not in the drawing starts, how thick and long it is, and how it grows. */
import MeasureField from './MeasureField.vue'
import PickOne from './PickOne.vue'
import { windWords } from '@/geometry/measure'
import { useId } from 'vue'
import type { FreshLimb } from './limb'

defineProps<{ wrong?: Record<string, string> }>()
const limb = defineModel<FreshLimb>({ required: true })
const id = useId()
const RISES = [
  { value: 85, says: 'upright' },
  { value: 60, says: 'steep' },
  { value: 35, says: 'slanting' },
  { value: 10, says: 'flat' },
]
</script>

<template>
  <MeasureField
    v-model="limb.at"
    label="Height above ground"
    kind="length"
    :wrong="wrong?.['/at_m'] ?? wrong?.['/drawn/at_m']"
  />
  <MeasureField
    v-model="limb.mm"
    label="Thickness at its base"
    kind="diameter"
    :wrong="wrong?.['/base_mm'] ?? wrong?.['/drawn/diameter_mm']"
  />
  <MeasureField
    v-model="limb.length"
    label="Length"
    kind="length"
    :wrong="wrong?.['/length_m'] ?? wrong?.['/drawn/length_m']"
  />
  <div>
    <label class="label" :for="`${id}r`">How it grows</label>
    <PickOne :id="`${id}r`" v-model="limb.rise" class="field">
      <option v-for="r in RISES" :key="r.value" :value="r.value">{{ r.says }}</option>
    </PickOne>
  </div>
  <div>
    <label class="label" :for="`${id}b`">On which side</label>
    <PickOne :id="`${id}b`" v-model="limb.bearing" class="field">
      <option v-for="b in 8" :key="b" :value="(b - 1) * 45">
        {{ windWords((b - 1) * 45) }}
      </option>
    </PickOne>
  </div>
</template>
