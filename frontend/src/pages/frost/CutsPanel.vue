<script setup lang="ts">
/**
 * Hazards now, suckers, dead wood from its day, shaping next spring: each cut with how it is made,
 * and a sheet of what is open.
 */
import SaidText from '@/controls/SaidText.vue'
import { api, heed, type Schemas } from '@/api/client'
import { newId } from '@/api/ids'
import HowToCut from '@/controls/HowToCut.vue'
import ToneMark from '@/drawings/ToneMark.vue'
import { dayWords } from '@/geometry/day'
import { diameterWords, weightWords } from '@/geometry/measure'
import { useSettings } from '@/composables/useSettings'
import { useRouter } from 'vue-router'

const props = defineProps<{
  id: string
  stages: Schemas['FrostStageOut'][]
  open: string
  today: string
  cautions: string
  act: (what: () => Promise<unknown>) => Promise<boolean>
}>()
const emit = defineEmits<{ open: [stage: string] }>()
const { units } = useSettings()
const router = useRouter()
const NAMES: Record<Schemas['FrostStageOut']['name'], string> = {
  hazards: 'Hazards',
  suckers: 'Suckers',
  dead: 'Dead wood',
  shaping: 'Final shaping',
}
const when = (s: Schemas['FrostStageOut']) =>
  s.when <= props.today ? 'now' : `from ${dayWords(s.when)}`
const sheetId = newId()
const make = (stage: Schemas['FrostStageOut']['name']) =>
  props.act(async () => {
    const made = await heed(
      api.POST('/api/trees/{id}/frost-sheets', {
        params: { path: { id: props.id } },
        body: { id: sheetId, stage },
      }),
    )
    void router.push(`/sheet/${made.id}`)
  })
</script>

<template>
  <p v-if="!stages.length">Draw the tree first: give height, spread and trunk on its own page.</p>
  <div v-else class="grid gap-2">
    <p class="keep text-note">{{ cautions }}</p>
    <ol class="grid gap-2">
      <li v-for="s in stages" :key="s.name" class="border-t-2 border-ink pt-2" :data-stage="s.name">
        <div class="flex gap-3 items-start">
          <ToneMark :tone="s.may ? 'go' : s.when > today ? 'wait' : 'stop'" small class="mt-1" />
          <div class="flex-1">
            <h2 class="text-lead">
              {{ NAMES[s.name] }}
              <span v-if="s.cuts.length || s.name === 'shaping'" class="num font-normal">{{
                when(s)
              }}</span>
            </h2>
            <p class="text-note"><SaidText :text="s.reason.text" /></p>
          </div>
          <button
            v-if="s.cuts.length && open !== s.name"
            type="button"
            class="btn btn-small"
            @click="emit('open', s.name)"
          >
            Show {{ s.cuts.length }} {{ s.cuts.length === 1 ? 'cut' : 'cuts' }}
          </button>
        </div>
        <template v-if="open === s.name && s.cuts.length">
          <ol class="mt-1">
            <li
              v-for="(c, i) in s.cuts"
              :key="c.advice.limb"
              class="grid grid-cols-[auto_1fr] gap-x-3 border-t border-rule py-2 text-note"
            >
              <span class="flag" :class="{ 'flag-free': c.advice.free }">{{ i + 1 }}</span>
              <div>
                <p>
                  <b>{{ c.advice.position }}.</b> {{ c.advice.technique }}
                </p>
                <p class="text-ink2">
                  {{ c.advice.tool }}, {{ diameterWords(c.wound_mm, units) }} across<template
                    v-if="c.hand_kg >= 0.5"
                    >, {{ weightWords(c.hand_kg, units) }}</template
                  >, {{ Math.max(1, Math.round(c.advice.minutes)) }} min
                </p>
                <p v-for="n in c.notes" :key="n.code"><SaidText :text="n.text" /></p>
                <HowToCut :advice="c.advice" />
              </div>
            </li>
          </ol>
          <div class="flex flex-wrap gap-3 items-center mt-2">
            <span class="num">{{ Math.max(1, Math.round(s.minutes)) }} min together</span>
            <button v-if="s.may" type="button" class="btn btn-go ml-auto" @click="make(s.name)">
              Make the sheet
            </button>
          </div>
        </template>
        <p v-if="s.left.length" class="text-note text-ink2">
          Twigs that may hang: {{ s.left.slice(0, 4).join(', ')
          }}{{ s.left.length > 4 ? ` and ${s.left.length - 4} more` : '' }}.
        </p>
      </li>
    </ol>
  </div>
</template>
