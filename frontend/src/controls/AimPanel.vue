<script setup lang="ts">
/**
 * How high a tree is wanted: a number, so much off the top, or by how it is picked; for the tree,
 * its row, its block or the holding. Under it the visits that bring it down.
 */
import { api, heed } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { useSettings } from '@/composables/useSettings'
import { dayWords, lengthWords, shareWords } from '@/geometry/measure'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import MeasureField from './MeasureField.vue'

const props = defineProps<{ treeId: string; height: number | null }>()
const { units } = useSettings()
const { act, busy, fields, trouble } = useAct()
const SCOPES = [
  { id: 'tree', name: 'this tree' },
  { id: 'row', name: 'its row' },
  { id: 'block', name: 'its block' },
  { id: 'holding', name: 'all trees' },
] as const
type Scope = (typeof SCOPES)[number]['id']
const scope = ref<Scope>('tree')
const wanted = ref<number | null>(null)
const { data: aim } = useQuery({
  queryKey: ['aim', () => props.treeId, units],
  queryFn: () => heed(api.GET('/api/trees/{id}/aim', { params: { path: { id: props.treeId } } })),
})
watch(aim, (now) => {
  if (!now) return
  wanted.value = now.height_m
  scope.value = now.said_by ?? 'tree'
})
async function say(height: number | null) {
  await act(() =>
    heed(
      api.PUT('/api/trees/{id}/aim', {
        params: { path: { id: props.treeId } },
        body: { scope: scope.value, height_m: height },
      }),
    ),
  )
}
const by = computed(() => SCOPES.find((s) => s.id === aim.value?.said_by)?.name)
</script>

<template>
  <section class="grid gap-3" aria-label="How high do you want it?">
    <h2 class="text-[1.5rem]">How high do you want it?</h2>
    <p v-if="aim && aim.height_m === null" class="text-ink2">
      Nobody said; until then its height is no finding.
    </p>
    <form class="grid grid-cols-[1fr_1fr_auto] gap-2 items-end" @submit.prevent="say(wanted)">
      <MeasureField v-model="wanted" label="Height" kind="length" :wrong="fields['/height_m']" />
      <div>
        <label class="label" :for="`aim-${treeId}`">for</label>
        <select :id="`aim-${treeId}`" v-model="scope" class="field">
          <option v-for="s in SCOPES" :key="s.id" :value="s.id">{{ s.name }}</option>
        </select>
      </div>
      <button class="btn" :disabled="!wanted || busy">Keep it so</button>
    </form>
    <div class="flex flex-wrap gap-2">
      <button
        v-for="p in aim?.picks ?? []"
        :key="p.says"
        type="button"
        class="choice"
        @click="wanted = p.height_m"
      >
        {{ p.says }}, {{ lengthWords(p.height_m, units) }}
      </button>
      <button v-if="aim?.height_m" type="button" class="link" @click="say(null)">
        Take it back
      </button>
    </div>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <template v-if="aim?.height_m">
      <p>
        {{ lengthWords(aim.height_m, units) }} for {{ by
        }}<template v-if="height">; it stands {{ lengthWords(height, units) }} now</template>.
      </p>
      <template v-if="aim.stairs">
        <p v-for="r in aim.stairs.reasons" :key="r.code">{{ r.text }}</p>
        <table v-if="aim.stairs.visits.length" class="w-full text-left" data-test="stairs">
          <thead>
            <tr class="text-ink2">
              <th>Visit</th>
              <th>down to</th>
              <th>takes</th>
              <th>then stands</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="v in aim.stairs.visits" :key="v.day" class="border-t border-rule">
              <td class="py-1">{{ dayWords(v.day) }}</td>
              <td>{{ lengthWords(v.to_m, units) }}</td>
              <td>{{ shareWords(v.share) }}</td>
              <td>{{ lengthWords(v.after_m, units) }}</td>
            </tr>
          </tbody>
        </table>
        <p v-if="aim.stairs.visits.length" class="text-ink2">
          Each on the cheapest open day of its year; “then” is at the next visit, or a year on.
        </p>
      </template>
    </template>
  </section>
</template>
