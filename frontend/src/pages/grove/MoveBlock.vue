<script setup lang="ts">
/** A whole block moved, turned or spread out on the plan; it is shown there before it is done. */
import tell from 'words:grove'
import { api, heed, Refused, sentence, type Grove } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { useSettings } from '@/composables/useSettings'
import MeasureField from '@/controls/MeasureField.vue'
import PickOne from '@/controls/PickOne.vue'
import WordField from '@/controls/WordField.vue'
import { lengthWords } from '@/geometry/measure'
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, nextTick, reactive, ref, useId, watch } from 'vue'
import type { Drafting } from './useDraft'

const props = defineProps<{ grove: Grove; siteId: string; drafting: Drafting }>()
const { units } = useSettings()
const { act, busy, fields, trouble } = useAct()
const id = useId()
const block = ref('')
const lie = reactive({
  bearing_deg: null as number | null,
  row_spacing_m: null as number | null,
  spacing_m: null as number | null,
})
const blocks = computed(() => props.grove.blocks.filter((b) => b.site_id === props.siteId))
watch(block, (now) => {
  Object.assign(lie, { bearing_deg: null, row_spacing_m: null, spacing_m: null })
  props.drafting.begin(now ? 'moved' : null)
})
const body = computed(() => ({
  east_m: props.drafting.by.value.x,
  north_m: props.drafting.by.value.y,
  ...lie,
}))
const asked = refDebounced(body, 150)
const { data: laid, error } = useQuery({
  queryKey: ['lie', block, asked],
  queryFn: () =>
    heed(
      api.POST('/api/blocks/{id}/lie', {
        params: { path: { id: block.value } },
        body: asked.value,
      }),
    ),
  enabled: () => !!block.value,
  retry: false,
})
watch(laid, (found) => {
  if (!found || !block.value) return
  const spots = (all: number[][]) => all.map(([x, y]) => ({ x: x!, y: y! }))
  props.drafting.lay(spots(found.outline), spots(found.spots))
})
const wrong = computed(() =>
  error.value instanceof Refused ? { ...error.value.fields, ...fields.value } : fields.value,
)
const changed = computed(() => Object.values(body.value).some((value) => value))
async function lay() {
  const params = { path: { id: block.value } }
  await act(async () => {
    await heed(api.PUT('/api/blocks/{id}/lie', { params, body: body.value }))
    block.value = ''
    await nextTick()
  })
}
</script>

<template>
  <form class="grid gap-3" :aria-label="tell('a-block-to-be-moved')" @submit.prevent="lay">
    <h1 class="text-title">{{ tell('move-trees') }}</h1>
    <p class="text-note">
      {{ tell('drag-a-tree-to-where') }}
    </p>
    <div>
      <label class="label" :for="`${id}-block`">{{ tell('or-a-whole-block') }}</label>
      <PickOne :id="`${id}-block`" v-model="block" class="field">
        <option value="">{{ tell('none') }}</option>
        <option v-for="b in blocks" :key="b.id" :value="b.id">{{ b.name }}</option>
      </PickOne>
    </div>
    <template v-if="block">
      <p class="text-note">
        {{ tell('drag-it-on-the-plan') }}
      </p>
      <WordField
        v-model="lie.bearing_deg"
        :label="tell('its-rows-run-to')"
        kind="direction"
        :wrong="wrong['/bearing_deg']"
      />
      <div class="grid grid-cols-2 gap-3">
        <MeasureField
          v-model="lie.row_spacing_m"
          :label="tell('between-rows')"
          kind="length"
          :placeholder="laid?.row_spacing_m ? lengthWords(laid.row_spacing_m, units) : undefined"
          :wrong="wrong['/row_spacing_m']"
        />
        <MeasureField
          v-model="lie.spacing_m"
          :label="tell('between-trees-in-a-row')"
          kind="length"
          :placeholder="laid?.spacing_m ? lengthWords(laid.spacing_m, units) : undefined"
          :wrong="wrong['/spacing_m']"
        />
      </div>
      <p v-if="wrong['/east_m']" class="wrong" role="alert">
        {{ tell('there-2', { wrong: wrong['/east_m'] }) }}
      </p>
      <p v-else-if="trouble && !Object.keys(fields).length" class="wrong" role="alert">
        {{ trouble }}
      </p>
      <p v-else-if="error && !(error instanceof Refused)" class="wrong">{{ sentence(error) }}</p>
      <p v-if="laid" class="text-note text-ink2" role="status" data-test="lies">
        <template v-if="laid.bearing_deg !== null">{{
          tell('rows-run-to-from-north', { count: Math.round(laid.bearing_deg) })
        }}</template><template v-if="laid.row_spacing_m !== null">{{
          tell('apart', { rowSpacing: lengthWords(laid.row_spacing_m, units) })
        }}</template
        ><template v-if="laid.spacing_m !== null">{{
          tell('from-tree-to-tree', { spacing: lengthWords(laid.spacing_m, units) })
        }}</template
        >.
      </p>
      <div class="flex gap-2">
        <button class="btn btn-go" :disabled="!changed || !!error || busy">
          {{ tell('lay-it-so') }}
        </button>
        <button type="button" class="btn" @click="block = ''">{{ tell('leave-it-2') }}</button>
      </div>
    </template>
  </form>
</template>
