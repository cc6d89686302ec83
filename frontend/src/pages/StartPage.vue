<script setup lang="ts">
/**
 * The first five minutes: the place, then what stands there. A verdict for every tree before
 * anything is measured.
 */
import { useGrove } from '@/composables/useGrove'
import { computed } from 'vue'
import ListIn from './start/ListIn.vue'
import PlaceForm from './start/PlaceForm.vue'
import SayIn from './start/SayIn.vue'

const { data: grove } = useGrove()
const site = computed(() => grove.value?.sites[0])
</script>

<template>
  <div class="max-w-4xl mx-auto px-4 py-4">
    <template v-if="grove">
      <template v-if="!grove.holding">
        <h1 class="text-[2rem]">Billhook</h1>
        <p class="text-ink2 max-w-2xl">
          May I cut today and how much, which cuts, in what order, at what cost, and when to come
          back. First say where your trees stand; nothing is measured yet.
        </p>
        <PlaceForm class="mt-4" />
      </template>
      <template v-else>
        <h1 class="text-[1.7rem] border-b-2 border-ink pb-2">
          What stands in {{ grove.holding }}?
        </h1>
        <SayIn :grove="grove" class="mt-4" />
        <ListIn v-if="site" :grove="grove" class="mt-8" />
        <details class="mt-8">
          <summary class="tag text-xl">Another place</summary>
          <PlaceForm class="mt-3" :holding="grove.holding" />
        </details>
      </template>
    </template>
  </div>
</template>
