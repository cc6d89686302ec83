<script setup lang="ts">
/** Everything that is not of every day: places, frost, heights of rows, data, help, units, colours. */
import BackupsPart from './more/BackupsPart.vue'
import DemoDay from './place/DemoDay.vue'
import { longWork } from '@/composables/useLong'
import { useGrove } from '@/composables/useGrove'
import { THEMES, useSettings } from '@/composables/useSettings'
import { useSession } from '@/composables/useSession'
import { computed } from 'vue'
import SignedIn from './more/SignedIn.vue'

const { units, theme, setUnits } = useSettings()
const UNITS = [
  { id: 'metric', name: 'Metres, millimetres, °C' },
  { id: 'us', name: 'Feet, inches, °F' },
] as const
const parts = [
  {
    name: 'The holding',
    links: [
      { to: '/start', name: 'Add trees', says: 'say what stands there, or bring in a list' },
      {
        to: '/place',
        name: 'Places and weather',
        says: 'climate, station, ways of working, calendar',
      },
      {
        to: '/people',
        name: 'People',
        says: 'who works here, how far they reach, whose rows are whose',
      },
      {
        to: '/heights',
        name: 'Heights of rows',
        says: 'sun on the walls, hedging, ways of renewal',
      },
      { to: '/frost', name: 'Frost', says: 'before a cold night, after it, and what was hurt' },
    ],
  },
  {
    name: 'Help',
    links: [
      {
        to: '/phone',
        name: 'On this phone',
        says: 'what opens without signal, what waits to be sent',
      },
      {
        to: '/practice',
        name: 'Practice',
        says: 'trees that are nobody’s: look, decide, talk it over',
      },
      { to: '/help', name: 'Help', says: 'first steps, words of the trade, the guide, keys' },
      { to: '/known', name: 'What is known', says: 'every number, and how sure it is' },
    ],
  },
]
const { session } = useSession()
const { data: grove } = useGrove()
const LISTS = [
  { id: 'trees', name: 'Trees' },
  { id: 'log', name: 'The log' },
  { id: 'harvests', name: 'Fruit picked' },
  { id: 'hours', name: 'Hours' },
  { id: 'tasks', name: 'What is due' },
  { id: 'materials', name: 'Materials of the months ahead' },
]
/** The browser fetches it; how far it is shows meanwhile, as long as it goes on. */
const SEEN_BY_MS = 3000
const watched = () => longWork(() => new Promise((done) => setTimeout(done, SEEN_BY_MS)))
const files = computed(() => [
  ...(grove.value?.sites ?? []).map((s) => ({
    href: `/api/sites/${s.id}/grove.geojson`,
    name: `${s.name} as GeoJSON`,
  })),
])
</script>

<template>
  <div class="max-w-3xl mx-auto px-4 py-4 grid gap-6">
    <h1 class="text-title">More</h1>
    <section v-for="part in parts" :key="part.name" :aria-label="part.name">
      <h2 class="text-part border-b-2 border-ink pb-1">{{ part.name }}</h2>
      <ul>
        <li v-for="link in part.links" :key="link.to" class="border-b border-rule">
          <RouterLink :to="link.to" class="line">
            <b class="tag text-lead">{{ link.name }}</b>
            <span class="text-ink2">{{ link.says }}</span>
          </RouterLink>
        </li>
      </ul>
    </section>
    <section aria-label="Units">
      <h2 class="text-part border-b-2 border-ink pb-1 mb-2">Units</h2>
      <div class="flex flex-wrap gap-2" role="group" aria-label="Units">
        <button
          v-for="u in UNITS"
          :key="u.id"
          type="button"
          class="choice"
          :class="{ on: units === u.id }"
          :aria-pressed="units === u.id"
          @click="setUnits(u.id)"
        >
          {{ u.name }}
        </button>
      </div>
      <p class="text-ink2 mt-1">The same on every device, sheet, list and calendar.</p>
    </section>
    <section aria-label="Colours">
      <h2 class="text-part border-b-2 border-ink pb-1 mb-2">Colours on this device</h2>
      <div class="flex flex-wrap gap-2" role="group" aria-label="Colours">
        <button
          v-for="t in THEMES"
          :key="t.id"
          type="button"
          class="choice"
          :class="{ on: theme === t.id }"
          :aria-pressed="theme === t.id"
          @click="theme = t.id"
        >
          {{ t.name }}
        </button>
      </div>
    </section>
    <SignedIn />
    <BackupsPart v-if="session?.owns" />
    <DemoDay v-if="session?.owns" />
    <section v-if="session?.plans" aria-label="Data out">
      <h2 class="text-part border-b-2 border-ink pb-1 mb-2">Data out</h2>
      <table class="mb-3">
        <tbody>
          <tr v-for="l in LISTS" :key="l.id" class="border-b border-rule">
            <th scope="row" class="tag text-lead text-left font-normal pr-6 py-1">{{ l.name }}</th>
            <td v-for="kind in ['csv', 'xlsx']" :key="kind" class="py-1 pr-2">
              <a
                class="btn btn-small"
                :href="`/api/lists/${l.id}.${kind}`"
                :aria-label="`${l.name} as ${kind.toUpperCase()}`"
                download
                >{{ kind.toUpperCase() }}</a
              >
            </td>
          </tr>
        </tbody>
      </table>
      <p class="flex flex-wrap gap-2">
        <a v-if="session.owns" class="btn" href="/api/package.zip" download @click="watched"
          >All of it as one package</a
        >
        <a v-for="f in files" :key="f.href" class="btn" :href="f.href" download>{{ f.name }}</a>
      </p>
    </section>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  align-items: baseline;
  min-height: 44px;
  padding: 8px 0;
}
.line b {
  text-decoration: underline;
  text-underline-offset: 4px;
  text-decoration-thickness: 1px;
}
</style>
