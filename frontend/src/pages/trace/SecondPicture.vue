<script setup lang="ts">
/**
 * A second picture from another side, if wanted: its scale, then the tip of each limb. What runs
 * toward or away on the first is then seen.
 */
import tell from 'words:trace'
import PhotoTouch from '@/drawings/PhotoTouch.vue'
import TouchMarks from '@/drawings/TouchMarks.vue'
import { dueSecond, untouched, type Touch } from '@/geometry/trace'
import { computed } from 'vue'
import PhotoPick from './PhotoPick.vue'
import PictureFacts from './PictureFacts.vue'
import { tenths, type Picture, type Second, type Tracing } from './useTrace'

const second = defineModel<Second | null>({ required: true })
const props = defineProps<{
  tracing: Tracing
  photos: (Picture & { day: string })[]
  name: string
}>()
const limbs = computed(() => props.tracing.now.value.limbs)
const due = computed(() =>
  second.value ? dueSecond(second.value.touches, limbs.value, second.value.left) : null,
)
const nth = computed(() => limbs.value.findIndex((l) => l.id === due.value) + 1)
const asks = computed(() => {
  if (due.value === 'foot') return tell('on-this-picture-touch-the')
  if (due.value === 'low') return tell('touch-the-lower-end-of')
  if (due.value === 'high') return tell('touch-its-upper-end')
  return due.value
    ? tell('touch-the-tip-of-limb', { nth: nth.value })
    : tell('every-tip-is-touched')
})
/** Both pictures are measured by the same thing, taken a quarter round. */
function start(picture: Picture) {
  const facts = props.tracing.facts.value
  const from_deg = (facts.from_deg + 90) % 360
  const scale = facts.scale === 'tree' ? 'staff' : facts.scale
  second.value = { picture, facts: { ...facts, scale, from_deg }, touches: [], left: [] }
}
function touch(at: Touch) {
  if (!second.value || !due.value) return
  const touches = [...second.value.touches, { what: due.value, at: tenths(at) }]
  second.value = { ...second.value, touches }
}
function leave() {
  if (second.value && due.value)
    second.value = { ...second.value, left: [...second.value.left, due.value] }
}
function undo() {
  if (second.value)
    second.value = { ...second.value, touches: second.value.touches.slice(0, -1), left: [] }
}
/** Drawn as on the first: the scale, and a numbered mark at each tip. */
const marks = computed(() => {
  const at = new Map((second.value?.touches ?? []).map((t) => [t.what, t.at]))
  const tips = limbs.value.flatMap((l) => {
    const tip = at.get(l.id)
    return tip ? [{ ...l, fork: tip, tip, thick: {} }] : []
  })
  return {
    ...untouched(),
    foot: at.get('foot') ?? null,
    low: at.get('low') ?? null,
    high: at.get('high') ?? null,
    limbs: tips,
  }
})
const wrong = computed(() =>
  Object.fromEntries(
    Object.entries(props.tracing.wrong.value)
      .filter(([p]) => p.startsWith('/second'))
      .map(([p, says]) => [p.slice('/second'.length), says]),
  ),
)
</script>

<template>
  <details :open="!!second">
    <summary class="tag text-lead py-2.5">{{ tell('a-second-picture-if-you') }}</summary>
    <p class="text-note">
      {{ tell('from-another-side-about-a') }}
    </p>
    <PhotoPick v-if="!second" :photos="photos" :name="name" :take="tracing.take" @picked="start" />
    <div v-else class="grid gap-2">
      <PictureFacts v-model="second.facts" :wrong="wrong" />
      <p class="tag text-lead" role="status">{{ asks }}</p>
      <PhotoTouch
        :src="tracing.srcOf(second.picture.id)"
        :width="second.picture.width"
        :height="second.picture.height"
        :says="tell('second-photo-of', { name, asks })"
        @touch="touch"
      >
        <template #default="{ scale }">
          <TouchMarks :touched="marks" :scale="scale" :selected="null" />
        </template>
      </PhotoTouch>
      <div class="flex flex-wrap gap-2">
        <button v-if="nth" type="button" class="btn btn-small" @click="leave">
          {{ tell('not-to-be-seen') }}
        </button>
        <button
          type="button"
          class="btn btn-small"
          :disabled="!second.touches.length"
          @click="undo"
        >
          {{ tell('undo-on-this-picture') }}
        </button>
        <button type="button" class="link" @click="second = null">
          {{ tell('leave-the-second-picture') }}
        </button>
      </div>
    </div>
  </details>
</template>
