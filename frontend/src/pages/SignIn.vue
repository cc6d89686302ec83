<script setup lang="ts">
/** By name and PIN; or by an invitation, with a PIN of one’s own. */
import tell from 'words:people'
import { api, heed } from '@/api/client'
import TongueChoice from '@/controls/TongueChoice.vue'
import { useAct } from '@/composables/useAct'
import { canPasskey, enterByPasskey } from '@/composables/usePasskey'
import { useSession } from '@/composables/useSession'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, useId } from 'vue'
import { useRoute, useRouter } from 'vue-router'

const route = useRoute()
const router = useRouter()
const { session, changed } = useSession()
const { act, busy, trouble, fields } = useAct()
const name = useLocalStorage('signed-in-as', '')
const pin = ref('')
const id = useId()
/** What an invitation bears behind its address: it goes to nobody but in the answer to it. */
const code = computed(() => (route.name === 'join' ? route.hash.slice(1).split('/')[0]! : ''))
const invited = computed(
  () => (code.value && decodeURIComponent(route.hash.split('/')[1] ?? '')) || '',
)
async function enter() {
  const done = await act(async () => {
    const body = { name: invited.value || name.value, pin: pin.value }
    const said = await heed(
      code.value
        ? api.POST('/api/join', { body: { ...body, code: code.value } })
        : api.POST('/api/session', { body }),
    )
    name.value = said.account?.name ?? name.value
  }, [])
  pin.value = ''
  if (!done) return
  if (code.value) await router.replace('/today')
  await changed()
}
const byPasskey = async () => {
  let entered = false
  const done = await act(async () => void (entered = await enterByPasskey()), [])
  if (done && entered) await changed()
}
</script>

<template>
  <form class="max-w-[420px] mx-auto px-4 py-8 grid gap-4" @submit.prevent="enter">
    <TongueChoice />
    <h1 class="text-title">{{ code ? tell('come-in') : tell('sign-in') }}</h1>
    <p v-if="session && !session.safe" class="keep" role="alert">{{ session.says }}</p>
    <p v-if="code">
      {{ tell('take-a-pin-of-six') }}
    </p>
    <p v-if="invited">
      {{ tell('you-come-in-as') }} <b>{{ invited }}</b>.
    </p>
    <div v-else>
      <label class="label" :for="`${id}n`">{{ tell('your-name') }}</label>
      <input
        :id="`${id}n`"
        v-model="name"
        class="field"
        maxlength="60"
        autocomplete="username"
        autocapitalize="words"
        :aria-invalid="!!fields['/name']"
        :aria-describedby="fields['/name'] ? `${id}nw` : undefined"
      />
      <p v-if="fields['/name']" :id="`${id}nw`" class="wrong">{{ fields['/name'] }}</p>
    </div>
    <div>
      <label class="label" :for="`${id}p`">{{ tell('pin') }}</label>
      <input
        :id="`${id}p`"
        v-model="pin"
        class="field"
        type="password"
        maxlength="128"
        :autocomplete="code ? 'new-password' : 'current-password'"
        :aria-invalid="!!fields['/pin']"
        :aria-describedby="fields['/pin'] ? `${id}pw` : undefined"
      />
      <p v-if="fields['/pin']" :id="`${id}pw`" class="wrong">{{ fields['/pin'] }}</p>
    </div>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <button class="btn btn-go" :disabled="busy || !pin || !(invited || name)">
      {{ code ? tell('come-in') : tell('sign-in') }}
    </button>
    <button
      v-if="!code && session?.passkeys && canPasskey()"
      type="button"
      class="btn"
      :disabled="busy"
      @click="byPasskey"
    >
      {{ tell('with-this-device-s-lock') }}
    </button>
    <p v-if="!code" class="text-ink2">
      {{ tell('no-pin-yet-or-lost') }} <i>{{ tell('people') }}</i>{{
        tell('an-owner-comes-in-with')
      }}
      <code>billhook owner</code> {{ tell('shows-on-the-computer-that') }}
    </p>
  </form>
</template>
