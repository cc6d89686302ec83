<script setup lang="ts">
/** For the owner: who may come in as what, their devices, an invitation, and what happened. */
import tell from 'words:people'
import { api, heed, type Schemas } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { useSession } from '@/composables/useSession'
import PickOne from '@/controls/PickOne.vue'
import QrCode from '@/controls/QrCode.vue'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, useId } from 'vue'

type Role = Schemas['RoleIn']['role']
const { account } = useSession()
const { data } = useQuery({
  queryKey: ['accounts'],
  queryFn: () => heed(api.GET('/api/accounts')),
})
const { data: heard } = useQuery({
  queryKey: ['heard'],
  queryFn: () => heed(api.GET('/api/heard')),
})
const { act, busy, trouble, fields } = useAct()
const name = ref('')
const role = ref<Role>('helper')
const invited = ref<Schemas['InviteOut'] | null>(null)
const id = useId()
const FRESH = ['accounts', 'heard', 'session']
const roles = computed(() =>
  (data.value?.roles ?? []).map((r) => ({ id: r.id, name: r.says.split(':')[0]! })),
)
const invite = () =>
  act(async () => {
    invited.value = await heed(
      api.POST('/api/invites', { body: { name: name.value, role: role.value } }),
    )
    name.value = ''
  }, FRESH)
const path = (of: string) => ({ params: { path: { id: of } } })
const change = (of: string, to: Role) =>
  act(() => heed(api.PUT('/api/accounts/{id}', { ...path(of), body: { role: to } })), FRESH)
const remove = (of: string) => act(() => heed(api.DELETE('/api/accounts/{id}', path(of))), FRESH)
const out = (of: string) => act(() => heed(api.DELETE('/api/devices/{id}', path(of))), FRESH)
const when = (at: string) =>
  new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' }).format(new Date(at))
</script>

<template>
  <section :aria-label="tell('who-may-come-in')" class="border-t-2 border-ink pt-2 grid gap-3">
    <h2 class="text-part">{{ tell('who-may-come-in') }}</h2>
    <ul class="text-ink2">
      <li v-for="r in data?.roles" :key="r.id">{{ r.says }}</li>
    </ul>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <ul>
      <li
        v-for="a in data?.accounts"
        :key="a.id"
        class="border-t border-rule py-2 grid gap-1"
        data-test="account"
      >
        <div class="flex flex-wrap gap-3 items-center">
          <b class="tag text-lead flex-1">{{ a.name }}</b>
          <label class="sr-only" :for="`${id}${a.id}`">{{
            tell('what-is', { name: a.name })
          }}</label>
          <PickOne
            :id="`${id}${a.id}`"
            class="field !w-36"
            :model-value="a.role"
            @update:model-value="change(a.id, $event)"
          >
            <option v-for="r in roles" :key="r.id" :value="r.id">{{ r.name }}</option>
          </PickOne>
          <button
            v-if="a.id !== account?.id"
            type="button"
            class="btn btn-small"
            :disabled="busy"
            @click="remove(a.id)"
          >
            {{ tell('let-in-no-more') }}
          </button>
        </div>
        <p v-if="a.role === 'helper'" class="text-ink2" data-test="sees">
          {{
            a.own_rows === null
              ? tell('sees-all-rows-none-are')
              : tell('sees-rows-those-of-this', { ownRows: a.own_rows })
          }}
        </p>
        <p v-for="d in a.devices" :key="d.id" class="flex flex-wrap gap-3 items-center text-ink2">
          <span class="flex-1">
            {{ d.device }},
            {{ d.this ? tell('this-device') : tell('seen-2', { seen: when(d.seen) })
            }}{{ ' ' }}</span
          >
          <button
            v-if="!d.this"
            type="button"
            class="btn btn-small"
            :disabled="busy"
            @click="out(d.id)"
          >
            {{ tell('sign-this-device-out') }}
          </button>
        </p>
      </li>
    </ul>
    <form class="grid gap-2" :aria-label="tell('let-somebody-in')" @submit.prevent="invite">
      <h3 class="tag text-lead">{{ tell('let-somebody-in-or-give') }}</h3>
      <div class="flex flex-wrap gap-3 items-end">
        <div>
          <label class="label" :for="`${id}n`">{{ tell('name') }}</label>
          <input :id="`${id}n`" v-model="name" class="field" maxlength="60" autocomplete="off" />
          <p v-if="fields['/name']" class="wrong">{{ fields['/name'] }}</p>
        </div>
        <div>
          <label class="label" :for="`${id}r`">{{ tell('as-2') }}</label>
          <PickOne :id="`${id}r`" v-model="role" class="field !w-36">
            <option v-for="r in roles" :key="r.id" :value="r.id">{{ r.name }}</option>
          </PickOne>
        </div>
        <button class="btn btn-go" :disabled="busy || !name.trim()">
          {{ tell('show-a-code') }}
        </button>
      </div>
    </form>
    <div v-if="invited" class="flex flex-wrap gap-5 items-center" role="status">
      <QrCode v-if="invited.qr" :qr="invited.qr" :url="invited.url" />
      <p class="flex-1 min-w-56">
        {{ tell('whoever-points-a-phone-at', { minutes: invited.minutes }) }}
        <span class="block break-all text-ink2">{{ invited.url }}</span>
      </p>
    </div>
    <details v-if="heard?.heard.length">
      <summary class="tag">{{ tell('what-happened-at-the-door') }}</summary>
      <ul class="num">
        <li v-for="(h, n) in heard.heard" :key="n" class="border-b border-rule py-1">
          {{ when(h.at) }} · <b>{{ h.name }}</b> {{ h.what
          }}<template v-if="h.about">, {{ h.about }}</template
          ><span v-if="h.where" class="text-ink2">{{ tell('from-4', { where: h.where }) }}</span>
        </li>
      </ul>
    </details>
  </section>
</template>
