<script setup lang="ts">
/** At the table: where a phone opens Billhook, as a code to point its camera at. */
import { api, heed } from '@/api/client'
import { useQuery } from '@tanstack/vue-query'

const { data } = useQuery({
  queryKey: ['address'],
  queryFn: () => heed(api.GET('/api/address')),
  staleTime: Infinity,
})
const QUIET = 4
</script>

<template>
  <!-- its room is kept while the answer is on its way -->
  <section aria-label="Open it on a phone" class="min-h-[calc(2lh+3.5rem)]">
    <h2 class="text-part border-b-2 border-ink">Open it on a phone</h2>
    <p v-if="data && !data.url" class="py-2">
      Billhook listens to this machine alone. Started with <code>--host 0.0.0.0</code> it can be
      opened from a phone on the same network; the guide says how.
    </p>
    <div v-else-if="data" class="flex flex-wrap gap-5 items-center py-3">
      <svg
        v-if="data.qr"
        class="w-44 h-44 bg-white"
        role="img"
        :aria-label="`Code for ${data.url}`"
        :viewBox="`${-QUIET} ${-QUIET} ${data.qr.side + 2 * QUIET} ${data.qr.side + 2 * QUIET}`"
        shape-rendering="crispEdges"
      >
        <path :d="data.qr.path" fill="#000" />
      </svg>
      <div class="flex-1 min-w-56 grid gap-1">
        <p>Point the phone’s camera at it, or type</p>
        <p class="tag text-lead break-all">{{ data.url }}</p>
        <p v-if="data.secure">
          The page is secure: the phone keeps its pages and opens them without signal.
        </p>
        <p v-else class="keep">
          This address is not secure, so a phone keeps no pages and opens none without signal; one
          that stays open goes on working. Started with a certificate (<code>--certificate</code>,
          <code>--key</code>) Billhook serves a secure one, and this code leads to it; the guide
          says how.
        </p>
      </div>
    </div>
  </section>
</template>
