<script setup lang="ts">
/** Sheets for many trees: made a few at a time, so that one sees how far it is; then printed. */
import tell from 'words:parts'
import { api, heed, type Schemas } from '@/api/client'
import { newId } from '@/api/ids'
import { useAct } from '@/composables/useAct'
import PickOne from '@/controls/PickOne.vue'
import { dayWords } from '@/geometry/day'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, useId, watch } from 'vue'
import ToCount from './ToCount.vue'

const props = defineProps<{ treeIds: string[]; row?: string }>()
const id = useId()
/** Trees a call, so that the bar moves. */
const FEW = 6
const { data: known } = useQuery({
  queryKey: ['goals'],
  queryFn: () => heed(api.GET('/api/goals')),
  staleTime: Infinity,
})
const goals = computed(() => (known.value?.goals ?? []).filter((g) => !g.alone))
const goal = ref<string | null>(null)
const done = ref(0)
const made = ref<Schemas['MadeOut'][]>([])
const counts = ref<Schemas['ToCountOut'][]>([])
const without = ref<Schemas['WithoutOut'][]>([])
const ready = ref(false)
const { act, busy, trouble } = useAct()
watch(
  () => props.treeIds.join(),
  () => fresh(),
)
function fresh() {
  ;[made.value, counts.value, without.value] = [[], [], []]
  ;[done.value, ready.value] = [0, false]
}
async function make() {
  fresh()
  const asked = [...props.treeIds]
  await act(async () => {
    for (let at = 0; at < asked.length; at += FEW) {
      const body = { id: newId(), tree_ids: asked.slice(at, at + FEW), goal: goal.value, day: null }
      const found = await heed(api.POST('/api/sheets/many', { body }))
      made.value.push(...found.made)
      counts.value.push(...found.to_count)
      without.value.push(...found.without)
      done.value = Math.min(asked.length, at + FEW)
    }
    ready.value = true
  })
}
/** Trees without a sheet, together where the reason is the same. */
const reasons = computed(() => {
  const found = new Map<string, Schemas['WithoutOut'][]>()
  for (const w of without.value) found.set(w.says, [...(found.get(w.says) ?? []), w])
  return [...found]
})
</script>

<template>
  <div class="grid gap-2" data-test="many-sheets">
    <form class="flex flex-wrap gap-2 items-end" @submit.prevent="make">
      <div>
        <label class="label" :for="`${id}g`">{{ tell('what-for') }}</label>
        <PickOne :id="`${id}g`" v-model="goal" class="field !w-64">
          <option :value="null">{{ tell('what-each-needs') }}</option>
          <option v-for="g in goals" :key="g.id" :value="g.id">{{ g.name }}</option>
        </PickOne>
      </div>
      <button class="btn btn-go" :disabled="busy">
        {{
          treeIds.length === 1
            ? tell('make-the-sheet')
            : tell('make-up-to-sheets', { treeIds: treeIds.length })
        }}
      </button>
    </form>
    <progress v-if="busy" :value="done" :max="treeIds.length" class="w-full">
      {{ tell('of-2', { done, treeIds: treeIds.length }) }}
    </progress>
    <p v-if="busy" role="status">
      {{ tell('planning-of-trees', { done, treeIds: treeIds.length }) }}
    </p>
    <div v-if="ready" role="status" class="grid gap-1">
      <p>
        {{ tell('sheets-made', { made: made.length }) }}
        <a v-if="row && made.length" class="link" :href="`/api/rows/${row}/sheets.pdf`">{{
          tell('print-them-as-one')
        }}</a>
      </p>
      <ul v-if="made.length" class="flex flex-wrap gap-x-4 gap-y-1">
        <li v-for="m in made" :key="m.sheet_id">
          <RouterLink class="link" :to="`/sheet/${m.sheet_id}`">{{ m.tree }}</RouterLink>
          <span class="text-ink2"
            >, {{ m.cuts }} {{ tell('cuts', { cuts: m.cuts }) }}, {{ dayWords(m.day) }}</span
          >
        </li>
      </ul>
      <ToCount v-if="counts.length" :trees="counts" />
      <div v-for="[says, trees] in reasons" :key="says">
        <p class="text-ink2">{{ says.charAt(0).toUpperCase() + says.slice(1) }}</p>
        <p>
          <RouterLink
            v-for="w in trees"
            :key="w.tree_id"
            class="link mr-3"
            :to="`/tree/${w.tree_id}/cut`"
            >{{ w.tree }}</RouterLink
          >
        </p>
      </div>
    </div>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
  </div>
</template>
