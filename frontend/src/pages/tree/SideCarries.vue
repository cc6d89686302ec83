<script setup lang="ts">
/** What a side of a drawn tree carries: fruit, bloom, young leaf; for all its limbs at once. */
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
    <summary class="tag py-2.5">Fruit, bloom or new leaf on one side</summary>
    <form class="grid grid-cols-2 gap-2 items-end" @submit.prevent="say">
      <div>
        <label class="label" for="side-of">Side</label>
        <PickOne id="side-of" v-model="side" class="field">
          <option value="">all round</option>
          <option v-for="b in 8" :key="b" :value="String((b - 1) * 45)">
            {{ windWords((b - 1) * 45) }}
          </option>
        </PickOne>
      </div>
      <div>
        <label class="label" for="side-fruit">Fruit on it, about</label>
        <input id="side-fruit" v-model="fruit" class="field" inputmode="numeric" placeholder="40" />
      </div>
      <div>
        <label class="label" for="side-bloom">Its ends in bloom</label>
        <PickOne id="side-bloom" v-model="bloom" class="field">
          <option value="">not looked at</option>
          <option value="0">none</option>
          <option value="0.25">a quarter</option>
          <option value="0.5">half</option>
          <option value="1">all</option>
        </PickOne>
      </div>
      <div>
        <label class="label" for="side-flush">New leaf</label>
        <PickOne id="side-flush" v-model="flush" class="field">
          <option value="">not looked at</option>
          <option value="none">none</option>
          <option value="soft">soft</option>
          <option value="hard">hard</option>
        </PickOne>
      </div>
      <button class="btn col-span-2" :disabled="!told || busy">Write it down for its limbs</button>
    </form>
    <p v-if="fields['/side_deg'] || trouble" class="wrong" role="alert">
      {{ fields['/side_deg'] ?? trouble }}
    </p>
  </details>
</template>
