<script setup lang="ts">
/**
 * What stands there, said in a sentence and read while it is typed; what was understood is shown,
 * what was not is struck through, what lacks is asked.
 */
import tell from 'words:start'
import PickOne from '@/controls/PickOne.vue'
import { useNames } from '@/composables/useNames'
import { useSettings } from '@/composables/useSettings'
import { useAct } from '@/composables/useAct'
import { api, heed, type Grove, type Schemas } from '@/api/client'
import { useDebounceFn, useSessionStorage } from '@vueuse/core'
import { computed, ref, toRefs } from 'vue'
import GroupCard from './GroupCard.vue'
import { newId } from '@/api/ids'
import { draftOf, openOf, partsOf, type Draft, type Said } from './said'

const { units } = useSettings()
const props = defineProps<{ grove: Grove }>()
interface SoFar {
  text: string
  understood: Schemas['PlantingOut'] | null
  drafts: Draft[]
}
/** What was said and filled in so far, kept while the page is left. */
const { text, understood, drafts } = toRefs(
  useSessionStorage<SoFar>('billhook-said', { text: '', understood: null, drafts: [] }).value,
)
const site = ref(props.grove.sites[0]?.id ?? '')
const reading = useAct()
const { act, busy, fields, trouble } = useAct()
const { rows } = useNames()
const emit = defineEmits<{ planted: [groups: { count: number; id: string }[]] }>()
const wrongAt = ref(-1)
const read = useDebounceFn(async () => {
  const said = text.value.trim()
  if (!said) {
    understood.value = null
    drafts.value = []
    return
  }
  await reading.act(async () => {
    const found = await heed(api.POST('/api/plantings/understand', { body: { text: said } }))
    if (said !== text.value.trim()) return
    understood.value = found
    drafts.value = found.groups.map(draftOf)
    wrongAt.value = -1
  }, [])
}, 250)
function typed() {
  void read()
}
const parts = computed(() => partsOf(text.value, understood.value?.unread ?? []))
const asksOf = (nth: number) => understood.value?.asks.filter((a) => a.group === nth) ?? []
const ready = computed(
  () => drafts.value.length > 0 && drafts.value.every((d) => openOf(d).length === 0),
)
async function plant() {
  const together = newId()
  const done: { count: number; id: string }[] = []
  const all = await act(async () => {
    while (drafts.value.length) {
      wrongAt.value = 0
      const d = drafts.value[0]!
      const body = {
        ...d,
        site_id: site.value,
        count: d.count!,
        planted_year: d.planted_year!,
        cultivar: d.cultivar || null,
        rootstock: d.rootstock || null,
        origin: (d.origin || null) as Said['origin'],
        row: d.row.trim() || null,
        pot_l: d.in_pot ? d.pot_l : null,
        together: d.together ? together : null,
        in_pot: undefined,
      }
      const made = await heed(api.POST('/api/plantings', { body }))
      done.push({ count: d.count!, id: made.tree_ids[0]! })
      // those that stand there are no longer to be planted, should a later one be refused
      drafts.value.shift()
    }
  }, ['grove', 'today'])
  if (!all) return
  understood.value = null
  text.value = ''
  emit('planted', done)
}
/** One more of a kind, without a sentence. */
function add(species: string) {
  if (!species) return
  drafts.value.push({
    ...draftOf({ count: 1, species } as Said),
  })
}
const kinds = computed(() => rows('species'))
</script>

<template>
  <section :aria-label="tell('say-what-stands-there')">
    <label class="label" for="say">{{ tell('say-it') }}</label>
    <textarea
      id="say"
      v-model="text"
      class="field text-lead"
      rows="2"
      maxlength="600"
      autocomplete="off"
      :placeholder="tell('one-old-orange-tall-and', { which: units === 'us' ? '15 ft' : '4.5 m' })"
      @input="typed"
    ></textarea>
    <p class="text-note text-ink2 mt-1">
      {{
        tell('or-row-3-24-navels', {
          which: units === 'us' ? tell('n-10-ft-by-20-ft') : tell('n-3-m-by-6-m'),
        })
      }}
    </p>
    <p
      v-if="understood?.unread.length"
      class="mt-1"
      :aria-label="tell('what-was-read-words-struck')"
    >
      <template v-for="(part, i) in parts" :key="i"
        ><s v-if="part.unread" class="text-ink2">{{ part.text }}</s
        ><template v-else>{{ part.text }}</template></template
      >
    </p>
    <form
      v-if="drafts.length"
      class="mt-3 grid gap-4"
      :aria-label="tell('what-was-understood')"
      @submit.prevent="plant"
    >
      <GroupCard
        v-for="(_, nth) in drafts"
        :key="nth"
        v-model="drafts[nth]!"
        :grove="grove"
        :nth="nth"
        :asks="asksOf(nth)"
        :wrong="nth === wrongAt ? fields : {}"
      />
      <div v-if="grove.sites.length > 1">
        <label class="label" for="p-site">{{ tell('place') }}</label>
        <PickOne id="p-site" v-model="site" class="field">
          <option v-for="s in grove.sites" :key="s.id" :value="s.id">{{ s.name }}</option>
        </PickOne>
      </div>
      <button class="btn btn-go" :disabled="!ready || busy">
        {{
          drafts.length > 1 || (drafts[0]?.count ?? 1) > 1
            ? tell('they-stand-there')
            : tell('it-stands-there')
        }}
      </button>
    </form>
    <p v-if="trouble || reading.trouble.value" class="wrong mt-2" role="alert">
      {{ trouble || reading.trouble.value }}
    </p>
    <div class="flex flex-wrap gap-3 items-center mt-3">
      <label class="text-ink2" for="one-more">{{ tell('or-pick-a-kind') }}</label>
      <PickOne id="one-more" class="field !w-56" model-value="" @update:model-value="add">
        <option value="">{{ tell('one-more-tree') }}</option>
        <option v-for="k in kinds" :key="k.id" :value="k.id">{{ k.name }}</option>
      </PickOne>
    </div>
  </section>
</template>
