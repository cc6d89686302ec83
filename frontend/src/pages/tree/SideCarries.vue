<script setup lang="ts">
/** What a side of a drawn tree carries: fruit, bloom, young leaf; for all its limbs at once. */
import tell from 'words:tree'
import { useAct } from '@/composables/useAct'
import { api, heed, type Schemas, type Tree } from '@/api/client'
import { newId } from '@/api/ids'
import PickOne from '@/controls/PickOne.vue'
import { windWords } from '@/geometry/measure'
import { computed, ref } from 'vue'

const props = defineProps<{ tree: Tree }>()
const { act, fields, trouble, busy } = useAct()
const side = ref('')
const fruit = ref('')
const bloom = ref('')
const flush = ref('')
const number = computed(() => (/^\d+$/.test(fruit.value.trim()) ? Number(fruit.value) : null))
const told = computed(() => number.value !== null || !!bloom.value || !!flush.value)
const say = () =>
  act(async () => {
    const body: Schemas['SideIn'] = {
      id: newId(),
      side_deg: side.value === '' ? null : Number(side.value),
      fruit: number.value,
      bloom: bloom.value === '' ? null : Number(bloom.value),
      flush: flush.value === '' ? null : (flush.value as 'none' | 'soft' | 'hard'),
    }
    await heed(api.POST('/api/trees/{id}/sides', { params: { path: { id: props.tree.id } }, body }))
    fruit.value = bloom.value = flush.value = ''
  })
</script>

<template>
  <details data-test="side">
    <summary class="tag py-2.5">{{ tell('fruit-bloom-or-new-leaf') }}</summary>
    <form class="grid grid-cols-2 gap-2 items-end" @submit.prevent="say">
      <div>
        <label class="label" for="side-of">{{ tell('side') }}</label>
        <PickOne id="side-of" v-model="side" class="field">
          <option value="">{{ tell('all-round') }}</option>
          <option v-for="b in 8" :key="b" :value="String((b - 1) * 45)">
            {{ windWords((b - 1) * 45) }}
          </option>
        </PickOne>
      </div>
      <div>
        <label class="label" for="side-fruit">{{ tell('fruit-on-it-about') }}</label>
        <input id="side-fruit" v-model="fruit" class="field" inputmode="numeric" placeholder="40" />
      </div>
      <div>
        <label class="label" for="side-bloom">{{ tell('its-ends-in-bloom') }}</label>
        <PickOne id="side-bloom" v-model="bloom" class="field">
          <option value="">{{ tell('not-looked-at') }}</option>
          <option value="0">{{ tell('none') }}</option>
          <option value="0.25">{{ tell('a-quarter') }}</option>
          <option value="0.5">{{ tell('half') }}</option>
          <option value="1">{{ tell('all-2') }}</option>
        </PickOne>
      </div>
      <div>
        <label class="label" for="side-flush">{{ tell('new-leaf') }}</label>
        <PickOne id="side-flush" v-model="flush" class="field">
          <option value="">{{ tell('not-looked-at') }}</option>
          <option value="none">{{ tell('none') }}</option>
          <option value="soft">{{ tell('soft') }}</option>
          <option value="hard">{{ tell('hard') }}</option>
        </PickOne>
      </div>
      <button class="btn col-span-2" :disabled="!told || busy">
        {{ tell('write-it-down-for-its') }}
      </button>
    </form>
    <p v-if="fields['/side_deg'] || trouble" class="wrong" role="alert">
      {{ fields['/side_deg'] ?? trouble }}
    </p>
  </details>
</template>
