<script setup lang="ts">
/** The third question: what is wanted of the trees that stand there now. */
import tell from 'words:start'
import { useAct } from '@/composables/useAct'
import { api, heed, type GroveTree } from '@/api/client'
import { useWork } from '@/composables/useStage'
import { useSettings } from '@/composables/useSettings'
import MeasureField from '@/controls/MeasureField.vue'
import { lengthWords } from '@/geometry/measure'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useWish } from '../plan/wish'

/** count: how many stand alike, of which `tree` is the first. */
const props = defineProps<{ groups: { tree: GroveTree; count: number }[] }>()
const emit = defineEmits<{ done: [] }>()
const { units } = useSettings()
const router = useRouter()
const WANTS = [
  {
    id: 'lower',
    get name() {
      return tell('a-height-to-pick-from')
    },
  },
  {
    id: 'tidy',
    get name() {
      return tell('tidy-as-it-is')
    },
  },
  {
    id: 'first',
    get name() {
      return tell('its-first-years-shape-it')
    },
  },
  {
    id: 'renew',
    get name() {
      return tell('bring-it-back-it-is')
    },
  },
  {
    id: 'frost',
    get name() {
      return tell('frost-hurt-it')
    },
  },
] as const
type Want = (typeof WANTS)[number]['id']
const wants = ref<Record<string, Want>>({})
const heights = ref<Record<string, number | null>>({})
const first = computed(() => props.groups[0]?.tree.id)
const { data: aim } = useQuery({
  queryKey: ['aim', first, units],
  queryFn: () => heed(api.GET('/api/trees/{id}/aim', { params: { path: { id: first.value! } } })),
  enabled: computed(() => !!first.value),
})
const { act, busy, trouble, fields } = useAct()
async function go() {
  const done = await act(async () => {
    for (const { tree, count } of props.groups) {
      const want = wants.value[tree.id]
      if (want === 'lower' && heights.value[tree.id])
        await heed(
          api.PUT('/api/trees/{id}/aim', {
            params: { path: { id: tree.id } },
            body: { scope: count > 1 ? 'row' : 'tree', height_m: heights.value[tree.id] },
          }),
        )
      if (want === 'first') useWork(() => ({ id: tree.id, main_work: 'young' })).value = 'young'
      else if (want && want !== 'frost') useWish(tree.id).wish.goal = want
    }
  })
  if (!done) return
  const one = props.groups.length === 1 ? props.groups[0]! : null
  const frost = props.groups.find(({ tree }) => wants.value[tree.id] === 'frost')
  emit('done')
  await router.push(
    frost ? `/tree/${frost.tree.id}/frost` : one ? `/tree/${one.tree.id}` : '/today',
  )
}
</script>

<template>
  <form
    class="grid gap-4"
    :aria-label="tell('what-is-wanted')"
    data-test="planted"
    @submit.prevent="go"
  >
    <fieldset v-for="{ tree, count } in groups" :key="tree.id" class="sheet-card">
      <legend class="plate">
        {{ tree.name
        }}<span v-if="count > 1" class="text-ink2">{{
          tell('and-more-2', { count: count - 1 })
        }}</span>
      </legend>
      <p class="text-ink2">{{ tell('today-5', { kindName: tree.kind_name, need: tree.need }) }}</p>
      <div class="flex flex-wrap gap-2 mt-2">
        <button
          v-for="w in WANTS"
          :key="w.id"
          type="button"
          class="choice"
          :class="{ on: wants[tree.id] === w.id }"
          :aria-pressed="wants[tree.id] === w.id"
          @click="wants[tree.id] = w.id"
        >
          {{ w.name }}
        </button>
      </div>
      <div v-if="wants[tree.id] === 'lower'" class="mt-3 grid gap-2">
        <MeasureField
          :model-value="heights[tree.id] ?? null"
          :label="tell('how-high-2')"
          kind="length"
          :wrong="fields['/height_m']"
          @update:model-value="heights[tree.id] = $event"
        />
        <div class="flex flex-wrap gap-2">
          <button
            v-for="p in aim?.picks ?? []"
            :key="p.says"
            type="button"
            class="btn btn-small"
            @click="heights[tree.id] = p.height_m"
          >
            {{ p.says }}, {{ lengthWords(p.height_m, units) }}
          </button>
        </div>
      </div>
    </fieldset>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <button class="btn btn-go" :disabled="busy">
      {{ Object.keys(wants).length ? tell('what-may-be-done-today') : tell('not-now-what-may-be') }}
    </button>
  </form>
</template>
