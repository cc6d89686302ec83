<script setup lang="ts">
/** Who works here: names, how far they reach, what they may carry, and whose rows are whose. */
import tell from 'words:people'
import { api, heed, type Schemas } from '@/api/client'
import { newId } from '@/api/ids'
import { useAct } from '@/composables/useAct'
import { useGrove } from '@/composables/useGrove'
import { usePeople } from '@/composables/usePeople'
import { useSettings } from '@/composables/useSettings'
import { lengthWords, weightWords } from '@/geometry/measure'
import { ref } from 'vue'
import { useSession } from '@/composables/useSession'
import MayComeIn from './people/MayComeIn.vue'
import PersonForm from './people/PersonForm.vue'

type Person = Schemas['PersonOut']
const { session, plans } = useSession()
const { people, fetched } = usePeople()
const { data: grove } = useGrove()
const { units } = useSettings()
const { act, trouble } = useAct()
const open = ref<string | null>(null)
const fresh = ref(newId())
function kept() {
  open.value = null
  fresh.value = newId()
}
const remove = (p: Person) =>
  act(() => heed(api.DELETE('/api/people/{id}', { params: { path: { id: p.id } } })))
const facts = (p: Person) =>
  [
    p.reach_m && tell('reaches', { reach: lengthWords(p.reach_m, units.value) }),
    p.pole_m && tell('with-a-pole', { pole: lengthWords(p.pole_m, units.value) }),
    p.carries_kg && tell('carries', { carries: weightWords(p.carries_kg, units.value) }),
    p.hours_week && tell('h-a-week', { hoursWeek: p.hours_week }),
  ]
    .filter(Boolean)
    .join(', ')
/** Rows and blocks of somebody, as they are called, each with its page. */
function theirs(p: Person) {
  const blocks = grove.value?.blocks ?? []
  return p.scope_ids.flatMap((id) => {
    const block = blocks.find((b) => b.id === id)
    if (block) return [{ to: `/block/${id}`, name: block.name }]
    const row = grove.value?.rows.find((r) => r.id === id)
    const of = blocks.find((b) => b.id === row?.block_id)
    return row && of ? [{ to: `/row/${id}`, name: tell('row-3', { of: of.name, n: row.n }) }] : []
  })
}
</script>

<template>
  <div class="max-w-3xl mx-auto px-4 py-4 grid gap-4">
    <h1 class="text-title">{{ tell('people') }}</h1>
    <p class="text-ink2 max-w-[60ch]">
      {{ tell('who-works-here-a-name') }} <i>{{ tell('record') }}</i>{{
        tell('and-today-can-be-read')
      }}
    </p>
    <ul>
      <li v-for="p in people" :key="p.id" class="border-t border-rule py-2" data-test="person">
        <div class="flex flex-wrap gap-x-4 gap-y-1 items-center">
          <b class="tag text-lead">{{ p.name }}</b>
          <span class="text-ink2 flex-1">{{ facts(p) }}</span>
          <button
            v-if="plans"
            type="button"
            class="btn btn-small"
            :aria-expanded="open === p.id"
            @click="open = open === p.id ? null : p.id"
          >
            {{ tell('change') }}
          </button>
          <button v-if="plans" type="button" class="btn btn-small" @click="remove(p)">
            {{ tell('take-off-the-list') }}
          </button>
        </div>
        <p v-if="p.scope_ids.length">
          {{ tell('theirs') }}
          <RouterLink v-for="s in theirs(p)" :key="s.to" class="link mr-3" :to="s.to">{{
            s.name
          }}</RouterLink>
        </p>
        <PersonForm v-if="open === p.id" :id="p.id" :person="p" @kept="kept" />
      </li>
    </ul>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <section
      v-if="fetched && plans"
      :aria-label="tell('somebody-new')"
      class="border-t-2 border-ink pt-2"
    >
      <h2 class="text-part">{{ tell('somebody-new') }}</h2>
      <PersonForm :id="fresh" :key="fresh" @kept="kept" />
    </section>
    <MayComeIn v-if="session?.required && session.owns" />
  </div>
</template>
