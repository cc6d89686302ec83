<script setup lang="ts">
import tell from 'words:app'
import FindHead from '@/controls/FindHead.vue'
import FieldState from '@/controls/FieldState.vue'
import UndoLine from '@/controls/UndoLine.vue'
import WireNav from '@/controls/WireNav.vue'
import Patterns from '@/drawings/Patterns.vue'
import { useGrove } from '@/composables/useGrove'
import { heedHome } from '@/field/home'
import { fullDay, today } from '@/geometry/day'
import { useKeys } from '@/composables/useKeys'
import { useSession } from '@/composables/useSession'
import { useSettings } from '@/composables/useSettings'
import { language, region } from '@/words'
import { useQueryClient } from '@tanstack/vue-query'
import { defineAsyncComponent, ref, watch } from 'vue'
import { useRouter } from 'vue-router'

const { switchUnits, heedUnits } = useSettings()
const { data: grove } = useGrove()
watch(
  grove,
  (g) => {
    if (!g) return
    today.value = g.day
    if (g.holding) heedUnits(g.units)
    if (g.holding_id) heedHome(g.holding_id, g.holding ?? '', g.restored)
  },
  { immediate: true },
)
const { out, heedOut } = useSession()
heedOut()
const queries = useQueryClient()
// what was answered is asked for again in the language that was chosen
watch([language, region], () => void queries.invalidateQueries())
const router = useRouter()
const help = ref(false)
/** These come after the first page stands. */
const SignIn = defineAsyncComponent(() => import('@/pages/SignIn.vue'))
const KeysHelp = defineAsyncComponent(() => import('@/controls/KeysHelp.vue'))
const OddEntries = defineAsyncComponent(() => import('@/controls/OddEntries.vue'))
const LongWork = defineAsyncComponent(() => import('@/controls/LongWork.vue'))
const find = ref<{ open: () => void }>()

useKeys([
  {
    keys: ['/'],
    get says() {
      return tell('find-a-tree')
    },
    run: () => find.value?.open(),
  },
  {
    keys: ['u'],
    get says() {
      return tell('metric-or-feet-and-inches')
    },
    run: () => void switchUnits(),
  },
  {
    keys: ['t'],
    get says() {
      return tell('today')
    },
    run: () => void router.push('/today'),
  },
  {
    keys: ['g'],
    get says() {
      return tell('the-grove')
    },
    run: () => void router.push('/grove'),
  },
  {
    keys: ['a'],
    get says() {
      return tell('the-year')
    },
    run: () => void router.push('/year'),
  },
  {
    keys: ['l', 'b'],
    get says() {
      return tell('the-book')
    },
    run: () => void router.push('/book'),
  },
  {
    keys: ['?'],
    get says() {
      return tell('these-keys')
    },
    run: () => (help.value = true),
  },
])
</script>

<template>
  <a
    href="#main"
    class="sr-only focus:not-sr-only focus:fixed focus:left-2 focus:top-2 focus:z-50 btn"
    >{{ tell('go-to-the-page') }}</a
  >
  <Patterns />
  <WireNav v-if="!out"><FindHead ref="find" /></WireNav>
  <p v-if="grove?.demo" class="demo-line no-print">
    {{ tell('demo-made-up-on', { day: fullDay(grove.day) }) }}
    <RouterLink class="underline" to="/more">{{ tell('another-day') }}</RouterLink>
  </p>
  <FieldState class="no-print" />
  <OddEntries v-if="!out" class="no-print" />
  <main id="main" tabindex="-1" class="outline-none">
    <SignIn v-if="out" />
    <RouterView v-else v-slot="{ Component, route }"
      ><component :is="Component" :key="String(route.matched[0]?.name)"
    /></RouterView>
  </main>
  <UndoLine />
  <LongWork v-if="!out" />
  <KeysHelp v-if="help" v-model="help" />
</template>

<style>
/* it pushes nothing aside when it comes */
.demo-line {
  position: absolute;
  z-index: 5;
  top: 14px;
  right: 286px;
  font-size: var(--text-small);
  color: var(--ink2);
}
@media (max-width: 1000px) {
  .demo-line {
    position: fixed;
    z-index: 20;
    inset: auto 0 var(--wire) 0;
    padding: 1px 14px;
    border-top: 1px solid var(--rule);
    background: var(--paper);
  }
  :root:has(.demo-line) {
    --foot: calc(var(--wire) + 24px);
  }
  :root:has(.demo-line):has(.undo.there) {
    --foot: calc(var(--wire) + 76px);
  }
}
</style>
