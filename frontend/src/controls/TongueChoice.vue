<script setup lang="ts">
/** In which language this device speaks; each by its own name, so that nobody need read another. */
import tell from 'words:app'
import { chosen, language, LANGUAGES } from '@/words'
</script>

<template>
  <div
    v-if="LANGUAGES.length > 1"
    class="flex flex-wrap gap-2"
    role="group"
    :aria-label="tell('language')"
    data-test="tongues"
  >
    <button
      v-for="l in LANGUAGES"
      :key="l.code"
      type="button"
      class="choice"
      :class="{ on: l.code === language }"
      :aria-pressed="l.code === language"
      :lang="l.code"
      @click="chosen = l.code"
    >
      {{ l.name }}
    </button>
  </div>
</template>
