<script setup lang="ts">
/** At the table: where a phone opens Billhook, as a code to point its camera at. */
import { api, heed } from '@/api/client'
import QrCode from '@/controls/QrCode.vue'
import { useQuery } from '@tanstack/vue-query'

const { data } = useQuery({
  queryKey: ['address'],
  queryFn: () => heed(api.GET('/api/address')),
  staleTime: Infinity,
})
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
      <QrCode v-if="data.qr" :qr="data.qr" :url="data.url ?? ''" />
      <div class="flex-1 min-w-56 grid gap-1">
        <p>Point the phone’s camera at it, or type</p>
        <p class="tag text-lead break-all">{{ data.url }}</p>
        <p v-if="data.secure">
          The page is secure: the phone keeps its pages and opens them without signal.
        </p>
        <p v-else class="keep">
          This address is not secure, so a phone keeps no pages and opens none without signal; one
          that stays open goes on working. On the computer that runs Billhook make a certificate
          with <code>billhook certificate</code> and start it again; this code then leads to a
          secure page.
        </p>
      </div>
    </div>
    <details v-if="data?.trust" class="pb-3">
      <summary class="tag">
        The phone says the page is not private: let it trust this computer
      </summary>
      <div class="flex flex-wrap gap-5 items-center py-3">
        <QrCode :qr="data.trust.qr" :url="data.trust.url" />
        <ol class="flex-1 min-w-56 list-decimal pl-5 grid gap-1">
          <li>
            Open
            <a class="link break-all" :href="data.trust.url">{{ data.trust.url }}</a> on the phone;
            it takes in a certificate. It vouches for the names and addresses of this computer and
            for nothing else.
          </li>
          <li>
            Android: Settings, Security, Encryption and credentials, Install a certificate, CA
            certificate, and pick the file.
          </li>
          <li>
            iPhone: Settings, Profile downloaded, Install; then General, About, Certificate trust
            settings, and switch it on.
          </li>
          <li>Open Billhook again. Names of settings differ from phone to phone.</li>
        </ol>
      </div>
    </details>
  </section>
</template>
