<script setup lang="ts">
/** An address as a code to point a phone’s camera at. */
import tell from 'words:app'
import type { Schemas } from '@/api/client'

defineProps<{ qr: Schemas['QrOut']; url: string }>()
const QUIET = 4
</script>

<template>
  <svg
    class="w-44 h-44 bg-white"
    role="img"
    :aria-label="tell('code-for', { url })"
    :viewBox="`${-QUIET} ${-QUIET} ${qr.side + 2 * QUIET} ${qr.side + 2 * QUIET}`"
    shape-rendering="crispEdges"
  >
    <path :d="qr.path" fill="#000" />
  </svg>
</template>
