<script setup lang="ts">
/** Paste or pick a list of trees; it is checked line by line, and saved whole or not at all. */
import PickOne from '@/controls/PickOne.vue'
import { useAct } from '@/composables/useAct'
import { api, heed, type Grove, type Schemas } from '@/api/client'
import { longWork } from '@/composables/useLong'
import { useSettings } from '@/composables/useSettings'
import { computed, ref } from 'vue'

const { units } = useSettings()
const props = defineProps<{ grove: Grove }>()
const text = ref('')
const site = ref(props.grove.sites[0]?.id ?? '')
const result = ref<Schemas['ImportOut'] | null>(null)
/** A file of surveyed blocks and trees, and not a list. */
const surveyed = computed(() => /^\s*\{/.test(text.value))
const { act, trouble, busy } = useAct()
async function file(event: Event) {
  const picked = (event.target as HTMLInputElement).files?.[0]
  if (picked) text.value = await picked.text()
}
async function send(save: boolean) {
  await act(async () => {
    result.value = await longWork(() =>
      heed(
        api.POST(surveyed.value ? '/api/trees/geojson' : '/api/trees/import', {
          body: { site_id: site.value, text: text.value, save },
        }),
      ),
    )
    if (result.value.saved) {
      text.value = ''
    }
  })
}
</script>

<template>
  <section aria-label="A list of trees">
    <h2 class="text-part">Or a list, as CSV or GeoJSON</h2>
    <p class="text-note text-ink2">
      Columns: block, row, place, species, planted_year; and if known cultivar, rootstock,
      {{
        units === 'us'
          ? 'pot_gal, union_ft, height_ft, spread_ft, trunk_in, x_ft, y_ft. In metres they end in _m, _mm and _l.'
          : 'pot_l, union_m, height_m, spread_m, trunk_mm, x, y. In feet they end in _ft, _in and _gal.'
      }}
    </p>
    <p class="text-note text-ink2">
      GeoJSON of a survey: points are trees with these columns as properties; outlines are blocks,
      their rows counted out by their spacing and bearing, as the guide says.
    </p>
    <label class="label mt-2" for="list">Paste the list</label>
    <textarea
      id="list"
      v-model="text"
      rows="6"
      class="field font-mono text-small"
      placeholder="block,row,place,species,planted_year,cultivar&#10;Alto,1,1,avocado,2016,Hass"
    />
    <div class="flex flex-wrap gap-2 mt-2 items-center">
      <label class="btn btn-small"
        >Pick a file
        <input
          type="file"
          accept=".csv,.geojson,.json,text/csv,text/plain,application/geo+json"
          class="sr-only"
          @change="file"
      /></label>
      <label class="sr-only" for="list-site">Place</label>
      <PickOne
        v-if="grove.sites.length > 1"
        id="list-site"
        v-model="site"
        class="field !w-auto field-small !py-1"
      >
        <option v-for="s in grove.sites" :key="s.id" :value="s.id">{{ s.name }}</option>
      </PickOne>
      <button
        type="button"
        class="btn btn-small"
        :disabled="!text.trim() || busy"
        @click="send(false)"
      >
        Check it
      </button>
      <button
        type="button"
        class="btn btn-small btn-go"
        :disabled="!text.trim() || busy"
        @click="send(true)"
      >
        {{ busy ? 'Reading …' : 'Import it' }}
      </button>
    </div>
    <p v-if="trouble" class="wrong mt-2" role="alert">{{ trouble }}</p>
    <div v-if="result" class="mt-2" role="status">
      <p v-if="result.saved">
        {{ result.trees }} trees in {{ result.blocks }}
        {{ result.blocks === 1 ? 'block' : 'blocks' }} stand there now.
      </p>
      <p v-else-if="!result.problems.length">
        The list is in order: {{ result.trees }} trees in {{ result.blocks }}
        {{ result.blocks === 1 ? 'block' : 'blocks' }}.
      </p>
      <template v-else>
        <p class="wrong">
          Nothing was saved. {{ result.problems.length }}
          {{ result.problems.length === 1 ? 'thing' : 'things' }} to put right:
        </p>
        <ul class="list-disc pl-5">
          <li v-for="(p, i) in result.problems.slice(0, 30)" :key="i">
            {{ surveyed ? 'feature' : 'line' }} {{ p.line
            }}<template v-if="p.column">, {{ p.column }}</template
            >: {{ p.message }}
          </li>
        </ul>
      </template>
    </div>
  </section>
</template>
