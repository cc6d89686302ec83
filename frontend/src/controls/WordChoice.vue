<script setup lang="ts">
/** Which of several words of the trade is said, where they change from region to region. */
import tell from 'words:parts'
import { formOf, regions, sayForm } from '@/words'
</script>

<template>
  <div v-if="Object.keys(regions ?? {}).length" data-test="words">
    <p class="label mt-3">{{ tell('words-of-your-region') }}</p>
    <div
      v-for="(forms, name) in regions"
      :key="name"
      class="flex flex-wrap gap-2 mt-2"
      role="group"
      :aria-label="forms.map((f) => f[0]).join(', ')"
    >
      <button
        v-for="(form, nth) in forms"
        :key="form[0]"
        type="button"
        class="choice"
        :class="{ on: nth === formOf(name) }"
        :aria-pressed="nth === formOf(name)"
        @click="sayForm(name, nth)"
      >
        {{ form[0] }}
      </button>
    </div>
  </div>
</template>
