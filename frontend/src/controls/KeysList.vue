<script setup lang="ts">
/** The keys of the page and what each does. */
import { keysInForce } from '@/composables/useKeys'
</script>

<template>
  <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
    <template v-for="key in keysInForce()" :key="key.says">
      <dt class="text-right">
        <kbd v-for="k in key.shown ? [key.shown] : key.keys" :key="k" class="ml-1">{{ k }}</kbd>
      </dt>
      <dd>{{ key.says }}</dd>
    </template>
  </dl>
</template>
