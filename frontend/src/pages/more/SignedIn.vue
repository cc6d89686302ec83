<script setup lang="ts">
/** Who is signed in on this device, and going out. */
import tell from 'words:more'
import { api, heed } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { canPasskey, makePasskey } from '@/composables/usePasskey'
import { useSession } from '@/composables/useSession'
import { useOutbox } from '@/field/outbox'
import { ref } from 'vue'

const { session, account, changed } = useSession()
const made = ref(false)
const make = () => act(async () => void (made.value = await makePasskey()), ['heard'])
const { waiting } = useOutbox()
const { act, busy, trouble } = useAct()
async function out() {
  if (await act(() => heed(api.DELETE('/api/session')), [])) await changed()
}
</script>

<template>
  <section v-if="account" :aria-label="tell('signed-in')">
    <h2 class="text-part border-b-2 border-ink pb-1 mb-2">{{ tell('signed-in') }}</h2>
    <p>
      {{ tell('as-2') }} <b>{{ account.name }}</b>, {{ account.role }}.
      <template v-if="waiting.length"
        >{{ ' ' }}{{ tell('what-waits-here-to-be', { account: account.name }) }}{{ ' ' }}</template
      >
    </p>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p v-if="made" role="status">{{ tell('from-now-on-this-device') }}</p>
    <button
      v-if="session?.passkeys && canPasskey() && !made"
      type="button"
      class="btn mt-2 mr-2"
      :disabled="busy"
      @click="make"
    >
      {{ tell('come-in-by-this-device') }}
    </button>
    <button type="button" class="btn mt-2" :disabled="busy" @click="out">
      {{ tell('sign-this-device-out') }}
    </button>
  </section>
</template>
