<script setup lang="ts">
/** Who is signed in on this device, and going out. */
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
  <section v-if="account" aria-label="Signed in">
    <h2 class="text-part border-b-2 border-ink pb-1 mb-2">Signed in</h2>
    <p>
      As <b>{{ account.name }}</b>, {{ account.role }}.
      <template v-if="waiting.length">
        What waits here to be sent stays until {{ account.name }} is back.
      </template>
    </p>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p v-if="made" role="status">From now on this device’s own lock lets you in.</p>
    <button
      v-if="session?.passkeys && canPasskey() && !made"
      type="button"
      class="btn mt-2 mr-2"
      :disabled="busy"
      @click="make"
    >
      Come in by this device’s lock
    </button>
    <button type="button" class="btn mt-2" :disabled="busy" @click="out">
      Sign this device out
    </button>
  </section>
</template>
