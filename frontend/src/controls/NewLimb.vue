<script setup lang="ts">
/** Where a limb or shoot that is not in the drawing starts, how thick and long it is, and how it grows. */
import tell from 'words:parts'
import MeasureField from './MeasureField.vue'
import PickOne from './PickOne.vue'
import { windWords } from '@/geometry/measure'
import { useId } from 'vue'
import type { FreshLimb } from './limb'

defineProps<{ wrong?: Record<string, string> }>()
const limb = defineModel<FreshLimb>({ required: true })
const id = useId()
const RISES = [
  {
    value: 85,
    get says() {
      return tell('upright')
    },
  },
  {
    value: 60,
    get says() {
      return tell('steep')
    },
  },
  {
    value: 35,
    get says() {
      return tell('slanting')
    },
  },
  {
    value: 10,
    get says() {
      return tell('flat')
    },
  },
]
</script>

<template>
  <MeasureField
    v-model="limb.at"
    :label="tell('height-above-ground')"
    kind="length"
    :wrong="wrong?.['/at_m'] ?? wrong?.['/drawn/at_m']"
  />
  <MeasureField
    v-model="limb.mm"
    :label="tell('thickness-at-its-base')"
    kind="diameter"
    :wrong="wrong?.['/base_mm'] ?? wrong?.['/drawn/diameter_mm']"
  />
  <MeasureField
    v-model="limb.length"
    :label="tell('length')"
    kind="length"
    :wrong="wrong?.['/length_m'] ?? wrong?.['/drawn/length_m']"
  />
  <div>
    <label class="label" :for="`${id}r`">{{ tell('how-it-grows') }}</label>
    <PickOne :id="`${id}r`" v-model="limb.rise" class="field">
      <option v-for="r in RISES" :key="r.value" :value="r.value">{{ r.says }}</option>
    </PickOne>
  </div>
  <div>
    <label class="label" :for="`${id}b`">{{ tell('on-which-side') }}</label>
    <PickOne :id="`${id}b`" v-model="limb.bearing" class="field">
      <option v-for="b in 8" :key="b" :value="(b - 1) * 45">
        {{ windWords((b - 1) * 45) }}
      </option>
    </PickOne>
  </div>
</template>
