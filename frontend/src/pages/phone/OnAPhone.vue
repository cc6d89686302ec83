<script setup lang="ts">
/** At the table: where a phone opens Billhook, as a code to point its camera at. */
import tell from 'words:phone'
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
  <section :aria-label="tell('open-it-on-a-phone')" class="min-h-[calc(2lh+3.5rem)]">
    <h2 class="text-part border-b-2 border-ink">{{ tell('open-it-on-a-phone') }}</h2>
    <p v-if="data && !data.url" class="py-2">
      {{ tell('billhook-listens-to-this-machine') }} <code>--host 0.0.0.0</code>
      {{ tell('it-can-be-opened-from') }}
    </p>
    <div v-else-if="data" class="flex flex-wrap gap-5 items-center py-3">
      <QrCode v-if="data.qr" :qr="data.qr" :url="data.url ?? ''" />
      <div class="flex-1 min-w-56 grid gap-1">
        <p>{{ tell('point-the-phone-s-camera') }}</p>
        <p class="tag text-lead break-all">{{ data.url }}</p>
        <p v-if="data.secure">
          {{ tell('the-page-is-secure-the') }}
        </p>
        <p v-else class="keep">
          {{ tell('this-address-is-not-secure') }} <code>billhook certificate</code>
          {{ tell('and-start-it-again-this') }}
        </p>
      </div>
    </div>
    <details v-if="data?.trust" class="pb-3">
      <summary class="tag">
        {{ tell('the-phone-says-the-page') }}
      </summary>
      <div class="flex flex-wrap gap-5 items-center py-3">
        <QrCode :qr="data.trust.qr" :url="data.trust.url" />
        <ol class="flex-1 min-w-56 list-decimal pl-5 grid gap-1">
          <li>
            {{ tell('open-2') }}
            <a class="link break-all" :href="data.trust.url">{{ data.trust.url }}</a>
            {{ tell('on-the-phone-it-takes') }}
          </li>
          <li>
            {{ tell('android-settings-security-encryption-and') }}
          </li>
          <li>
            {{ tell('iphone-settings-profile-downloaded-install') }}
          </li>
          <li>{{ tell('open-billhook-again-names-of') }}</li>
        </ol>
      </div>
    </details>
  </section>
</template>
