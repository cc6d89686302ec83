<script setup lang="ts">
/** A shape laid over a tree: which limbs break it, and how to make it the cuts. */
import tell from 'words:heights'
import PickOne from '@/controls/PickOne.vue'
import { api, heed, type Schemas } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import MeasureField from '@/controls/MeasureField.vue'
import { lengthWords } from '@/geometry/measure'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, reactive, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useWish } from '../plan/wish'

type Shape = Schemas['OutlineIn']['shape']
type Laid = Schemas['EnvelopeOut']
const props = defineProps<{ treeId: string; ready: boolean }>()
const emit = defineEmits<{ laid: [shape: Laid | null] }>()
const { units } = useSettings()
const SHAPES: { id: Shape; name: string }[] = [
  {
    id: 'round',
    get name() {
      return tell('upright-round')
    },
  },
  {
    id: 'globe',
    get name() {
      return tell('globe')
    },
  },
  {
    id: 'pyramid',
    get name() {
      return tell('pyramid')
    },
  },
  {
    id: 'wall',
    get name() {
      return tell('wall')
    },
  },
]
const WINDS = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW']
const laid = ref(false)
const outline = reactive({
  shape: 'round' as Shape,
  top: null as number | null,
  half: null as number | null,
  draw: 0,
  side: 180,
})
const asked = computed(() => ({
  shape: outline.shape,
  top_m: outline.top,
  half_m: outline.half,
  draw_in_m: outline.draw,
  draw_in_deg: outline.side,
}))
const { data: shape } = useQuery({
  queryKey: ['envelope', () => props.treeId, asked],
  queryFn: () =>
    heed(
      api.POST('/api/trees/{id}/envelope', {
        params: { path: { id: props.treeId } },
        body: asked.value,
      }),
    ),
  enabled: computed(() => props.ready && laid.value),
  placeholderData: keepPreviousData,
})
watch([shape, laid], () => emit('laid', laid.value ? (shape.value ?? null) : null))
const router = useRouter()
/** The plan is asked for with this shape; it costs and stages the cuts. */
function makeCuts() {
  const { wish } = useWish(props.treeId)
  Object.assign(wish, {
    by: 'shape',
    goal: 'lower',
    shape: outline.shape,
    top: shape.value?.top_m ?? outline.top,
    half: shape.value?.half_m ?? outline.half,
    draw: outline.draw,
    side: outline.side,
  })
  void router.push(`/tree/${props.treeId}/cut`)
}
</script>

<template>
  <section :aria-label="tell('a-shape')" class="grid gap-2">
    <label class="flex gap-2 items-center min-h-touch"
      ><input v-model="laid" type="checkbox" />
      <b class="text-lead">{{ tell('lay-a-shape-over-it') }}</b></label
    >
    <template v-if="laid">
      <div class="flex flex-wrap gap-2">
        <button
          v-for="s in SHAPES"
          :key="s.id"
          type="button"
          class="choice"
          :class="{ on: outline.shape === s.id }"
          :aria-pressed="outline.shape === s.id"
          @click="outline.shape = s.id"
        >
          {{ s.name }}
        </button>
      </div>
      <div class="grid grid-cols-3 gap-3 items-end">
        <MeasureField
          :label="tell('top')"
          kind="length"
          :model-value="outline.top"
          :placeholder="shape ? lengthWords(shape.top_m, units) : ''"
          @update:model-value="outline.top = $event"
        />
        <MeasureField
          :label="tell('from-the-trunk')"
          kind="length"
          :model-value="outline.half"
          :placeholder="shape ? lengthWords(shape.half_m, units) : ''"
          @update:model-value="outline.half = $event"
        />
        <MeasureField
          :label="tell('drawn-in-by')"
          kind="length"
          :model-value="outline.draw || null"
          placeholder="0"
          @update:model-value="outline.draw = $event ?? 0"
        />
      </div>
      <div v-if="outline.draw" class="w-40">
        <label class="label" for="draw-side">{{ tell('on-the-side-facing') }}</label>
        <PickOne id="draw-side" v-model="outline.side" class="field">
          <option v-for="(w, i) in WINDS" :key="w" :value="i * 45">{{ w }}</option>
        </PickOne>
      </div>
      <p v-if="shape" role="status" data-test="breaks">
        <template v-if="!shape.breaks.length">{{ tell('every-limb-keeps-within-it') }}</template>
        <template v-else-if="shape.breaks.length === 1">{{ tell('n-1-limb-breaks-it') }}</template>
        <template v-else>{{ tell('limbs-break-it', { breaks: shape.breaks.length }) }}</template>
        {{
          shape.breaks
            .slice(0, 5)
            .map((b) => `${b.name} by ${lengthWords(b.beyond_m, units)}`)
            .join('; ')
        }}
      </p>
      <button v-if="shape?.breaks.length" type="button" class="btn btn-go w-fit" @click="makeCuts">
        {{ tell('make-these-the-cuts') }}
      </button>
    </template>
  </section>
</template>
