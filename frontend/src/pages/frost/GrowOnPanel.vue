<script setup lang="ts">
/**
 * Shoots ranked with their reasons; what is grown on is chosen here, and what came out of the trunk
 * is drawn in.
 */
import { decimals } from '@/words/numbers'
import tell from 'words:frost'
import SaidText from '@/controls/SaidText.vue'
import PickOne from '@/controls/PickOne.vue'
import { api, heed, type Schemas } from '@/api/client'
import { newId } from '@/api/ids'
import NewLimb from '@/controls/NewLimb.vue'
import { freshLimb } from '@/controls/limb'
import { dayWords } from '@/geometry/day'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'

const props = defineProps<{
  id: string
  act: (what: () => Promise<unknown>) => Promise<boolean>
  busy: boolean
}>()
type Form = Schemas['GrowOnOut']['form']
const form = ref<Form | null>(null)
const { data } = useQuery({
  queryKey: ['grow-on', () => props.id, form],
  queryFn: () =>
    heed(
      api.GET('/api/trees/{id}/grow-on', {
        params: { path: { id: props.id }, query: form.value ? { form: form.value } : {} },
      }),
    ),
})
const keep = ref<string[]>([])
watch(data, (d) => d && (keep.value = [...d.chosen]), { immediate: true })
const heard = ref('')
async function choose() {
  const body = { keep: inOrder.value, form: form.value }
  const done = await props.act(() =>
    heed(api.POST('/api/trees/{id}/grow-on', { params: { path: { id: props.id } }, body })),
  )
  heard.value = done ? tell('written-down-stake-ties-suckers') : ''
}
const inOrder = computed(() =>
  (data.value?.leaders?.shoots ?? []).map((s) => s.id).filter((s) => keep.value.includes(s)),
)
const adding = ref(false)
const fresh = ref(freshLimb(85))
const whole = computed(
  () => fresh.value.at !== null && fresh.value.mm !== null && fresh.value.length !== null,
)
async function add() {
  const body = {
    id: newId(),
    at_m: fresh.value.at!,
    diameter_mm: fresh.value.mm!,
    length_m: fresh.value.length!,
    rise_deg: fresh.value.rise,
    bearing_deg: fresh.value.bearing,
  }
  if (
    await props.act(() =>
      heed(api.POST('/api/trees/{id}/new-shoots', { params: { path: { id: props.id } }, body })),
    )
  ) {
    fresh.value = freshLimb(85)
    adding.value = false
  }
}
const FORMS: { value: Form; says: string }[] = [
  {
    value: 'tree',
    get says() {
      return tell('tree-a-trunk-and-its')
    },
  },
  {
    value: 'bush',
    get says() {
      return tell('bush-many-stems')
    },
  },
  {
    value: 'leader',
    get says() {
      return tell('one-leader')
    },
  },
]
</script>

<template>
  <div v-if="data" class="grid gap-3">
    <div>
      <label class="label" for="grow-form">{{ tell('form-by-your-way-of') }}</label>
      <PickOne
        id="grow-form"
        class="field"
        :model-value="form ?? data.form"
        @update:model-value="form = $event as Form"
      >
        <option v-for="f in FORMS" :key="f.value" :value="f.value">{{ f.says }}</option>
      </PickOne>
    </div>
    <template v-if="data.leaders">
      <p v-for="r in data.leaders.reasons" :key="r.code" class="text-note">
        {{ r.text }}
      </p>
      <p v-if="!data.leaders.shoots.length">
        {{ tell('no-live-shoot-is-drawn') }}
      </p>
      <ol class="text-base" data-test="leaders">
        <li v-for="s in data.leaders.shoots" :key="s.id" class="border-t border-rule">
          <label
            class="grid grid-cols-[auto_1fr_auto] gap-3 py-2 min-h-touch items-start"
            :class="{ 'cursor-pointer': s.points !== null }"
          >
            <input
              v-model="keep"
              type="checkbox"
              :value="s.id"
              :disabled="s.points === null"
              class="w-6 h-6 mt-0.5"
            />
            <span
              ><b>{{ data.names[s.id] ?? s.id }}</b> <SaidText :text="s.reason.text"
            /></span>
            <span class="num">{{
              s.points === null ? tell('no-2') : tell('points', { points: decimals(s.points, 1) })
            }}</span>
          </label>
        </li>
      </ol>
      <div class="flex flex-wrap gap-2 items-center">
        <button type="button" class="btn btn-go" :disabled="busy || !keep.length" @click="choose">
          {{ tell('grow-these-on') }}
        </button>
        <span v-if="data.chosen_on" class="text-note">{{
          tell('chosen-2', { chosenOn: dayWords(data.chosen_on) })
        }}</span>
        <span role="status" class="text-note">{{ heard }}</span>
      </div>
    </template>
    <p v-else>{{ tell('in-this-class-the-limbs') }}</p>
    <button v-if="!adding" type="button" class="btn justify-self-start" @click="adding = true">
      {{ tell('draw-in-a-new-shoot') }}
    </button>
    <form
      v-else
      class="grid grid-cols-2 gap-2 border-t-2 border-ink pt-2"
      :aria-label="tell('a-new-shoot')"
      @submit.prevent="add"
    >
      <NewLimb v-model="fresh" />
      <div class="flex gap-2 items-end">
        <button class="btn btn-go" :disabled="!whole || busy">{{ tell('draw-it-in') }}</button>
        <button type="button" class="btn" @click="adding = false">{{ tell('leave-it-2') }}</button>
      </div>
    </form>
  </div>
</template>
