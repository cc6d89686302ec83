<script setup lang="ts">
/** The cold night: what it hurt block by block, what must be seen to first, and the trees that bear a class since. */
import { api, heed, sentence, type Schemas } from '@/api/client'
import { useGrove } from '@/composables/useGrove'
import { useSettings } from '@/composables/useSettings'
import WorkingDialog from '@/controls/WorkingDialog.vue'
import { dayWords, weightWords } from '@/geometry/measure'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, reactive, ref } from 'vue'

const { units } = useSettings()
const queries = useQueryClient()
const { data: grove } = useGrove()
const site = ref('')
const siteId = computed(() => site.value || (grove.value?.sites[0]?.id ?? ''))
const night = reactive({ day: '', min: '', hours: '4' })
const found = ref<Schemas['NightOut'] | null>(null)
const trouble = ref('')
const busy = ref(false)
const number = (text: string) => Number(text.replace(',', '.').replace('−', '-'))
const ready = computed(() => night.day && night.min.trim() !== '' && Number.isFinite(number(night.min)) && number(night.hours) > 0)
async function run(save: boolean) {
  busy.value = true
  trouble.value = ''
  try {
    const body = { day: night.day, min_c: number(night.min), hours: number(night.hours), save }
    found.value = await heed(api.POST('/api/sites/{id}/night', { params: { path: { id: siteId.value } }, body }))
    if (save) void queries.invalidateQueries()
  } catch (error) {
    trouble.value = sentence(error)
  } finally {
    busy.value = false
  }
}
const { data: hurt } = useQuery({
  queryKey: ['hurt', siteId],
  queryFn: () => heed(api.GET('/api/sites/{id}/hurt', { params: { path: { id: siteId.value } } })),
  enabled: computed(() => !!siteId.value),
})
const CLASSES = ['F6', 'F5', 'F4', 'F3', 'F2', 'F1', 'F0']
const counts = (b: Schemas['HurtBlockOut']) =>
  CLASSES.filter((c) => b.classes[c])
    .map((c) => `${b.classes[c]} ${c}`)
    .join(', ')
const shown = ref(40)
const working = ref<Schemas['HurtTreeOut'] | null>(null)
const open = computed({ get: () => !!working.value, set: (on) => !on && (working.value = null) })
</script>

<template>
  <div class="px-6 py-3 max-sm:px-3 max-w-[1200px] mx-auto grid gap-4">
    <header class="pb-2 border-b-2 border-ink">
      <h1 class="text-[1.75rem]">After frost</h1>
      <p class="text-ink2">
        Wait before you cut: green leaves prove nothing until the second flush. Protect the union first, before the next cold night.
      </p>
    </header>
    <form class="ask" aria-label="The night" @submit.prevent="run(false)">
      <div v-if="(grove?.sites.length ?? 0) > 1">
        <label class="label" for="site">Site</label>
        <select id="site" v-model="site" class="field">
          <option v-for="s in grove?.sites ?? []" :key="s.id" :value="s.id === grove?.sites[0]?.id ? '' : s.id">{{ s.name }}</option>
        </select>
      </div>
      <div>
        <label class="label" for="night">The night of</label>
        <input id="night" v-model="night.day" type="date" class="field" :max="grove?.day" required />
      </div>
      <div>
        <label class="label" for="min">Coldest at the station, °C</label>
        <input id="min" v-model="night.min" class="field" inputmode="text" autocomplete="off" placeholder="-4.5" />
      </div>
      <div>
        <label class="label" for="hours">For so many hours</label>
        <input id="hours" v-model="night.hours" class="field" inputmode="decimal" autocomplete="off" />
      </div>
      <button class="btn btn-go !min-h-12" :disabled="!ready || busy">What was hurt</button>
    </form>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <section v-if="found" aria-label="What the night hurt" class="grid gap-3" data-test="night">
      <div class="flex flex-wrap items-center gap-4">
        <h2 class="text-[1.3rem]">What the night hurt</h2>
        <p class="text-ink2">foreseen from the numbers, off by about 1.5 °C either way; the tree itself decides</p>
        <button type="button" class="btn ml-auto !min-h-12" :disabled="busy || !!found.saved" @click="run(true)">
          {{ found.saved ? `${found.saved} classes are written down` : 'Write the classes down' }}
        </button>
      </div>
      <ul class="blocks">
        <li v-for="b in found.blocks" :key="b.block_id">
          <b class="plate">{{ b.name }}</b>
          <span class="num">{{ b.at_c.toFixed(1) }} °C</span> {{ counts(b) }}
          <span v-if="b.missed_kg !== null && b.missed_kg > 0.5" class="text-ink2"
            >about {{ weightWords(b.missed_kg, units) }} of the next crop missed</span
          >
        </li>
      </ul>
      <p v-if="found.unknown.length" class="text-[0.95rem]">
        Hardiness is not known of {{ found.unknown.join(', ') }}: look at those trees themselves.
      </p>
      <p class="text-[0.95rem]">
        Cut-test fruit after five to seven days; hurt fruit goes to juice by {{ dayWords(found.salvage_by[0]!) }} in mild,
        {{ dayWords(found.salvage_by[1]!) }} in cool weather.
      </p>
      <ol>
        <li v-for="t in found.trees.slice(0, shown)" :key="t.tree_id" class="hurt">
          <b class="tag text-lg">{{ t.damage.class }}</b>
          <RouterLink class="link" :to="`/tree/${t.tree_id}/frost`">{{ t.name }}</RouterLink>
          <span
            >{{ t.first }}<template v-if="t.damage.possible"> Possibly {{ t.damage.possible }}.</template></span
          >
          <button type="button" class="underline min-h-6" :aria-label="`Working for ${t.name}`" @click="working = t">Working</button>
        </li>
      </ol>
      <button v-if="found.trees.length > shown" type="button" class="btn !min-h-11" @click="shown += 100">
        {{ found.trees.length - shown }} more
      </button>
    </section>
    <section aria-label="Trees that bear a class">
      <h2 class="text-[1.3rem]">Hurt trees</h2>
      <p v-if="!hurt?.trees.length">No tree bears a class of frost damage.</p>
      <ul>
        <li v-for="t in hurt?.trees ?? []" :key="t.tree_id" class="hurt">
          <b class="tag text-lg">{{ t.frost_class }}</b>
          <RouterLink class="link" :to="`/tree/${t.tree_id}/frost`">{{ t.name }}</RouterLink>
          <span>since the night of {{ dayWords(t.night) }}</span>
        </li>
      </ul>
    </section>
    <WorkingDialog
      v-if="working"
      v-model="open"
      :title="working.name"
      :sentence="working.damage.reasons[0]?.text ?? ''"
      :reasons="working.damage.reasons"
    />
  </div>
</template>

<style scoped>
.ask {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(170px, 1fr));
  gap: 12px;
  align-items: end;
}
.blocks li {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  border-top: 1px solid var(--rule);
  padding: 7px 0;
}
.hurt {
  display: grid;
  grid-template-columns: 2.2rem 7rem 1fr auto;
  gap: 10px;
  border-top: 1px solid var(--rule);
  padding: 6px 0;
  align-items: baseline;
}
@media (max-width: 640px) {
  .hurt {
    grid-template-columns: 2.2rem 1fr;
  }
}
</style>
