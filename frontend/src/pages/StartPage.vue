<script setup lang="ts">
/**
 * Three questions: where the trees stand, what stands there, what is wanted of them. Left and come
 * back to, it goes on where it was. A verdict for every tree before anything is measured.
 */
import TongueChoice from '@/controls/TongueChoice.vue'
import { decimals } from '@/words/numbers'
import tell from 'words:start'
import { useGrove } from '@/composables/useGrove'
import { useSessionStorage } from '@vueuse/core'
import { computed } from 'vue'
import ListIn from './start/ListIn.vue'
import PlaceForm from './start/PlaceForm.vue'
import SayIn from './start/SayIn.vue'
import StartStep from './start/StartStep.vue'
import WantIn from './start/WantIn.vue'

const { data: grove } = useGrove()
const site = computed(() => grove.value?.sites[0])
/** Trees that were planted a moment ago and not asked about yet. */
const planted = useSessionStorage<{ id: string; count: number }[]>('billhook-planted', [])
const groups = computed(() =>
  planted.value.flatMap((p) => {
    const tree = grove.value?.trees.find((t) => t.id === p.id)
    return tree ? [{ tree, count: p.count }] : []
  }),
)
const step = computed(() => (!grove.value?.holding ? 1 : groups.value.length ? 3 : 2))
const where = computed(() => {
  const s = site.value
  if (!s) return ''
  const degrees = decimals(Math.abs(s.latitude), 1)
  return s.latitude < 0
    ? tell('lies-south', { name: s.name, degrees })
    : tell('lies-north', { name: s.name, degrees })
})
const stands = computed(() =>
  groups.value.map((g) => `${g.count > 1 ? `${g.count} × ` : ''}${g.tree.kind_name}`).join(', '),
)
const state = (nth: number) => (nth < step.value ? 'done' : nth === step.value ? 'now' : 'later')
</script>

<template>
  <div v-if="grove" class="start">
    <div class="staff" aria-hidden="true" />
    <div class="px-4 pb-6 min-w-0">
      <TongueChoice class="mb-2" />
      <p v-if="step === 1" class="text-ink2 pt-3">
        {{ tell('may-i-cut-today-and') }}
      </p>
      <StartStep :nth="1" :name="tell('where', { step })" :state="state(1)" :says="where">
        <template #change
          ><RouterLink class="underline" to="/place">{{ tell('change') }}</RouterLink></template
        >
        <PlaceForm />
      </StartStep>
      <StartStep
        :nth="2"
        :name="
          step === 2
            ? tell('what-stands-in', { holding: grove.holding })
            : tell('what-stands-there')
        "
        :state="state(2)"
        :says="step === 3 ? `${stands}.` : undefined"
      >
        <template #change>
          <button type="button" class="underline" @click="planted = []">
            {{ tell('add-more') }}
          </button>
        </template>
        <SayIn :grove="grove" @planted="planted = $event" />
        <details v-if="site" class="mt-6">
          <summary class="tag text-part py-2">{{ tell('or-bring-in-a-list') }}</summary>
          <ListIn :grove="grove" />
        </details>
        <details class="mt-2">
          <summary class="tag text-part py-2">{{ tell('another-place') }}</summary>
          <PlaceForm class="mt-3" :holding="grove.holding ?? ''" />
        </details>
      </StartStep>
      <StartStep
        :nth="3"
        :name="step === 3 ? tell('what-do-you-want-of') : tell('what-you-want-of-them')"
        :state="state(3)"
        :says="step < 3 ? tell('how-high-how-it-is') : undefined"
      >
        <WantIn :groups="groups" @done="planted = []" />
      </StartStep>
    </div>
  </div>
</template>

<style scoped>
.start {
  display: grid;
  grid-template-columns: 34px minmax(0, 1fr);
  max-width: 900px;
  margin: 0 auto;
  min-height: calc(100dvh - var(--head) - var(--foot));
}
/* a levelling staff, chequered */
.staff {
  border-right: 2px solid var(--ink);
  background: conic-gradient(var(--ink) 25%, transparent 0 50%, var(--ink) 0 75%, transparent 0) 0
    0 / 32px 36px;
  opacity: 0.85;
}
</style>
