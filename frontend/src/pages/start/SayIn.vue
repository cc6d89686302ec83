<script setup lang="ts">
/**
 * What stands there, said in a sentence; what was understood is shown and can be put right before
 * it is planted.
 */
import { useAct } from '@/composables/useAct'
import { api, heed, type Grove, type Schemas } from '@/api/client'
import { useQuery } from '@tanstack/vue-query'
import { computed, reactive, ref } from 'vue'

const props = defineProps<{ grove: Grove }>()
const text = ref('')
const understood = ref<Schemas['PlantingOut'] | null>(null)
const draft = reactive({
  site: props.grove.sites[0]?.id ?? '',
  block: props.grove.blocks[0]?.name ?? 'Garden',
  count: 1,
  species: '',
  cultivar: '',
  rootstock: '',
  row: null as number | null,
  pot: null as number | null,
  year: new Date(props.grove.day).getFullYear() - 5,
  cover: false,
})
const { act, fields, trouble } = useAct()
const planted = ref<{ count: number; id: string } | null>(null)
const { data: names } = useQuery({
  queryKey: ['catalogue', ''],
  queryFn: () => heed(api.GET('/api/catalogue', { params: { query: {} } })),
  staleTime: Infinity,
})
/** Rows of a catalogue table with their names. */
function rows(table: string) {
  return (names.value?.values ?? [])
    .filter((v) => v.id.startsWith(`${table}/`) && v.id.endsWith('/name'))
    .map((v) => ({ id: v.id.split('/')[1]!, name: String(v.value) }))
}
const cultivars = computed(() => {
  const of = new Set(
    (names.value?.values ?? [])
      .filter(
        (v) =>
          v.id.startsWith('cultivars/') && v.id.endsWith('/species') && v.value === draft.species,
      )
      .map((v) => v.id.split('/')[1]),
  )
  return rows('cultivars').filter((c) => of.has(c.id))
})
async function read() {
  planted.value = null
  await act(async () => {
    const found = await heed(api.POST('/api/plantings/understand', { body: { text: text.value } }))
    understood.value = found
    Object.assign(draft, {
      count: found.count,
      species: found.species ?? '',
      cultivar: found.cultivar ?? '',
      rootstock: found.rootstock ?? '',
      row: found.row,
      pot: found.pot_l,
      year: found.planted_year ?? draft.year,
    })
    if (found.pot_l && draft.block === 'Garden') draft.block = 'Pots'
  }, [])
}
async function plant() {
  await act(async () => {
    const body = {
      site_id: draft.site,
      block: draft.block,
      row: draft.row,
      count: draft.count,
      species: draft.species,
      cultivar: draft.cultivar || null,
      rootstock: draft.rootstock || null,
      planted_year: draft.year,
      pot_l: draft.pot,
      under_cover: draft.cover,
      spacing_m: null,
    }
    const made = await heed(api.POST('/api/plantings', { body }))
    planted.value = { count: draft.count, id: made.tree_ids[0]! }
    understood.value = null
    text.value = ''
  }, ['grove'])
}
const newest = computed(() => props.grove.trees.find((t) => t.id === planted.value?.id))
</script>

<template>
  <section aria-label="Say what stands there">
    <form @submit.prevent="read">
      <label class="label" for="say">Say it</label>
      <div class="flex gap-2">
        <input
          id="say"
          v-model="text"
          class="field text-lg"
          maxlength="300"
          autocomplete="off"
          placeholder="row 3, 24 navels alike"
        />
        <button class="btn btn-go" :disabled="!text.trim()">Read it</button>
      </div>
      <p class="text-[0.92rem] text-ink2 mt-1">
        Or: a lemon in a 40-litre pot; 12 Hass avocados on clonal Mexican, planted 2015.
      </p>
    </form>
    <form
      v-if="understood"
      class="sheet-card mt-3 grid grid-cols-2 sm:grid-cols-4 gap-3"
      aria-label="What was understood"
      @submit.prevent="plant"
    >
      <p v-if="understood.missing.length" class="keep col-span-full">
        Still to be said: {{ understood.missing.join(', ') }}.
      </p>
      <div>
        <label class="label" for="p-count">Trees</label>
        <input
          id="p-count"
          v-model.number="draft.count"
          type="number"
          min="1"
          max="2000"
          class="field"
          :aria-invalid="!!fields['/count']"
        />
      </div>
      <div>
        <label class="label" for="p-species">Kind</label>
        <select id="p-species" v-model="draft.species" class="field" required>
          <option value="" disabled>pick one</option>
          <option v-for="s in rows('species')" :key="s.id" :value="s.id">{{ s.name }}</option>
        </select>
      </div>
      <div>
        <label class="label" for="p-cultivar">Cultivar</label>
        <select id="p-cultivar" v-model="draft.cultivar" class="field">
          <option value="">not known</option>
          <option v-for="s in cultivars" :key="s.id" :value="s.id">{{ s.name }}</option>
        </select>
      </div>
      <div>
        <label class="label" for="p-stock">Rootstock</label>
        <select id="p-stock" v-model="draft.rootstock" class="field">
          <option value="">not known</option>
          <option v-for="s in rows('rootstocks')" :key="s.id" :value="s.id">{{ s.name }}</option>
        </select>
      </div>
      <div>
        <label class="label" for="p-block">Block</label>
        <input
          id="p-block"
          v-model="draft.block"
          class="field"
          maxlength="120"
          required
          list="blocks"
        />
        <datalist id="blocks">
          <option v-for="b in grove.blocks" :key="b.id" :value="b.name" />
        </datalist>
      </div>
      <div>
        <label class="label" for="p-row">Row</label>
        <input
          id="p-row"
          type="number"
          min="1"
          max="999"
          class="field"
          placeholder="next"
          :value="draft.row ?? ''"
          @input="draft.row = Number(($event.target as HTMLInputElement).value) || null"
        />
      </div>
      <div>
        <label class="label" for="p-year">Planted, year</label>
        <input
          id="p-year"
          v-model.number="draft.year"
          type="number"
          min="1850"
          max="2200"
          class="field"
          :aria-invalid="!!fields['/planted_year']"
        />
      </div>
      <div>
        <label class="label" for="p-pot">Pot, litres</label>
        <input
          id="p-pot"
          type="number"
          min="1"
          max="2000"
          class="field"
          placeholder="in the ground"
          :value="draft.pot ?? ''"
          @input="draft.pot = Number(($event.target as HTMLInputElement).value) || null"
        />
      </div>
      <label v-if="draft.pot" class="flex gap-2 items-center col-span-full"
        ><input v-model="draft.cover" type="checkbox" class="size-5" /> carried under cover in
        winter</label
      >
      <div v-if="grove.sites.length > 1" class="col-span-2">
        <label class="label" for="p-site">Place</label>
        <select id="p-site" v-model="draft.site" class="field">
          <option v-for="s in grove.sites" :key="s.id" :value="s.id">{{ s.name }}</option>
        </select>
      </div>
      <button class="btn btn-go col-span-full" :disabled="!draft.species">They stand there</button>
    </form>
    <p v-if="trouble" class="wrong mt-2" role="alert">{{ trouble }}</p>
    <div
      v-if="newest"
      class="mt-3 flex flex-wrap gap-3 items-center"
      role="status"
      data-test="planted"
    >
      <span class="plate">{{ newest.name }}</span>
      <span
        >{{
          planted!.count === 1 ? 'stands there.' : `and ${planted!.count - 1} more stand there.`
        }}
        Today: {{ newest.need }}.</span
      >
      <RouterLink class="btn btn-small" :to="`/tree/${newest.id}`">Open it</RouterLink>
      <RouterLink class="btn btn-small" to="/">The grove</RouterLink>
    </div>
  </section>
</template>
