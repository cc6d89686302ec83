<script setup lang="ts">
/** Paste or pick a list of trees; it is checked line by line, and saved whole or not at all. */
import tell from 'words:start'
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
  <section :aria-label="tell('a-list-of-trees')">
    <h2 class="text-part">{{ tell('or-a-list-as-csv') }}</h2>
    <p class="text-note text-ink2">
      {{
        tell('columns-block-row-place-species', {
          which: units === 'us' ? tell('pot-gal-union-ft-height') : tell('pot-l-union-m-height'),
        })
      }}
    </p>
    <p class="text-note text-ink2">
      {{ tell('geojson-of-a-survey-points') }}
    </p>
    <label class="label mt-2" for="list">{{ tell('paste-the-list') }}</label>
    <textarea
      id="list"
      v-model="text"
      rows="6"
      class="field font-mono text-small"
      :placeholder="tell('block-row-place-species-planted')"
    />
    <div class="flex flex-wrap gap-2 mt-2 items-center">
      <label class="btn btn-small"
        >{{ tell('pick-a-file') }}
        <input
          type="file"
          accept=".csv,.geojson,.json,text/csv,text/plain,application/geo+json"
          class="sr-only"
          @change="file"
      /></label>
      <label class="sr-only" for="list-site">{{ tell('place') }}</label>
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
        {{ tell('check-it') }}
      </button>
      <button
        type="button"
        class="btn btn-small btn-go"
        :disabled="!text.trim() || busy"
        @click="send(true)"
      >
        {{ busy ? tell('reading') : tell('import-it') }}
      </button>
    </div>
    <p v-if="trouble" class="wrong mt-2" role="alert">{{ trouble }}</p>
    <div v-if="result" class="mt-2" role="status">
      <p v-if="result.saved">
        {{ tell('trees-in-blocks-stand-there', { trees: result.trees, blocks: result.blocks }) }}
      </p>
      <p v-else-if="!result.problems.length">
        {{ tell('the-list-is-in-order', { trees: result.trees, blocks: result.blocks }) }}
      </p>
      <template v-else>
        <p class="wrong">
          {{ tell('nothing-was-saved-things-to', { problems: result.problems.length }) }}
        </p>
        <ul class="list-disc pl-5">
          <li v-for="(p, i) in result.problems.slice(0, 30)" :key="i">
            {{ surveyed ? tell('feature') : tell('line-2') }} {{ p.line
            }}<template v-if="p.column">, {{ p.column }}</template
            >: {{ p.message }}
          </li>
        </ul>
      </template>
    </div>
  </section>
</template>
