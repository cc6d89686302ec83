<script setup lang="ts">
/** Everything that is not of every day: places, frost, heights of rows, data, help, units, colours. */
import tell from 'words:more'
import BackupsPart from './more/BackupsPart.vue'
import DemoDay from './place/DemoDay.vue'
import { longWork } from '@/composables/useLong'
import { useGrove } from '@/composables/useGrove'
import { THEMES, useSettings } from '@/composables/useSettings'
import { useSession } from '@/composables/useSession'
import { computed } from 'vue'
import SignedIn from './more/SignedIn.vue'
import TongueChoice from '@/controls/TongueChoice.vue'
import WordChoice from '@/controls/WordChoice.vue'
import { LANGUAGES } from '@/words'

const { units, theme, setUnits } = useSettings()
const UNITS = [
  {
    id: 'metric',
    get name() {
      return tell('metres-millimetres-c')
    },
  },
  {
    id: 'us',
    get name() {
      return tell('feet-inches-f')
    },
  },
] as const
const parts = [
  {
    get name() {
      return tell('the-holding')
    },
    links: [
      {
        to: '/start',
        get name() {
          return tell('add-trees')
        },
        get says() {
          return tell('say-what-stands-there-or')
        },
      },
      {
        to: '/place',
        get name() {
          return tell('places-and-weather')
        },
        get says() {
          return tell('climate-station-ways-of-working')
        },
      },
      {
        to: '/people',
        get name() {
          return tell('people')
        },
        get says() {
          return tell('who-works-here-how-far')
        },
      },
      {
        to: '/heights',
        get name() {
          return tell('heights-of-rows')
        },
        get says() {
          return tell('sun-on-the-walls-hedging')
        },
      },
      {
        to: '/frost',
        get name() {
          return tell('frost')
        },
        get says() {
          return tell('before-a-cold-night-after')
        },
      },
    ],
  },
  {
    get name() {
      return tell('help')
    },
    links: [
      {
        to: '/phone',
        get name() {
          return tell('on-this-phone-2')
        },
        get says() {
          return tell('what-opens-without-signal-what')
        },
      },
      {
        to: '/practice',
        get name() {
          return tell('practice')
        },
        get says() {
          return tell('trees-that-are-nobody-s')
        },
      },
      {
        to: '/help',
        get name() {
          return tell('help')
        },
        get says() {
          return tell('first-steps-words-of-the')
        },
      },
      {
        to: '/known',
        get name() {
          return tell('what-is-known')
        },
        get says() {
          return tell('every-number-and-how-sure')
        },
      },
    ],
  },
]
const { session } = useSession()
const { data: grove } = useGrove()
const LISTS = [
  {
    id: 'trees',
    get name() {
      return tell('trees')
    },
  },
  {
    id: 'log',
    get name() {
      return tell('the-log')
    },
  },
  {
    id: 'harvests',
    get name() {
      return tell('fruit-picked')
    },
  },
  {
    id: 'hours',
    get name() {
      return tell('hours')
    },
  },
  {
    id: 'tasks',
    get name() {
      return tell('what-is-due')
    },
  },
  {
    id: 'materials',
    get name() {
      return tell('materials-of-the-months-ahead')
    },
  },
]
/** The browser fetches it; how far it is shows meanwhile, as long as it goes on. */
const SEEN_BY_MS = 3000
const watched = () => longWork(() => new Promise((done) => setTimeout(done, SEEN_BY_MS)))
const files = computed(() => [
  ...(grove.value?.sites ?? []).map((s) => ({
    href: `/api/sites/${s.id}/grove.geojson`,
    name: tell('as-geojson', { name: s.name }),
  })),
])
</script>

<template>
  <div class="max-w-3xl mx-auto px-4 py-4 grid gap-6">
    <h1 class="text-title">{{ tell('more') }}</h1>
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
    <section :aria-label="tell('units')">
      <h2 class="text-part border-b-2 border-ink pb-1 mb-2">{{ tell('units') }}</h2>
      <div class="flex flex-wrap gap-2" role="group" :aria-label="tell('units')">
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
      <p class="text-ink2 mt-1">{{ tell('the-same-on-every-device') }}</p>
    </section>
    <section v-if="LANGUAGES.length > 1" :aria-label="tell('language')">
      <h2 class="text-part border-b-2 border-ink pb-1 mb-2">
        {{ tell('language-of-this-device') }}
      </h2>
      <TongueChoice />
      <WordChoice />
      <p class="text-ink2 mt-1">{{ tell('notes-stay-as-typed') }}</p>
    </section>
    <section :aria-label="tell('colours')">
      <h2 class="text-part border-b-2 border-ink pb-1 mb-2">
        {{ tell('colours-on-this-device') }}
      </h2>
      <div class="flex flex-wrap gap-2" role="group" :aria-label="tell('colours')">
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
    <section v-if="session?.plans" :aria-label="tell('data-out')">
      <h2 class="text-part border-b-2 border-ink pb-1 mb-2">{{ tell('data-out') }}</h2>
      <table class="mb-3">
        <tbody>
          <tr v-for="l in LISTS" :key="l.id" class="border-b border-rule">
            <th scope="row" class="tag text-lead text-left font-normal pr-6 py-1">{{ l.name }}</th>
            <td v-for="kind in ['csv', 'xlsx']" :key="kind" class="py-1 pr-2">
              <a
                class="btn btn-small"
                :href="`/api/lists/${l.id}.${kind}`"
                :aria-label="tell('as', { name: l.name, kind: kind.toUpperCase() })"
                download
                >{{ kind.toUpperCase() }}</a
              >
            </td>
          </tr>
        </tbody>
      </table>
      <p class="flex flex-wrap gap-2">
        <a v-if="session.owns" class="btn" href="/api/package.zip" download @click="watched">{{
          tell('all-of-it-as-one')
        }}</a>
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
