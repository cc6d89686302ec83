<script setup lang="ts">
/**
 * Hazards now, suckers, dead wood from its day, shaping next spring: each cut with how it is made,
 * and a sheet of what is open.
 */
import tell from 'words:frost'
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
  get hazards() {
    return tell('hazards')
  },
  get suckers() {
    return tell('suckers')
  },
  get dead() {
    return tell('dead-wood')
  },
  get shaping() {
    return tell('final-shaping')
  },
}
const when = (s: Schemas['FrostStageOut']) =>
  s.when <= props.today ? 'now' : tell('from-3', { when: dayWords(s.when) })
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
  <p v-if="!stages.length">{{ tell('draw-the-tree-first-give') }}</p>
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
            {{ tell('show-cuts', { cuts: s.cuts.length }) }}
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
                  {{
                    tell('across-3', {
                      tool: c.advice.tool,
                      wound: diameterWords(c.wound_mm, units),
                    })
                  }}<template v-if="c.hand_kg >= 0.5"
                    >, {{ weightWords(c.hand_kg, units) }}</template
                  >, {{ Math.max(1, Math.round(c.advice.minutes)) }} min
                </p>
                <p v-for="n in c.notes" :key="n.code"><SaidText :text="n.text" /></p>
                <HowToCut :advice="c.advice" />
              </div>
            </li>
          </ol>
          <div class="flex flex-wrap gap-3 items-center mt-2">
            <span class="num">{{
              tell('min-together', { count: Math.max(1, Math.round(s.minutes)) })
            }}</span>
            <button v-if="s.may" type="button" class="btn btn-go ml-auto" @click="make(s.name)">
              {{ tell('make-the-sheet') }}
            </button>
          </div>
        </template>
        <p v-if="s.left.length" class="text-note text-ink2">
          {{
            tell('twigs-that-may-hang', {
              left: s.left.slice(0, 4).join(', '),
              left2: s.left.length > 4 ? ' ' + tell('and-more', { left: s.left.length - 4 }) : '',
            })
          }}
        </p>
      </li>
    </ol>
  </div>
</template>
