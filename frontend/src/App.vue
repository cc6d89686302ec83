<script setup lang="ts">
import FieldState from '@/controls/FieldState.vue'
import FindTree from '@/controls/FindTree.vue'
import KeysHelp from '@/controls/KeysHelp.vue'
import OddEntries from '@/controls/OddEntries.vue'
import WireNav from '@/controls/WireNav.vue'
import Patterns from '@/drawings/Patterns.vue'
import { useKeys } from '@/composables/useKeys'
import { useSettings } from '@/composables/useSettings'
import { ref } from 'vue'
import { useRouter } from 'vue-router'

const { switchUnits } = useSettings()
const router = useRouter()
const help = ref(false)
const find = ref<{ open: () => void }>()

useKeys([
  { keys: ['/'], says: 'find a tree', run: () => find.value?.open() },
  { keys: ['u'], says: 'metric or feet and inches', run: () => void switchUnits() },
  { keys: ['g'], says: 'the grove', run: () => void router.push('/') },
  { keys: ['a'], says: 'the almanac', run: () => void router.push('/almanac') },
  { keys: ['l'], says: 'the log', run: () => void router.push('/log') },
  { keys: ['?'], says: 'these keys', run: () => (help.value = true) },
])
</script>

<template>
  <a
    href="#main"
    class="sr-only focus:not-sr-only focus:fixed focus:left-2 focus:top-2 focus:z-50 btn"
    >Go to the page</a
  >
  <Patterns />
  <WireNav @help="help = true"><FindTree ref="find" /></WireNav>
  <FieldState class="no-print" />
  <OddEntries class="no-print" />
  <main id="main" tabindex="-1" class="outline-none">
    <RouterView v-slot="{ Component, route }"
      ><component :is="Component" :key="String(route.name)"
    /></RouterView>
  </main>
  <KeysHelp v-model="help" />
</template>
