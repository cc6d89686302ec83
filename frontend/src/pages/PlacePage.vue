<script setup lang="ts">
/**
 * What the answers rest on here: the place and its weather, the stance, the calendar that goes out,
 * kinds of one's own.
 */
import tell from 'words:place'
import PickOne from '@/controls/PickOne.vue'
import { useAct } from '@/composables/useAct'
import { api, heed, sentence } from '@/api/client'
import { useGrove } from '@/composables/useGrove'
import WeatherStrip from '@/drawings/WeatherStrip.vue'
import { useQuery } from '@tanstack/vue-query'
import { useClipboard } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import NormalsForm from './place/NormalsForm.vue'
import OwnKind from './place/OwnKind.vue'
import StancePanel from './place/StancePanel.vue'
import StationForm from './place/StationForm.vue'

const route = useRoute()
const { data: grove } = useGrove()
const chosen = ref('')
watch(grove, (g) => !chosen.value && g?.sites[0] && (chosen.value = g.sites[0].id), {
  immediate: true,
})
const path = computed(() => ({ path: { id: chosen.value } }))
const on = computed(() => !!chosen.value)
const { data: site, error } = useQuery({
  queryKey: ['site', chosen],
  queryFn: () => heed(api.GET('/api/sites/{id}', { params: path.value })),
  enabled: on,
})
const { data: weather } = useQuery({
  queryKey: ['weather', chosen],
  queryFn: () => heed(api.GET('/api/sites/{id}/weather', { params: path.value })),
  enabled: on,
})
const { act, trouble } = useAct()
async function turn(scenario: string) {
  await act(async () => {
    await heed(api.PUT('/api/weather/scenario', { body: { scenario } }))
  })
}
const block = ref('')
const { data: address } = useQuery({
  queryKey: ['calendar-address'],
  queryFn: () => heed(api.GET('/api/calendar-address')),
  staleTime: Infinity,
})
const feed = computed(() => {
  const url = new URL(address.value?.url ?? `${location.origin}/api/calendar.ics`)
  if (block.value) url.searchParams.set('block', block.value)
  return url.href
})
const saved = computed(() => `/api/calendar.ics${new URL(feed.value).search}`)
const renew = () => act(() => heed(api.POST('/api/calendar-address')), ['calendar-address'])
const { copy, copied } = useClipboard({ legacy: true })
const parts = ['place', 'stance', 'weather', 'station', 'calendar', 'kinds']
const open = (part: string) =>
  route.hash ? route.hash === `#${part}` : part === (route.query.tree ? 'stance' : 'place')
</script>

<template>
  <div class="max-w-4xl mx-auto px-4 py-4">
    <header class="flex flex-wrap gap-3 items-end justify-between border-b-2 border-ink pb-3">
      <h1 class="text-title">{{ tell('places-and-weather') }}</h1>
      <div v-if="(grove?.sites.length ?? 0) > 1">
        <label class="label" for="which-site">{{ tell('site') }}</label>
        <PickOne id="which-site" v-model="chosen" class="field field-small">
          <option v-for="s in grove?.sites" :key="s.id" :value="s.id">{{ s.name }}</option>
        </PickOne>
      </div>
    </header>
    <p v-if="grove && !grove.sites.length" class="py-4">
      {{ tell('no-place-is-described-yet') }}
      <RouterLink class="link" to="/start">{{ tell('say-where-the-trees-stand') }}</RouterLink>
    </p>
    <p v-if="error || trouble" class="wrong py-2" role="alert">{{ trouble || sentence(error) }}</p>
    <template v-if="site">
      <details :id="parts[0]" class="part" :open="open('place')">
        <summary>
          <h2>{{ tell('the-place') }}</h2>
        </summary>
        <NormalsForm :site="site" />
      </details>
      <details :id="parts[1]" class="part" :open="open('stance')">
        <summary>
          <h2>{{ tell('ways-of-working') }}</h2>
        </summary>
        <StancePanel />
      </details>
      <details :id="parts[2]" class="part" :open="open('weather')">
        <summary>
          <h2>{{ tell('weather') }}</h2>
        </summary>
        <template v-if="weather">
          <p>
            {{ weather.station }}{{ weather.simulated ? tell('invented-for-the-demo-a') : '' }}.
          </p>
          <p v-if="weather.missing" data-test="no-forecast">{{ weather.missing }}</p>
          <WeatherStrip
            v-if="weather.days.length || weather.forecast.length"
            class="max-w-xl"
            :days="weather.days"
            :forecast="weather.forecast"
          />
          <fieldset v-if="weather.scenarios.length" class="mt-2">
            <legend class="label">{{ tell('how-the-demo-s-weather') }}</legend>
            <div class="grid sm:grid-cols-2 gap-2">
              <label
                v-for="s in weather.scenarios"
                :key="s.id"
                class="flex gap-2 items-center min-h-8"
              >
                <input
                  type="radio"
                  name="scenario"
                  :value="s.id"
                  :checked="weather.scenario === s.id"
                  @change="turn(s.id)"
                />{{ s.says }}
              </label>
            </div>
          </fieldset>
        </template>
      </details>
      <details :id="parts[3]" class="part" :open="open('station')">
        <summary>
          <h2>{{ tell('days-of-your-own-station') }}</h2>
        </summary>
        <StationForm :site-id="chosen" />
      </details>
      <details :id="parts[4]" class="part" :open="open('calendar')">
        <summary>
          <h2>{{ tell('calendar') }}</h2>
        </summary>
        <p class="text-note">
          {{ tell('what-to-look-at-again') }}
        </p>
        <div class="grid sm:grid-cols-[200px_1fr_auto_auto_auto] gap-3 items-end">
          <div>
            <label class="label" for="feed-block">{{ tell('of-3') }}</label>
            <PickOne id="feed-block" v-model="block" class="field">
              <option value="">{{ tell('the-whole-holding') }}</option>
              <option v-for="b in grove?.blocks ?? []" :key="b.id" :value="b.id">
                {{ b.name }}
              </option>
            </PickOne>
          </div>
          <div>
            <label class="label" for="feed">{{ tell('address-to-subscribe-to') }}</label>
            <input
              id="feed"
              class="field"
              readonly
              :value="feed"
              @focus="($event.target as HTMLInputElement).select()"
            />
          </div>
          <button type="button" class="btn btn-small" @click="copy(feed)">
            {{ copied ? tell('copied') : tell('copy-it') }}
          </button>
          <button v-if="address?.secret" type="button" class="btn btn-small" @click="renew">
            {{ tell('renew-it') }}
          </button>
          <a class="btn btn-small" :href="saved" download="billhook.ics">{{
            tell('save-the-file')
          }}</a>
        </div>
      </details>
      <details :id="parts[5]" class="part" :open="open('kinds')">
        <summary>
          <h2>{{ tell('a-kind-of-tree-of') }}</h2>
        </summary>
        <OwnKind />
      </details>
    </template>
  </div>
</template>

<style scoped>
.part {
  border-bottom: 2px solid var(--ink);
  padding: 10px 0 14px;
}
.part > summary {
  cursor: pointer;
  min-height: 40px;
}
.part > summary h2 {
  display: inline;
  font-size: var(--text-part);
}
.part[open] > summary {
  margin-bottom: 10px;
}
</style>
