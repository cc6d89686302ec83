<script setup lang="ts">
/**
 * Shoots ranked with their reasons; what is grown on is chosen here, and what came out of the trunk
 * is drawn in.
 */
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
  heard.value = done ? 'Written down. Stake, ties, suckers and thinning come up on Today.' : ''
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
  { value: 'tree', says: 'Tree, a trunk and its limbs' },
  { value: 'bush', says: 'Bush, many stems' },
  { value: 'leader', says: 'One leader' },
]
</script>

<template>
  <div v-if="data" class="grid gap-3">
    <div>
      <label class="label" for="grow-form"
        >Form, by your way of working unless you change it here</label
      >
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
        No live shoot is drawn on the trunk. Draw in what came out of it.
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
              s.points === null ? 'no' : `${s.points.toFixed(1)} points`
            }}</span>
          </label>
        </li>
      </ol>
      <div class="flex flex-wrap gap-2 items-center">
        <button type="button" class="btn btn-go" :disabled="busy || !keep.length" @click="choose">
          Grow these on
        </button>
        <span v-if="data.chosen_on" class="text-note">Chosen {{ dayWords(data.chosen_on) }}.</span>
        <span role="status" class="text-note">{{ heard }}</span>
      </div>
    </template>
    <p v-else>In this class the limbs that live stay the skeleton: nothing must be chosen anew.</p>
    <button v-if="!adding" type="button" class="btn justify-self-start" @click="adding = true">
      Draw in a new shoot
    </button>
    <form
      v-else
      class="grid grid-cols-2 gap-2 border-t-2 border-ink pt-2"
      aria-label="A new shoot"
      @submit.prevent="add"
    >
      <NewLimb v-model="fresh" />
      <div class="flex gap-2 items-end">
        <button class="btn btn-go" :disabled="!whole || busy">Draw it in</button>
        <button type="button" class="btn" @click="adding = false">Leave it</button>
      </div>
    </form>
  </div>
</template>
