<script setup lang="ts">
/** Which tree it is beside its kind: cultivar, rootstock, how it was raised. */
import tell from 'words:parts'
import PickOne from './PickOne.vue'
import { useNames } from '@/composables/useNames'
import { useId } from 'vue'

defineProps<{ species: string; wrong: Record<string, string> }>()
const cultivar = defineModel<string>('cultivar', { required: true })
const rootstock = defineModel<string>('rootstock', { required: true })
const origin = defineModel<string>('origin', { required: true })
const { rows, cultivars } = useNames()
const id = useId()
const ORIGINS = [
  {
    get id() {
      return tell('grafted')
    },
    get name() {
      return tell('grafted')
    },
  },
  {
    id: 'seedling',
    get name() {
      return tell('from-a-seed-or-stone')
    },
  },
  {
    id: 'cutting',
    get name() {
      return tell('a-cutting')
    },
  },
  {
    get id() {
      return tell('layered')
    },
    get name() {
      return tell('layered')
    },
  },
]
</script>

<template>
  <div>
    <label class="label" :for="`${id}-cultivar`">{{ tell('cultivar') }}</label>
    <PickOne :id="`${id}-cultivar`" v-model="cultivar" class="field">
      <option value="">{{ tell('not-known') }}</option>
      <option v-for="s in cultivars(species)" :key="s.id" :value="s.id">{{ s.name }}</option>
    </PickOne>
    <p v-if="wrong['/cultivar']" class="wrong">{{ wrong['/cultivar'] }}</p>
  </div>
  <div>
    <label class="label" :for="`${id}-stock`">{{ tell('rootstock') }}</label>
    <PickOne :id="`${id}-stock`" v-model="rootstock" class="field">
      <option value="">{{ tell('not-known') }}</option>
      <option v-for="s in rows('rootstocks')" :key="s.id" :value="s.id">{{ s.name }}</option>
    </PickOne>
  </div>
  <div>
    <label class="label" :for="`${id}-origin`">{{ tell('how-it-was-raised') }}</label>
    <PickOne :id="`${id}-origin`" v-model="origin" class="field">
      <option value="">{{ tell('not-known') }}</option>
      <option v-for="o in ORIGINS" :key="o.id" :value="o.id">{{ o.name }}</option>
    </PickOne>
  </div>
</template>
